package ongle.e2e;

import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A salon of one's own as its owner runs it, with {@code ./ongle}; there is nothing in it yet. */
final class OwnSalon implements AutoCloseable {
  private static final long ENDS_WITHIN_MINUTES = 6;

  private final Path folder;
  private final List<String> where;
  private final int port;
  private boolean onTheNetwork;
  private Process process;

  /**
   * @param where more of where its data is, as {@code ./ongle start} takes it
   */
  OwnSalon(String... where) throws IOException {
    folder = Files.createTempDirectory("ongle-own");
    this.where = new ArrayList<>(List.of("--data-dir", data().toString()));
    this.where.addAll(List.of(where));
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
  }

  Path data() {
    return folder.resolve("salon");
  }

  /** A key of its own, in a folder of its own. */
  Path key() {
    return folder.resolve("keys").resolve("salon.key");
  }

  String address(String path) {
    return (onTheNetwork ? "https" : "http") + "://127.0.0.1:" + port + path;
  }

  /** Starts it and waits until somebody can sign in or make it theirs. */
  void start(String... options) throws IOException {
    onTheNetwork = List.of(options).contains("--lan");
    process = run(Redirect.appendTo(said().toFile()), "start", with("--port", port, options));
    while (!answers()) {
      if (!process.isAlive()) {
        throw new IllegalStateException("Ongle did not start:\n" + Files.readString(said()));
      }
      Pause.of(50);
    }
  }

  /** What {@code ./ongle} says when it is asked for something else, or cannot start. */
  String says(String command, String... options) throws IOException {
    Path answer = Files.createTempFile(folder, command, ".txt");
    Process asked = run(Redirect.to(answer.toFile()), command, List.of(options));
    try {
      if (!asked.waitFor(ENDS_WITHIN_MINUTES, TimeUnit.MINUTES)) {
        end(asked);
        throw new IllegalStateException(command + " goes on: " + Files.readString(answer));
      }
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
    return Files.readString(answer);
  }

  /** How the Java machine was started. */
  String machine() {
    return process
        .descendants()
        .flatMap(each -> each.info().commandLine().stream())
        .filter(line -> line.contains("ongle-run.jar"))
        .findFirst()
        .orElseThrow();
  }

  private Process run(Redirect to, String command, List<String> options) throws IOException {
    List<String> all = new ArrayList<>();
    all.add(Path.of(System.getProperty("ongle.options"), "ongle").toString());
    all.add(command);
    all.addAll(options);
    all.addAll(where);
    return new ProcessBuilder(all).redirectErrorStream(true).redirectOutput(to).start();
  }

  private static List<String> with(String name, int value, String... more) {
    return Stream.concat(Stream.of(name, String.valueOf(value)), Stream.of(more)).toList();
  }

  private Path said() {
    return folder.resolve("said.log");
  }

  private boolean answers() {
    int status = Visitor.status(address("/sign-in")); // a new one leads on to its first page
    return status > 0 && status < 400;
  }

  /** As Ctrl+C does. */
  void stop() {
    end(process);
  }

  private static void end(Process process) {
    try {
      process.destroy();
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    if (process != null) {
      process.descendants().forEach(ProcessHandle::destroyForcibly);
      process.destroyForcibly();
    }
  }
}
