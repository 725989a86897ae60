package ongle.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509TrustManager;

/** A browser without a screen that somebody of the demo is signed in at. */
final class Visitor {
  static final String OWNER = "Ilse Marrow";

  private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]* content=\"([^\"]+)\"");

  private final Salon salon;
  private final String name;
  private final CookieManager cookies;
  private final HttpClient http;
  private volatile String token = "";

  Visitor(Salon salon) {
    this(salon, OWNER);
  }

  Visitor(Salon salon, String name) {
    this.salon = salon;
    this.name = name;
    cookies = new CookieManager();
    http = browser().cookieHandler(cookies).build();
  }

  private Visitor(Salon salon, Visitor same) {
    this.salon = salon;
    name = same.name;
    cookies = same.cookies;
    http = same.http;
    token = same.token;
  }

  /** The same browser, signed in as it is, at another instance of the salon. */
  Visitor at(Salon instance) {
    return new Visitor(instance, this);
  }

  /** One that takes a salon's own certificate for what it is. */
  static HttpClient.Builder browser() {
    try {
      SSLContext trusting = SSLContext.getInstance("TLS");
      trusting.init(
          null,
          new TrustManager[] {
            new X509TrustManager() {
              @Override
              public void checkClientTrusted(X509Certificate[] chain, String type) {}

              @Override
              public void checkServerTrusted(X509Certificate[] chain, String type) {}

              @Override
              public X509Certificate[] getAcceptedIssuers() {
                return new X509Certificate[0];
              }
            }
          },
          null);
      return HttpClient.newBuilder().sslContext(trusting);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  /** What answers there, whoever asks; 0 if nothing does. */
  static int status(String address) {
    try {
      return browser()
          .build()
          .send(
              HttpRequest.newBuilder(URI.create(address)).build(),
              HttpResponse.BodyHandlers.discarding())
          .statusCode();
    } catch (IOException e) {
      return 0;
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create(salon.address(path)))
        .header("Origin", salon.address(""))
        .header("X-CSRF-TOKEN", token);
  }

  HttpResponse<String> get(String path) throws IOException, InterruptedException {
    return send(path, null, null, HttpResponse.BodyHandlers.ofString());
  }

  HttpResponse<byte[]> bytes(String path) throws IOException, InterruptedException {
    return send(path, null, null, HttpResponse.BodyHandlers.ofByteArray());
  }

  HttpResponse<String> post(String path, String type, String body)
      throws IOException, InterruptedException {
    return send(path, type, body, HttpResponse.BodyHandlers.ofString());
  }

  private <T> HttpResponse<T> send(
      String path, String type, String body, HttpResponse.BodyHandler<T> as)
      throws IOException, InterruptedException {
    HttpResponse<T> answer = http.send(asked(path, type, body), as);
    if (answer.statusCode() == 401
        || answer.headers().firstValue("Location").orElse("").contains("/sign-in")) {
      signIn();
      answer = http.send(asked(path, type, body), as);
    }
    return answer;
  }

  private HttpRequest asked(String path, String type, String body) {
    HttpRequest.Builder request = request(path);
    return type == null
        ? request.build()
        : request
            .header("Content-Type", type)
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
  }

  private synchronized void signIn() throws IOException, InterruptedException {
    String page = page();
    Matcher person =
        Pattern.compile(
                "name=\"person\"[^>]* value=\"(\\d+)\"[^>]*>\\s*<span><b>"
                    + name
                    + "</b>.*?<kbd>([^<]+)</kbd>",
                Pattern.DOTALL)
            .matcher(page);
    if (!person.find()) {
      throw new IllegalStateException(name + " is not on the sign-in page");
    }
    http.send(
        request("/sign-in")
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "person=" + person.group(1) + "&secret=" + person.group(2) + "&to=/begin"))
            .build(),
        HttpResponse.BodyHandlers.discarding());
    page();
  }

  /** The sign-in page; its token is this session's. */
  private String page() throws IOException, InterruptedException {
    String page =
        http.send(request("/sign-in").build(), HttpResponse.BodyHandlers.ofString()).body();
    Matcher found = TOKEN.matcher(page);
    if (found.find()) {
      token = found.group(1);
    }
    return page;
  }

  /** What its session is known by, for a request made by hand. */
  String cookie() throws IOException, InterruptedException {
    get("/clients"); // signs in where it has to
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("desk"))
        .map(HttpCookie::toString)
        .findFirst()
        .orElseThrow();
  }
}
