package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ConnectException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A salon busier than any, on two instances and one PostgreSQL: fifty desks, a hundred pages a
 * second, listeners that come and go; then the same while instances are killed. {@code ./ongle
 * load} writes its report.
 */
@Tag("load")
class LoadIT {
  private static final int LASTS = Integer.getInteger("ongle.load", 1800);
  private static final int KILLS = Integer.getInteger("ongle.kills", 50);
  private static final int DESKS = Integer.getInteger("ongle.desks", 50);
  private static final int PRESSES_EVERY = 5000;

  /** Every so many of its presses a desk changes the plan instead. */
  private static final int PLANS_EVERY = 12;

  /** Those of the demo that can be built on now. */
  private static final int CLIENTS = 8;

  /**
   * A set the counted writers write; of a client no desk has, as what was measured of a client
   * changes how their next sets are planned.
   */
  private static final int WRITTEN = 10;

  /** No lamp and no soaking is in the way of the next press. */
  private static final String QUICK = "--ongle.bench-speed=500";

  private static final Pattern STEP = Pattern.compile("data-step=\"([^\"]+)\"");
  private static final Pattern BEHIND =
      Pattern.compile("class=\"finish-at\">[^<]*<span>(\\d+)</span>");
  private static final int PAGES_A_SECOND = Integer.getInteger("ongle.pages", 100);
  private static final int PAGES_AT_ONCE = 200;

  /** Pages due while so many wait are left out: nobody asks for ever more while nothing comes. */
  private static final int MOST_WAITING = 1000;

  /** Pause of each writer whose changes are counted, ms. */
  private static final int WRITES_EVERY = 500;

  private static final int LISTENERS = 60;
  private static final int LISTENS_MOST = 10_000;

  /**
   * How long the load grows from nothing to all of it, as a salon fills in the morning, and how
   * long it then goes on uncounted, s.
   */
  private static final int GROWS = Integer.getInteger("ongle.grows", 480);

  private static final int SETTLES = 60;

  /** How often it is told how it goes, s. */
  private static final int STRETCH = Integer.getInteger("ongle.stretch", 60);

  /** As balancers let what has just begun: how long until it gets its whole share, s. */
  private static final double SLOW_START = 60;

  private static final int COME_AGAIN = 503;

  /** Connections tried at one instance: about as many as a browser keeps to it, and one more. */
  private static final int OLD_CONNECTIONS = 7;

  private static final String FORM = "application/x-www-form-urlencoded";

  /** Looked at by turns; those of a set by the set's number. */
  private static final List<String> PAGES =
      List.of(
          "/",
          "/clients",
          "/clients/%d",
          "/kits",
          "/shelf",
          "/sets/%d/measure",
          "/sets/%d/fit",
          "/sets/%d/shape",
          "/sets/%d/structure",
          "/sets/%d/bench",
          "/sets/%d/bench/guide");

  private final AtomicBoolean on = new AtomicBoolean(true);
  private final AtomicInteger errors = new AtomicInteger();
  private final AtomicInteger leftOut = new AtomicInteger();

  /** Told at both instances that there is no time now. */
  private final AtomicInteger putOff = new AtomicInteger();

  /** Presses that were answered as saved. */
  private final AtomicInteger kept = new AtomicInteger();

  /** Of those, what was found not to be there later. */
  private final AtomicInteger gone = new AtomicInteger();

  private final Map<String, Integer> whichErrors = new ConcurrentHashMap<>();
  private volatile Tally tally = new Tally();

  /** How long answers took, ms. */
  private static final class Tally {
    private final Queue<Double> presses = new ConcurrentLinkedQueue<>();
    private final Queue<Double> pages = new ConcurrentLinkedQueue<>();
    private final Processors processors = new Processors();

    static Tally of(List<Tally> parts) {
      Tally all = new Tally();
      parts.forEach(
          part -> {
            all.presses.addAll(part.presses);
            all.pages.addAll(part.pages);
          });
      return all;
    }

    /** How many, median and 95 % of one stretch, and what the processors did meanwhile. */
    String line() {
      String brief = "%d: %.0f, %.0f";
      return "%s | %s | %s".formatted(says(presses, brief), says(pages, brief), processors.since());
    }

