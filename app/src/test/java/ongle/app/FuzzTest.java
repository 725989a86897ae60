package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ongle.app.people.People;
import ongle.app.people.Role;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.BeanUtils;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Everything that can be asked, asked with what nobody should type. Two thousand requests here,
 * twenty thousand by {@code ./ongle fuzz}.
 */
@ExtendWith(OutputCaptureExtension.class)
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {
      "spring.datasource.url=jdbc:h2:mem:${random.uuid};DB_CLOSE_DELAY=-1",
      "ongle.data-dir=unused",
      "ongle.demo=true",
      "ongle.now=2026-03-10T10:35"
    })
class FuzzTest {
  private static final int REQUESTS = Integer.getInteger("ongle.fuzz", 2000);

  /** Only by {@code ./ongle fuzz}: the suite may run where others take the processor. */
  private static final boolean TIMED = System.getProperty("ongle.fuzz") != null;

  private static final int SEED = Integer.getInteger("ongle.fuzz.seed", 1);
  private static final Duration SLOW = Duration.ofSeconds(2);
  private static final Duration SLOW_PICTURE = Duration.ofSeconds(5);
  private static final Pattern VARIABLE = Pattern.compile("\\{([^}:]+)[^}]*}");
  private static final Pattern TRACE =
      Pattern.compile("\\tat |Exception|org\\.springframework|ongle\\.(app|core)\\.");

