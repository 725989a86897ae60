package ongle.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Semaphore;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes in what is sent before anybody works on it: no more than any form or set file holds, within
 * a time, and never with so many at once that nobody is left to answer the others. Pictures and
 * files come in parts and are read by the server itself; of those, few at once.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
public class WholeBody extends OncePerRequestFilter {
  /** Largest body taken, bytes; a full set file has about 10 kB. */
  public static final int MAX_BYTES = 256 * 1024;

  /** Largest picture taken, bytes. */
  public static final int MAX_PICTURE_BYTES = 15 * 1024 * 1024;

  /** What a form adds around a file, bytes. */
  private static final int WRAPPING = 64 * 1024;

  private static final Duration PATIENCE = Duration.ofSeconds(10);

  /** Most that are read at once; the server has 200 hands. */
  private static final int MAX_AT_ONCE = 100;

  private static final int MAX_IN_PARTS = 20;

  private final Semaphore reading = new Semaphore(MAX_AT_ONCE);
  private final Semaphore parts = new Semaphore(MAX_IN_PARTS);
  private final ComeAgain comeAgain;

  WholeBody(ComeAgain comeAgain) {
    this.comeAgain = comeAgain;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getContentLengthLong() > max(request)) {
      response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
      return;
    }
    boolean nothing =
        request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null;
    if (nothing) {
      chain.doFilter(request, response);
    } else if (type(request).startsWith("multipart/")) {
      inTurn(parts, request, response, () -> chain.doFilter(request, response));
    } else {
      byte[][] body = new byte[1][];
      inTurn(reading, request, response, () -> body[0] = read(request, response));
      if (body[0] != null) {
        chain.doFilter(new Read(request, body[0]), response);
      }
    }
  }

  /** Something that reads from the network. */
  private interface Reading {
    void go() throws IOException, ServletException;
  }

  private void inTurn(
      Semaphore turns, HttpServletRequest request, HttpServletResponse response, Reading reading)
      throws IOException, ServletException {
    if (!turns.tryAcquire()) {
      comeAgain.say(request, response);
      return;
    }
    try {
      reading.go();
    } finally {
      turns.release();
    }
  }

  private static int max(HttpServletRequest request) {
    return request.getRequestURI().endsWith("/photo") ? MAX_PICTURE_BYTES + WRAPPING : MAX_BYTES;
  }

  private static String type(HttpServletRequest request) {
    return request.getContentType() == null ? "" : request.getContentType();
  }

  /** The body; null once it was refused. */
  private static byte[] read(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    long until = System.nanoTime() + PATIENCE.toNanos();
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    byte[] some = new byte[8192];
    InputStream in = request.getInputStream();
    for (int read = in.read(some); read >= 0; read = in.read(some)) {
      body.write(some, 0, read);
      if (body.size() > MAX_BYTES) {
        response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        return null;
      }
      if (System.nanoTime() > until) {
        response.setHeader("Connection", "close");
        response.sendError(HttpServletResponse.SC_REQUEST_TIMEOUT);
        return null;
      }
    }
    return body.toByteArray();
  }

  /** A request with its body in the hand, and the fields of the form in it. */
  private static final class Read extends HttpServletRequestWrapper {
    private final byte[] body;
    private final Map<String, String[]> fields = new LinkedHashMap<>();

    Read(HttpServletRequest request, byte[] body) {
      super(request);
      this.body = body;
      Map<String, List<String>> all = new LinkedHashMap<>();
      request
          .getParameterMap()
          .forEach((name, values) -> all.put(name, new ArrayList<>(List.of(values))));
      if (type(request).startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)) {
        for (String pair : new String(body, StandardCharsets.UTF_8).split("&")) {
          int at = pair.indexOf('=');
          String name = decoded(at < 0 ? pair : pair.substring(0, at));
          if (!name.isEmpty()) {
            all.computeIfAbsent(name, each -> new ArrayList<>())
                .add(at < 0 ? "" : decoded(pair.substring(at + 1)));
          }
        }
      }
      all.forEach((name, values) -> fields.put(name, values.toArray(String[]::new)));
    }

    /** As typed, where it was badly encoded. */
    private static String decoded(String text) {
      try {
        return URLDecoder.decode(text, StandardCharsets.UTF_8);
      } catch (IllegalArgumentException bad) {
        return text;
      }
    }

    @Override
    public String getParameter(String name) {
      String[] values = fields.get(name);
      return values == null || values.length == 0 ? null : values[0];
    }

    @Override
    public String[] getParameterValues(String name) {
      return fields.get(name);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
      return Collections.unmodifiableMap(fields);
    }

    @Override
    public Enumeration<String> getParameterNames() {
      return Collections.enumeration(fields.keySet());
    }

    @Override
    public ServletInputStream getInputStream() {
      ByteArrayInputStream in = new ByteArrayInputStream(body);
      return new ServletInputStream() {
        @Override
        public int read() {
          return in.read();
        }

        @Override
        public int read(byte[] into, int from, int length) {
          return in.read(into, from, length);
        }

        @Override
        public boolean isFinished() {
          return in.available() == 0;
        }

        @Override
        public boolean isReady() {
          return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
          throw new IllegalStateException("it is read already");
        }
      };
    }

    @Override
    public BufferedReader getReader() {
      return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
  }
}
