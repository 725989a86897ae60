package ongle.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A PostgreSQL server of its own on a free port, gone when it is closed. */
final class Postgres implements AutoCloseable {
  private final Path programs = programs();
  private final Path folder;
  private final int port;

  Postgres() {
    try {
      folder = Files.createTempDirectory("ongle-postgres");
      try (ServerSocket free = new ServerSocket(0)) {
        port = free.getLocalPort();
      }
      if (isRoot()) {
        run("chown", "postgres", folder.toString()); // the server refuses to be root's
      }
      asItself("initdb", "-D", data(), "-A", "trust", "-U", "ongle");
      asItself(
          "pg_ctl",
          "-D",
          data(),
          "-w",
          "-l",
          folder.resolve("log").toString(),
          "-o",
          "-p " + port + " -k " + folder + " -c listen_addresses=127.0.0.1",
          "start");
      asItself("createdb", "-h", "127.0.0.1", "-p", String.valueOf(port), "-U", "ongle", "ongle");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Path programs() {
    try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
      return versions.sorted().reduce((older, newer) -> newer).orElseThrow().resolve("bin");
    } catch (IOException e) {
      throw new IllegalStateException("PostgreSQL is not installed (package postgresql)", e);
    }
  }

  private static boolean isRoot() {
    return "root".equals(System.getProperty("user.name"));
  }

  private String data() {
    return folder.resolve("data").toString();
  }

  private void asItself(String program, String... arguments) throws IOException {
    List<String> command = new ArrayList<>();
    if (isRoot()) {
      command.addAll(List.of("runuser", "-u", "postgres", "--"));
    }
    command.add(programs.resolve(program).toString());
    command.addAll(List.of(arguments));
    run(command.toArray(String[]::new));
  }

  private void run(String... command) throws IOException {
    Path said = Files.createTempFile("postgres", ".log");
    Process process =
        new ProcessBuilder(command)
            .directory(folder.toFile())
            .redirectErrorStream(true)
            .redirectOutput(said.toFile())
            .start();
    try {
      if (!process.waitFor(1, TimeUnit.MINUTES) || process.exitValue() != 0) {
        throw new IllegalStateException(String.join(" ", command) + " failed, see " + said);
      }
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** What backups of it are encrypted with, at every instance. */
  Path key() {
    return Path.of(folder + "-key", "salon.key");
  }

  /** Does something no instance knows of. */
  void does(String sql) throws IOException {
    asItself(
        "psql", "-h", "127.0.0.1", "-p", String.valueOf(port), "-U", "ongle", "-c", sql, "ongle");
  }

  /** As {@code --ongle.database} takes it. */
  String address() {
    return "postgresql://127.0.0.1:" + port + "/ongle";
  }

  @Override
  public void close() {
    try {
      asItself("pg_ctl", "-D", data(), "-m", "immediate", "stop");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
