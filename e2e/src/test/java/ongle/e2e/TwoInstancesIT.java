package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Two instances on one PostgreSQL database are one salon; another salon there is another. */
class TwoInstancesIT {
  private static final String FORM = "application/x-www-form-urlencoded";
  private static final int WAITS_SECONDS = 20;

  /** Changes after which it is seen whether any was lost. */
  private static final int ENOUGH = 100;

  private static Postgres postgres;
  private static Salon one;
  private static Salon two;

  @BeforeAll
  static void start() {
    postgres = new Postgres();
    one = Salon.on(postgres, "north");
    two = Salon.on(postgres, "north");
  }

  @AfterAll
  static void stop() {
    for (AutoCloseable each : new AutoCloseable[] {one, two, postgres}) {
      try {
        if (each != null) {
          each.close();
        }
      } catch (Exception e) {
        throw new IllegalStateException(e);
      }
    }
  }

  /** What a desk hears at an instance. */
  private static final class Ear implements AutoCloseable {
    private final Queue<String> heard = new ConcurrentLinkedQueue<>();
    private final ExecutorService thread = Executors.newSingleThreadExecutor();

    Ear(Salon salon, String desk) throws Exception {
      String cookie = new Visitor(salon).cookie();
      HttpResponse<java.io.InputStream> feed =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create(salon.address("/feed?desk=" + desk)))
                      .header("Cookie", cookie)
                      .build(),
                  HttpResponse.BodyHandlers.ofInputStream());
      assertThat(feed.statusCode()).isEqualTo(200);
      thread.execute(
          () -> {
            try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(feed.body(), StandardCharsets.UTF_8))) {
              lines.lines().forEach(heard::add);
            } catch (IOException | java.io.UncheckedIOException gone) {
              // The salon was closed.
            }
          });
    }

    void hears(String words) {
      long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(WAITS_SECONDS);
      while (heard.stream().noneMatch(line -> line.contains(words))) {
        assertThat(System.nanoTime()).as(words + " in " + heard).isLessThan(until);
        Pause.of(20);
      }
    }

    @Override
    public void close() {
      thread.shutdownNow();
    }
  }

  private static int post(Salon at, String path, String form) {
    return at.post(path, FORM, form).statusCode();
  }

  @Test
  void nobodysEditIsLostWhicheverInstanceItWasMadeAt() throws Exception {
    Writers writers = new Writers(List.of(one, two), 6);
    ExecutorService all = Executors.newFixedThreadPool(Writers.FIELDS.size());
    long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
    for (String field : Writers.FIELDS) {
      all.execute(
          () ->
              writers.write(
                  field,
                  new Random(field.hashCode()),
                  () -> writers.acknowledged() < ENOUGH && System.nanoTime() < until,
                  0));
    }
    all.shutdown();
    assertThat(all.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
    assertThat(writers.lost(one)).isZero();
    assertThat(writers.lost(two)).isZero();
    assertThat(writers.acknowledged()).isGreaterThanOrEqualTo(ENOUGH);
  }

  /** Who types over what somebody changed at the other instance is told so, and takes nothing. */
  @Test
  void twoPeopleInOneFieldAreToldOfEachOther() {
    String page = "/sets/3/structure?finger=L2";
    String field = "L2-APEX_THICKNESS";
    String seen = Writers.standing(one.get(page).body(), field);
    String path = "/sets/3/structure/L2/APEX_THICKNESS";
    String form = "value=%s&look=nail&seen=" + seen;
    assertThat(one.post(path, FORM, form.formatted("1.31")).body()).contains(">Saved<");
    assertThat(two.post(path, FORM, form.formatted("1.42")).body())
        .contains("Changed to 1.31 in another window meanwhile", "1.42")
        .doesNotContain(">Saved<");
    assertThat(Writers.standing(two.get(page).body(), field)).isEqualTo("1.31");
  }

  @Test
  void benchAndCalliperStayInStep() throws Exception {
    try (Ear far = new Ear(two, "desk-far-away");
        Ear near = new Ear(one, "desk-near-by")) {
      post(one, "/calliper/take", "desk=desk-near-by&force=true");
      far.hears("data:desk-near-by");
      // Whoever asks elsewhere does not get it; whoever takes it does.
      post(two, "/calliper/take", "desk=desk-far-away&force=false");
      near.hears("data:desk-near-by");
      post(two, "/calliper/take", "desk=desk-far-away&force=true");
      near.hears("data:desk-far-away");
      assertThat(post(one, "/standin/calliper/press", "value=2.14&hold=true")).isEqualTo(200);
      far.hears("\"value\":\"2.1\"");
      assertThat(near.heard).noneMatch(line -> line.contains("2.1"));

      assertThat(post(one, "/sets/4/bench/guide/begin", "")).isLessThan(400);
      far.hears("event:changed");
      String path = "/sets/4/bench/guide";
      assertThat(two.get(path).body()).contains("/guide/done").contains("Start over");
    }
  }

  @Test
  void whatIsRememberedIsForgottenAtBoth() {
    assertThat(two.get("/clients").body()).contains("lang=\"en\"");
    post(one, "/salon/language", "language=de");
    long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(WAITS_SECONDS);
    while (!two.get("/clients").body().contains("lang=\"de\"")) {
      assertThat(System.nanoTime()).isLessThan(until);
    }
    post(two, "/salon/language", "language=en");
  }

  @Test
  void anotherSalonInTheSameDatabaseIsAnother() throws Exception {
    post(one, "/clients", "formKey=7c0e1b8e-64a4-4e0c-9b39-0b5b9a6d7f01&name=Only+Up+North");
    assertThat(two.get("/clients").body()).contains("Only Up North");
    try (Salon south = Salon.on(postgres, "south")) {
      assertThat(south.get("/clients").body()).doesNotContain("Only Up North");
      // Who is signed in at one is nobody at the other.
      HttpResponse<String> answer =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create(south.address("/clients")))
                      .header("Cookie", new Visitor(one).cookie())
                      .build(),
                  HttpResponse.BodyHandlers.ofString());
      assertThat(answer.statusCode()).isEqualTo(302);
      assertThat(answer.headers().firstValue("Location").orElseThrow()).contains("/sign-in");
    }
  }

  @Test
  void whatWasThereBeforeAnUpdateIsKept() throws Exception {
    // The tables of an older Ongle; this one cannot work with them and ends.
    assertThatThrownBy(() -> Salon.on(postgres, "east", "--spring.flyway.target=30"))
        .isInstanceOf(IllegalStateException.class);
    postgres.does(
        "insert into east.client (version, form_key, name, minor)"
            + " values (0, gen_random_uuid(), 'From Before', false)");
    try (Salon east = Salon.on(postgres, "east")) {
      assertThat(east.get("/clients").body()).contains("From Before");
      try (Stream<Path> kept = Files.list(east.data().resolve("backups"))) {
        assertThat(kept).anyMatch(file -> file.toString().endsWith(".zip"));
      }
    }
  }

  @Test
  void aBackupIsPutBackUnderBoth() throws Exception {
    assertThat(post(one, "/salon/backups", "")).isEqualTo(302);
    Matcher made =
        Pattern.compile("ongle-\\d{8}-\\d{6}\\.zip").matcher(one.get("/salon/backups").body());
    assertThat(made.find()).isTrue();
    String before = two.get("/clients").body();
    post(two, "/clients", "formKey=7c0e1b8e-64a4-4e0c-9b39-0b5b9a6d7f02&name=Too+Late");
    assertThat(one.get("/clients").body()).contains("Too Late");
    String restore = "/salon/backups/" + made.group() + "/restore";
    assertThat(post(one, restore, "own=not-it")).isEqualTo(200);
    assertThat(one.get("/clients").body()).contains("Too Late");
    assertThat(post(one, restore, "own=birch-and-copper")).isEqualTo(302);
    assertThat(two.get("/clients").body()).doesNotContain("Too Late");
    assertThat(two.get("/sets/4/structure").statusCode()).isEqualTo(200);
    // New rows go on counting after those put back.
    post(two, "/clients", "formKey=7c0e1b8e-64a4-4e0c-9b39-0b5b9a6d7f03&name=After+It");
    assertThat(one.get("/clients").body()).contains("After It");
    assertThat(before).doesNotContain("After It");
  }
}