    static String says(Queue<Double> times) {
      return says(times, "%d, median %.0f ms, 95 %% within %.0f ms, slowest %.0f ms");
    }

    private static String says(Queue<Double> times, String how) {
      List<Double> sorted = times.stream().sorted().toList();
      return sorted.isEmpty()
          ? "none"
          : how.formatted(
              sorted.size(),
              sorted.get(sorted.size() / 2),
              sorted.get((int) (sorted.size() * 0.95)),
              sorted.get(sorted.size() - 1));
    }
  }

  /** What all processors together did since it was made; Linux tells it. */
  private static final class Processors {
    private static final int IDLE = 3;
    private static final int WAITING = 4;
    private static final int STOLEN = 7;
    private static final int ALL = 8;
    private final long[] begun = now();

    String since() {
      long[] now = now();
      long all = 0;
      for (int i = 0; i < ALL; i++) {
        now[i] -= begun[i];
        all += now[i];
      }
      return "idle %d %%, taken by others %d %%"
          .formatted(
              100 * (now[IDLE] + now[WAITING]) / Math.max(1, all),
              100 * now[STOLEN] / Math.max(1, all));
    }

    private static long[] now() {
      try (Stream<String> lines = Files.lines(Path.of("/proc/stat"))) {
        return lines
            .findFirst()
            .map(first -> Arrays.stream(first.split("\\s+")).skip(1).limit(ALL))
            .orElseThrow()
            .mapToLong(Long::parseLong)
            .toArray();
      } catch (IOException | UncheckedIOException notLinux) {
        return new long[ALL];
      }
    }
  }

  /** Somebody at a desk, known at both instances. */
  private final class Person {
    private final List<Salon> instances;
    private final List<Visitor> at;
    private final String cookie;
    private final Random random;

    /** Signs in once: a session is good at every instance. */
    Person(List<Salon> instances, int seed) {
      this.instances = instances;
      random = new Random(seed);
      Visitor browser = new Visitor(instances.get(seed % instances.size()));
      try {
        cookie = browser.cookie();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
      at = instances.stream().map(browser::at).toList();
    }

    /**
     * As a balancer does: at one instance; at the other if that is gone or has no time, when
     * nothing was done there; and once more at the first, which may have begun again by then. A
     * connection that breaks tells nothing if it is of before an instance was killed and began
     * again: those are tried until one is good or refused.
     */
    HttpResponse<String> ask(Question question) throws IOException, InterruptedException {
      int first = instances.indexOf(balanced(instances, random));
      Optional<HttpResponse<String>> noTime = Optional.empty();
      IOException last = null;
      for (int turn = 0; turn <= at.size(); turn++) {
        for (int connection = 0; connection < OLD_CONNECTIONS; connection++) {
          try {
            HttpResponse<String> answer = question.ask(at.get((first + turn) % at.size()));
            if (answer.statusCode() != COME_AGAIN) {
              return answer;
            }
            noTime = Optional.of(answer);
            break;
          } catch (ConnectException gone) {
            last = gone;
            break;
          } catch (IOException broken) {
            last = broken;
          }
        }
      }
      if (noTime.isPresent()) {
        return noTime.get();
      }
      throw last;
    }
  }

  /** One of the two; the one that began again is asked seldom at first. */
  private static Salon balanced(List<Salon> two, Random random) {
    double one = share(two.get(0));
    double other = share(two.get(1));
    return two.get(random.nextDouble() * (one + other) < one ? 0 : 1);
  }

  private static double share(Salon instance) {
    return Math.min(1, (1 + instance.runsFor()) / SLOW_START);
  }

  private interface Question {
    HttpResponse<String> ask(Visitor visitor) throws IOException, InterruptedException;
  }