  private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]* content=\"([^\"]+)\"");

  /** How often somebody else comes. */
  private static final int VISITS = 20;

  private static final Object[][] KNOWN = {
    {Role.OWNER, "two plain words"},
    {Role.TECHNICIAN, "7072"},
    {Role.TRAINEE, "7072"},
    {Role.FRONT_DESK, "7072"},
    {}
  };

  private static final List<String> NASTY =
      List.of(
          "",
          " ",
          "0",
          "-1",
          "1",
          "2",
          "3",
          "1e309",
          "NaN",
          "99999999999999999999",
          "3000",
          "11,4",
          "true",
          "x".repeat(41),
          "x".repeat(5000),
          "\"",
          "\"{\"a\": 1",
          "'; drop table client; --",
          "<script>alert(1)</script>",
          "${7*7}",
          "*{seat}",
          "../../etc/passwd",
          "%",
          "%00",
          "%20",
          "a\u0001b\u0000c",
          "\uD800",
          "\uFFFF",
          "=1+1",
          "\u202Eabc",
          "é😀",
          "number,width_mm\n\"1,2",
          "2026-13-45",
          "null",
          "copy to= ");

  @Autowired private RequestMappingHandlerMapping routing;
  @Autowired private People people;
  @LocalServerPort private int port;

  private final Random random = new Random(SEED);
  private HttpClient browser = HttpClient.newHttpClient();
  private String token = "";

  private record Route(RequestMethod method, String pattern, HandlerMethod handler) {}

  /**
   * In one order: sets have another each time the program starts, and a seed means one sequence.
   */
  private List<Route> routes() {
    List<Route> routes = new ArrayList<>();
    routing
        .getHandlerMethods()
        .forEach(
            (info, handler) -> {
              boolean feed =
                  info.getProducesCondition()
                      .getProducibleMediaTypes()
                      .contains(MediaType.TEXT_EVENT_STREAM);
              Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
              if (!feed) {
                for (String pattern : info.getPatternValues()) {
                  for (RequestMethod method :
                      methods.isEmpty() ? Set.of(RequestMethod.GET, RequestMethod.POST) : methods) {
                    routes.add(new Route(method, pattern, handler));
                  }
                }
              }
            });
    routes.sort(
        Comparator.comparing(Route::pattern)
            .thenComparing(Route::method)
            .thenComparing(route -> route.handler().toString()));
    return routes;
  }

  @Test
  void nothingThatIsSentBreaksTheSalon(CapturedOutput log) throws Exception {
    List<Route> routes = routes();
    assertThat(routes).hasSizeGreaterThan(100);
    List<String> broken = Collections.synchronizedList(new ArrayList<>());
    for (int i = 0; i < REQUESTS; i++) {
      if (i % (REQUESTS / VISITS) == 0) {
        comeAs(i / (REQUESTS / VISITS));
      }
      Route route = routes.get(i % routes.size());
      ask(route, broken);
      if (i % 50 == 0) {
        malformed(broken);
      }
    }
    assertThat(broken).isEmpty();
    // What people are called and what was typed stands in no log, and no address either.
    assertThat(log.getAll()).doesNotContain("Fuzz 0", "alert(1)", "drop table", "127.0.0.1");
    comeAs(0);
    assertThat(
            browser.send(
                request("/sets/1/structure").build(), HttpResponse.BodyHandlers.ofString()))
        .extracting(HttpResponse::statusCode)
        .isEqualTo(200);
  }

  /** As somebody of the salon, by turns, and as nobody. */
  private void comeAs(int turn) throws Exception {
    browser = HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    token = "";
    Object[] known = KNOWN[turn % KNOWN.length];
    if (known.length == 0) {
      return;
    }
    token = token();
    // A name of its own each time: what was sent before may have taken theirs, or their right to
    // come.
    Role role = (Role) known[0];
    String secret = (String) known[1];
    long id = people.add(UUID.randomUUID(), "Fuzz " + turn, role, secret).getId();
    HttpResponse<String> in =
        browser.send(
            request("/sign-in")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(
                    HttpRequest.BodyPublishers.ofString(
                        "person=" + id + "&secret=" + encoded(secret) + "&to=/begin"))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    assertThat(in.statusCode()).isEqualTo(302);
    token = token();
  }

  /** As the sign-in page has it. */
  private String token() throws Exception {
    Matcher found =
        TOKEN.matcher(
            browser.send(request("/sign-in").build(), HttpResponse.BodyHandlers.ofString()).body());
    assertThat(found.find()).isTrue();
    return found.group(1);
  }

  private void ask(Route route, List<String> broken) throws Exception {
    Matcher variables = VARIABLE.matcher(route.pattern());
    String path =
        variables.replaceAll(
            found ->
                Matcher.quoteReplacement(
                    encoded(random.nextInt(3) > 0 ? likely(found.group(1)) : nasty())));
    String form = form(route.handler());
    HttpRequest.Builder asked;
    if (route.method() == RequestMethod.GET || random.nextInt(12) == 0) {
      asked = request(path + (form.isEmpty() ? "" : "?" + form));
      if (route.method() != RequestMethod.GET) {
        asked.POST(HttpRequest.BodyPublishers.noBody());
      }
    } else {
      String type =
          random.nextInt(10) == 0
              ? oneOf(
                  "application/json",
                  "multipart/form-data; boundary=x",
                  "text/csv",
                  "multipart/form-data",
                  "nonsense")
              : "application/x-www-form-urlencoded";
      asked =
          request(path)
              .header("Content-Type", type)
              .method(route.method().name(), HttpRequest.BodyPublishers.ofString(form));
    }
    if (random.nextInt(20) == 0) {
      asked.header(
          "Cookie",
          oneOf("language=%", "seat=\"", "theme=%00; language=%E0%A4%A", "a=b;;=", "desk=x"));
    }
    if (random.nextInt(3) == 0) {
      asked.header("HX-Request", "true");
    }
    judge(route.method() + " " + path + " " + form, asked.build(), broken);
  }

  private void malformed(List<String> broken) throws Exception {
    String deep = "[".repeat(3000) + "]".repeat(3000);
    judge(
        "deep",
        request("/api/plan")
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(deep))
            .build(),
        broken);
    judge(
        "half multipart",
        request("/kits/read")
            .header("Content-Type", "multipart/form-data; boundary=x")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a\"\r\n\r\n1,2"))
            .build(),
        broken);
    judge("error page", request("/error").build(), broken);
  }

  private void judge(String what, HttpRequest asked, List<String> broken) throws Exception {
    HttpResponse<String> answer;
    Duration took;
    try {
      long before = System.nanoTime();
      answer = browser.send(asked, HttpResponse.BodyHandlers.ofString());
      took = Duration.ofNanos(System.nanoTime() - before);
      if (TIMED && took.compareTo(SLOW) > 0) { // the first of its kind may warm up
        before = System.nanoTime();
        answer = browser.send(asked, HttpResponse.BodyHandlers.ofString());
        took = Duration.ofNanos(System.nanoTime() - before);
      }
    } catch (IOException closed) {
      broken.add("no answer: " + what);
      return;
    }
    Duration slow =
        asked.uri().getPath().contains("/photo") || asked.uri().getPath().contains("camera")
            ? SLOW_PICTURE
            : SLOW;
    String shown = what.length() > 300 ? what.substring(0, 300) : what;
    if (answer.statusCode() >= 500) {
      broken.add(answer.statusCode() + ": " + shown);
    } else if (TIMED && took.compareTo(slow) > 0) {
      broken.add(took.toMillis() + " ms: " + shown);
    } else if (text(answer) && TRACE.matcher(answer.body()).find()) {
      broken.add("says too much: " + shown);
    }
  }

  private static boolean text(HttpResponse<String> answer) {
    String type = answer.headers().firstValue("Content-Type").orElse("");
    return type.startsWith("text/html") || type.contains("json");
  }

  private HttpRequest.Builder request(String path) {
    String origin = "http://127.0.0.1:" + port;
    return HttpRequest.newBuilder(URI.create(origin + path))
        .header("Origin", origin)
        .header("X-CSRF-TOKEN", token)
        .timeout(Duration.ofSeconds(20));
  }

  /** What the handler takes, most of it, in part with nonsense. */
  private String form(HandlerMethod handler) {
    List<String> pairs = new ArrayList<>();
    for (MethodParameter parameter : handler.getMethodParameters()) {
      names(parameter)
          .filter(name -> random.nextInt(6) > 0)
          .forEach(
              name ->
                  pairs.add(
                      (random.nextInt(25) == 0 ? encoded(name + "[0]") : encoded(name))
                          + "="
                          + encoded(random.nextInt(2) == 0 ? likely(name) : nasty())));
    }
    if (random.nextInt(15) == 0) {
      pairs.add(encoded(nasty()) + "=" + encoded(nasty()));
    }
    return String.join("&", pairs);
  }

  private static Stream<String> names(MethodParameter parameter) {
    RequestParam named = parameter.getParameterAnnotation(RequestParam.class);
    Class<?> type = parameter.getParameterType();
    if (named != null) {
      String name = named.name().isEmpty() ? named.value() : named.name();
      return Stream.of(
          name.isEmpty()
              ? parameter.getExecutable().getParameters()[parameter.getParameterIndex()].getName()
              : name);
    }
    if (type.isRecord()) {
      return Stream.of(type.getRecordComponents()).map(RecordComponent::getName);
    }
    return type.getName().startsWith("ongle.app") && !type.isEnum() && !type.isInterface()
        ? Stream.of(BeanUtils.getPropertyDescriptors(type)).map(p -> p.getName())
        : Stream.empty();
  }

  /** What may well stand there. */
  private String likely(String name) {
    return switch (name) {
      case "id", "set", "lot", "size", "version" -> oneOf("1", "2", "3", "4", "5", "999");
      case "finger", "f" -> oneOf("L1", "R3", "R5");
      case "hand" -> oneOf("LEFT", "RIGHT");
      case "quantity" -> Quantity.values()[random.nextInt(Quantity.values().length)].name();
      case "to" -> Finger.values()[random.nextInt(10)].name();
      case "formKey", "setKey" -> oneOf("3f0c9a52-2a5b-4a47-8a4b-1f0d3b7a0001", "", "3f0c9a52");
      case "look" -> oneOf("nail", "ten", "weeks", "barrel", "schools", "round");
      case "value", "length", "days", "light", "seen" -> oneOf("11.4", "1.2", "0", "21");
      case "shape" -> oneOf("ALMOND", "SQUARE");
      case "type" -> oneOf("PAUSED", "RESUMED", "HEAT", "SKIN", "NOTE");
      case "text" -> oneOf("number,width_mm\n1,12.0", "finger,width_mm\nL1,12");
      default -> nasty();
    };
  }

  private String nasty() {
    return NASTY.get(random.nextInt(NASTY.size()));
  }

  private String oneOf(String... choices) {
    return choices[random.nextInt(choices.length)];
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
  }
}
