package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

class SparePowerTest {
  /** Where a thread's niceness stands after its name in what Linux says of it. */
  private static final int NICENESS = 16;

  @Test
  void theOptimisingCompilerGetsWhatNobodyElseWants() throws IOException {
    List<Path> compilers = SparePower.compilers();
    assumeThat(compilers).isNotEmpty();

    SparePower.forTheOptimisingCompiler();

    await()
        .untilAsserted(
            () ->
                assertThat(compilers)
                    .allSatisfy(thread -> assertThat(niceness(thread)).isEqualTo("19")));
  }

  private static String niceness(Path thread) throws IOException {
    String said = Files.readString(thread.resolve("stat"));
    return said.substring(said.lastIndexOf(')') + 2).split(" ")[NICENESS];
  }
}