  @Test
  void aBusySalonIsAnsweredAndLosesNothing() throws Exception {
    try (Postgres postgres = new Postgres();
        Salon one = Salon.on(postgres, "busy", QUICK);
        Salon two = Salon.on(postgres, "busy", QUICK)) {
      List<Salon> instances = List.of(one, two);
      ExecutorService desks = Executors.newCachedThreadPool();
      ScheduledExecutorService beat = Executors.newScheduledThreadPool(1);
      List<Desk> all = new ArrayList<>();
      for (int desk = 0; desk < DESKS; desk++) {
        all.add(new Desk(new Person(instances, desk), desk));
      }
      for (int desk = 0; desk < DESKS; desk++) {
        long comes = TimeUnit.SECONDS.toMillis(GROWS) * desk / DESKS;
        Desk next = all.get(desk);
        desks.execute(() -> next.work(comes));
      }
      for (int ear = 0; ear < LISTENERS; ear++) {
        Person person = all.get(ear % DESKS).person;
        String name = "load-desk-" + ear;
        desks.execute(() -> listen(instances, name, person));
      }
      ExecutorService loaders =
          new ThreadPoolExecutor(
              PAGES_AT_ONCE,
              PAGES_AT_ONCE,
              0,
              TimeUnit.SECONDS,
              new ArrayBlockingQueue<>(MOST_WAITING),
              (page, full) -> leftOut.incrementAndGet());
      pages(all, beat, loaders);
      stretches(GROWS);
      String before = inUse(instances); // which halts them, so it is not asked while it counts
      stretches(SETTLES);
      tally = new Tally();
      errors.set(0);
      leftOut.set(0);
      putOff.set(0);
      kept.set(0);
      StringBuilder between = new StringBuilder();
      List<Tally> parts = new ArrayList<>();
      for (int third = 0; third < 3; third++) {
        between.append(
            "- after %d s: %s | %s%n".formatted(third * LASTS / 3, one.weight(), two.weight()));
        parts.addAll(stretches(LASTS / 3));
      }
      between.append("- after %d s: %s | %s%n".formatted(LASTS, one.weight(), two.weight()));
      String memory = "in use before it %s, after it %s".formatted(before, inUse(instances));
      Tally calm = Tally.of(parts);
      int calmKept = kept.getAndSet(0);
      int calmErrors = errors.get() + leftOut.getAndSet(0) + putOff.getAndSet(0);
      System.out.printf(
          "without kills: presses %s; pages %s; errors %d%n%s | %s%n",
          Tally.says(calm.presses), Tally.says(calm.pages), calmErrors, memory, between);
      tally = new Tally();
      errors.set(0);
      Writers writers = new Writers(instances, WRITTEN);
      for (int i = 0; i < Writers.FIELDS.size(); i++) {
        int seed = i;
        desks.execute(
            () -> writers.write(Writers.FIELDS.get(seed), new Random(seed), on::get, WRITES_EVERY));
      }
      Random random = new Random(11);
      for (int kill = 0; kill < KILLS; kill++) {
        Pause.of(1000 + random.nextInt(3000));
        Salon killed = instances.get(kill % 2);
        killed.kill();
        killed.start();
        System.out.printf(
            "kill %d: %d and %d changes acknowledged, %d of these gone, %d put off, %d errors %s%n",
            kill + 1,
            writers.acknowledged(),
            kept.get(),
            gone.get(),
            putOff.get(),
            errors.get(),
            whichErrors);
      }
      on.set(false);
      beat.shutdownNow();
      loaders.shutdownNow();
      desks.shutdown();
      desks.awaitTermination(1, TimeUnit.MINUTES);
      int lost = writers.lost(one) + writers.lost(two) + gone.get();
      String report =
          report(
              calm, calmKept, calmErrors, memory, between.toString(), writers.acknowledged(), lost);
      System.out.println(report);
      Files.writeString(Path.of("target", "load.md"), report);
      assertThat(lost).isZero();
      assertThat(calmErrors).isZero();
      assertThat(calmKept).isGreaterThan(calm.presses.size() - DESKS);
      assertThat(errors.get()).isZero();
    }
  }

  private static String inUse(List<Salon> instances) {
    return instances.stream()
        .map(each -> "%d MB".formatted(each.inUse() >> 20))
        .collect(Collectors.joining(", "));
  }

  /** Lets it go on, and tells of each stretch as it ends. */
  private List<Tally> stretches(int seconds) {
    List<Tally> parts = new ArrayList<>();
    for (int left = seconds; left > 0; left -= STRETCH) {
      Pause.of(TimeUnit.SECONDS.toMillis(Math.min(left, STRETCH)));
      Tally part = tally;
      tally = new Tally();
      parts.add(part);
      System.out.println(LocalTime.now().truncatedTo(ChronoUnit.SECONDS) + " " + part.line());
    }
    return parts;
  }

