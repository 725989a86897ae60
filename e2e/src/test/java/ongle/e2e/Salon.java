package ongle.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The packaged application, started with the demo salon on a free port. */
final class Salon implements AutoCloseable {
  private static final long STARTS_WITHIN_NANOS = TimeUnit.MINUTES.toNanos(6);

  private final List<String> settings;
  private final Path data;
  private final int port;
  private final Visitor owner = new Visitor(this);
  private Process process;
  private volatile long began;

  /** Its clock stands still. */
  Salon() {
    this("--ongle.now=2026-03-10T10:35");
  }

  /**
   * @param settings on the command line
   */
  Salon(String... settings) {
    this(List.of(settings));
    start();
  }

  /** With its clock standing still, to be started later. */
  static Salon notStarted() {
    return new Salon(List.of("--ongle.now=2026-03-10T10:35"));
  }

  /** Its data encrypted, as a real salon's is. */
  static Salon encrypted() {
    try {
      Path key = Files.createTempDirectory("ongle-key").resolve("salon.key");
      return new Salon("--ongle.now=2026-03-10T10:35", "--ongle.key-file=" + key);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Another instance of a salon in a shared database. */
  static Salon on(Postgres database, String salon, String... settings) {
    List<String> all = new ArrayList<>(List.of(settings));
    all.add("--ongle.database=" + database.address());
    all.add("--ongle.salon=" + salon);
    all.add("--ongle.key-file=" + database.key());
    Salon instance = new Salon(all);
    instance.start();
    return instance;
  }

  private Salon(List<String> settings) {
    this.settings = settings;
    try {
      data = Files.createTempDirectory("ongle-e2e");
      try (ServerSocket free = new ServerSocket(0)) {
        port = free.getLocalPort();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Throws its data away. */
  void forget() {
    try (java.util.stream.Stream<Path> files = Files.list(data)) {
      for (Path each : files.toList()) {
        Files.delete(each);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  void start() {
    long before = System.nanoTime();
    launch();
    while (!answers()) {
      if (System.nanoTime() - before > STARTS_WITHIN_NANOS || !process.isAlive()) {
        throw new IllegalStateException("Ongle did not start:\n" + log());
      }
      LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(50));
    }
    began = System.nanoTime();
  }

  /** How long it has been answering, s; 0 while it does not. */
  double runsFor() {
    return process.isAlive() ? (System.nanoTime() - began) / 1e9 : 0;
  }

  /** Starts it without waiting for it. */
  void launch() {
    began = System.nanoTime();
    List<String> command = new ArrayList<>();
    command.add(ProcessHandle.current().info().command().orElse("java"));
    String options = "@" + System.getProperty("ongle.options");
    command.add(options + "/jvm.options");
    if (settings.stream().noneMatch(setting -> setting.startsWith("--ongle.database="))) {
      command.add(options + "/quick.options");
    }
    String unpacked = System.getProperty("ongle.unpacked");
    if (unpacked != null) { // started as quickly as ./ongle does
      command.add("-XX:SharedArchiveFile=" + unpacked + "/classes.jsa");
    }
    command.add("-jar");
    command.add(unpacked == null ? System.getProperty("ongle.jar") : unpacked + "/ongle-run.jar");
    command.add("--ongle.demo=true");
    command.add("--ongle.data-dir=" + data);
    command.add("--server.port=" + port);
    command.addAll(settings);
    try {
      process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.appendTo(data.resolve("ongle.log").toFile()))
              .start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  String address(String path) {
    return (settings.contains("--ongle.lan=true") ? "https" : "http")
        + "://127.0.0.1:"
        + port
        + path;
  }

  /** Where its data lies. */
  Path data() {
    return data;
  }

  /** Memory and open files of the process as the system counts them. */
  String weight() {
    Path proc = Path.of("/proc", String.valueOf(process.pid()));
    try (java.util.stream.Stream<Path> files = Files.list(proc.resolve("fd"))) {
      long open = files.count();
      String resident =
          Files.readAllLines(proc.resolve("status")).stream()
              .filter(line -> line.startsWith("VmRSS") || line.startsWith("Threads"))
              .map(line -> line.replaceAll("\\s+", " "))
              .collect(java.util.stream.Collectors.joining(", "));
      return "%s, open files %d".formatted(resident, open);
    } catch (IOException e) {
      return "not known here";
    }
  }

  /**
   * What is left of the heap when all that nobody refers to is collected, bytes. It halts
   * everything for that.
   */
  long inUse() {
    Path jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd");
    ProcessBuilder counting =
        new ProcessBuilder(jcmd.toString(), String.valueOf(process.pid()), "GC.class_histogram");
    try (java.io.BufferedReader lines = counting.start().inputReader()) {
      return lines
          .lines()
          .filter(line -> line.startsWith("Total"))
          .mapToLong(line -> Long.parseLong(line.split("\\s+")[2]))
          .sum();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** As kill -9: no goodbye, no flushing. */
  void kill() {
    process.destroyForcibly();
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  String log() {
    try {
      return Files.readString(data.resolve("ongle.log"));
    } catch (IOException e) {
      return e.toString();
    }
  }

  /** Something asked of it. */
  private interface Question<T> {
    T ask() throws IOException, InterruptedException;
  }

  private static <T> T answer(Question<T> question) {
    try {
      return question.ask();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  HttpResponse<String> get(String path) {
    return answer(() -> owner.get(path));
  }

  HttpResponse<byte[]> bytes(String path) {
    return answer(() -> owner.bytes(path));
  }

  HttpResponse<String> post(String path, String type, String body) {
    return answer(() -> owner.post(path, type, body));
  }

  private boolean answers() {
    return Visitor.status(address("/sign-in")) == 200;
  }

  @Override
  public void close() {
    kill();
  }
}
