package ongle.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies larger than any set file, announced or not, before they fill the memory. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
public class BodyLimit extends OncePerRequestFilter {
  /** Largest body taken, bytes; a full set file has about 10 kB. */
  public static final int MOST_BYTES = 256 * 1024;

  /** Largest picture taken, bytes. */
  public static final int MOST_PICTURE_BYTES = 15 * 1024 * 1024;

  /** What a form adds around a file, bytes. */
  private static final int WRAPPING = 64 * 1024;

  /** A body that went on past the limit. */
  public static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge() {
      super("body larger than " + MOST_BYTES + " bytes");
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getContentLengthLong() > most(request)) {
      response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
      return;
    }
    // Forms are read by the server itself, which has its own limit.
    boolean unannounced = request.getContentLengthLong() < 0 && !"GET".equals(request.getMethod());
    chain.doFilter(unannounced ? new Counted(request) : request, response);
  }

  private static int most(HttpServletRequest request) {
    return request.getRequestURI().endsWith("/photo") ? MOST_PICTURE_BYTES + WRAPPING : MOST_BYTES;
  }

  private static final class Counted extends HttpServletRequestWrapper {
    Counted(HttpServletRequest request) {
      super(request);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      ServletInputStream in = super.getInputStream();
      return new ServletInputStream() {
        private int read;

        @Override
        public int read() throws IOException {
          int next = in.read();
          if (next >= 0 && ++read > MOST_BYTES) {
            throw new TooLarge();
          }
          return next;
        }

        @Override
        public boolean isFinished() {
          return in.isFinished();
        }

        @Override
        public boolean isReady() {
          return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
          in.setReadListener(listener);
        }
      };
    }

    @Override
    public BufferedReader getReader() throws IOException {
      return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
  }
}