  private String report(
      Tally calm,
      int calmKept,
      int calmErrors,
      String memory,
      String between,
      int acknowledged,
      int lost) {
    return """
        # A busy salon

        Two instances on one PostgreSQL, %d processors in all, the load generator and the database on the same ones. %d desks, each at a visit of its own, that press at the bench every %d s and change the plan instead once a minute, %d page loads a second over eleven kinds of pages, %d listeners that open and close. Page loads are timed from when they were due, not from when the generator came to send them.

        ## %d s, after %d s in which the load grew to that

        - presses: %s; answered as saved: %d
        - pages: %s
        - errors, told to come again, or pages left out because a thousand waited: %d
        - memory %s
        %s
        ## The same while one instance after the other is killed (kill -9), %d times

        - presses: %s; answered as saved: %d
        - pages: %s
        - pages left out because a thousand waited: %d; told at both instances to come again: %d
        - errors (neither instance answered, or not as it should): %d
        - changes answered as saved to four writers beside: %d; of all that was answered as saved lost: %d
        %s
        """
        .formatted(
            Runtime.getRuntime().availableProcessors(),
            DESKS,
            PRESSES_EVERY / 1000,
            PAGES_A_SECOND,
            LISTENERS,
            LASTS,
            GROWS + SETTLES,
            Tally.says(calm.presses),
            calmKept,
            Tally.says(calm.pages),
            calmErrors,
            memory,
            between,
            KILLS,
            Tally.says(tally.presses),
            kept.get(),
            Tally.says(tally.pages),
            leftOut.get(),
            putOff.get(),
            errors.get(),
            acknowledged,
            lost,
            whichErrors.entrySet().stream()
                .map(each -> "- " + each.getValue() + " times " + each.getKey())
                .collect(Collectors.joining("\n")));
  }

  /**
   * Sits at a visit of its own: presses at the bench every few seconds, and now and then changes a
   * figure of the plan instead. Each is kept.
   */
  private final class Desk {
    private final Person person;
    private final int set;
    private final String finger;
    private int turn;

    /** Steps that are done, as the page says; not known after the plan was changed. */
    private int done = -1;

    private String step = "";
    private String stands;

    Desk(Person person, int number) throws IOException, InterruptedException {
      this.person = person;
      turn = number; // or all would change their plans in the same seconds
      finger = (number % 10 < 5 ? "L" : "R") + (1 + number % 5);
      HttpResponse<String> begun =
          person.ask(
              visitor ->
                  visitor.post(
                      "/clients/" + (1 + number % CLIENTS) + "/sets",
                      FORM,
                      "formKey=" + UUID.randomUUID()));
      String where = begun.headers().firstValue("Location").orElseThrow();
      set = Integer.parseInt(where.replaceAll(".*/sets/(\\d+)/.*", "$1"));
    }

    /**
     * @param comes so many ms later
     */
    void work(long comes) {
      Pause.of(comes + person.random.nextInt(PRESSES_EVERY));
      while (on.get()) {
        long begun = System.nanoTime();
        if (++turn % PLANS_EVERY == 0) {
          plan(begun);
        } else {
          press(begun);
        }
        Pause.of(PRESSES_EVERY - (System.nanoTime() - begun) / 1_000_000);
      }
    }

    private void press(long since) {
      if (step.isEmpty()) {
        look();
        return;
      }
      String answer = post("/bench/guide/done", "step=" + step, since, tally.presses);
      if (done >= 0 && done(answer) > done) {
        kept.incrementAndGet();
      }
      stand(answer);
    }

    /** What was answered as done stays done. */
    private void stand(String page) {
      step = step(page);
      int now = done(page);
      if (now >= 0) {
        if (now < done) {
          gone.incrementAndGet();
          System.out.printf("gone: %d steps of set %d were done, now %d%n", done, set, now);
        }
        done = now;
      }
    }

    /** At which step it is, after an instance was killed too; begins when the last one is done. */
    private void look() {
      stand(get("/bench/guide/now"));
      if (step.isEmpty()) {
        done = -1;
        post("/bench/guide/begin", "anew=true", System.nanoTime(), new LinkedList<>());
      }
    }

