package ongle.app;

import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/**
 * The Java machine's optimising compiler makes Ongle two to three times as fast within minutes, but
 * on few processors it would take them from whoever waits for an answer meanwhile. So it gets only
 * what nobody else wants. Linux can be told so thread by thread; elsewhere all stays as it is.
 */
final class SparePower {
  private static final Path THREADS = Path.of("/proc/self/task");

  /** As Linux knows it, which keeps fifteen letters of a name. */
  private static final String OPTIMISING = "C2 CompilerThre";

  private static final String LEAST = "19";

  private SparePower() {}

  /** Asks for it without waiting; where that is not allowed or not known, nothing changes. */
  static void forTheOptimisingCompiler() {
    try {
      for (Path thread : compilers()) {
        new ProcessBuilder("renice", "-n", LEAST, "-p", thread.getFileName().toString())
            .redirectOutput(Redirect.DISCARD)
            .redirectError(Redirect.DISCARD)
            .start();
      }
    } catch (IOException unknown) {
      // It compiles as eagerly as it would anyway.
    }
  }

  /** Threads of this process that compile for the long run; none off Linux. */
  static List<Path> compilers() throws IOException {
    if (!Files.isDirectory(THREADS)) {
      return List.of();
    }
    try (Stream<Path> threads = Files.list(THREADS)) {
      return threads.filter(SparePower::optimises).toList();
    }
  }

  private static boolean optimises(Path thread) {
    try {
      return Files.readString(thread.resolve("comm")).strip().equals(OPTIMISING);
    } catch (IOException ended) {
      return false;
    }
  }
}