    private void plan(long since) {
      boolean sure = stands != null;
      if (!sure) {
        String page = get("/structure?finger=" + finger);
        stands = page.isEmpty() ? null : Writers.standing(page, finger + "-APEX_THICKNESS");
      }
      String value = "1." + (10 + person.random.nextInt(60));
      String form = "value=" + value + "&seen=" + stands + "&look=nail";
      String answer = post("/structure/" + finger + "/APEX_THICKNESS", form, since, tally.presses);
      boolean saved = answer.contains(">Saved<");
      done = -1; // a changed plan may have other steps, in another order
      stand(get("/bench/guide/now"));
      if (saved) {
        kept.incrementAndGet();
      } else if (sure
          && answer.contains("in another window meanwhile")
          && !answer.contains("Changed to " + value)) { // asked twice, as the first answer was lost
        gone.incrementAndGet(); // nobody else changes it
        System.out.printf("gone: what was kept before %s of set %d%n", value, set);
      }
      stands = saved ? value : null;
    }

    private String get(String what) {
      String path = "/sets/" + set + what;
      return ask(path, person, visitor -> visitor.get(path), System.nanoTime(), new LinkedList<>());
    }

    private String post(String what, String form, long since, Queue<Double> times) {
      String path = "/sets/" + set + what;
      return ask(path, person, visitor -> visitor.post(path, FORM, form), since, times);
    }

    private static int done(String page) {
      Matcher found = BEHIND.matcher(page);
      return !found.find() ? -1 : Integer.parseInt(found.group(1)) - (step(page).isEmpty() ? 0 : 1);
    }

    private static String step(String page) {
      Matcher found = STEP.matcher(page);
      return found.find() ? found.group(1) : "";
    }
  }

  private void pages(List<Desk> desks, ScheduledExecutorService beat, ExecutorService pool) {
    AtomicInteger next = new AtomicInteger();
    Random random = new Random(7);
    long begun = System.nanoTime();
    beat.scheduleAtFixedRate(
        () -> {
          long due = System.nanoTime();
          if (random.nextDouble() * GROWS > (due - begun) / 1e9) {
            return;
          }
          int number = next.getAndIncrement();
          String page = PAGES.get(number % PAGES.size());
          Desk desk = desks.get(random.nextInt(desks.size()));
          String path =
              page.formatted(page.startsWith("/sets") ? desk.set : 1 + desk.set % CLIENTS);
          Person person = desk.person;
          pool.execute(() -> ask(path, person, visitor -> visitor.get(path), due, tally.pages));
        },
        0,
        1_000_000 / PAGES_A_SECOND,
        TimeUnit.MICROSECONDS);
  }

  private void listen(List<Salon> instances, String desk, Person person) {
    Random random = new Random(desk.hashCode());
    while (on.get()) {
      URI address = URI.create(balanced(instances, random).address("/"));
      try (Socket feed = new Socket(address.getHost(), address.getPort())) {
        feed.getOutputStream()
            .write(
                ("GET /feed?desk=%s HTTP/1.1\r\nHost: %s\r\nCookie: %s\r\n\r\n")
                    .formatted(desk, address.getAuthority(), person.cookie)
                    .getBytes(StandardCharsets.US_ASCII));
        feed.getInputStream().read();
        Pause.of(random.nextInt(LISTENS_MOST));
      } catch (IOException gone) {
        Pause.of(500); // it listens at another
      }
    }
  }

  /** The page that was answered; empty if none was. */
  private String ask(
      String path, Person person, Question question, long since, Queue<Double> times) {
    String page = "";
    try {
      HttpResponse<String> answer = person.ask(question);
      if (answer.statusCode() < 400) {
        page = answer.body();
      } else if (answer.statusCode() == COME_AGAIN) {
        putOff.incrementAndGet();
      } else {
        wrong(answer.statusCode() + " " + path.replaceAll("\\d+", "n"));
      }
    } catch (IOException | RuntimeException e) {
      wrong(e.getClass().getSimpleName() + " " + path.replaceAll("\\d+", "n"));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    times.add((System.nanoTime() - since) / 1e6);
    return page;
  }

  private void wrong(String what) {
    if (on.get()) {
      errors.incrementAndGet();
      whichErrors.merge(what, 1, Integer::sum);
    }
  }
}
