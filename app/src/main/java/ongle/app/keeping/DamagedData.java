package ongle.app.keeping;

import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Set;
import ongle.app.words.Words;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.core.env.Environment;

/** Says at the start that the data is damaged, and which backup to put back. */
final class DamagedData extends AbstractFailureAnalyzer<SQLException> {
  /** The database's codes for a file it cannot make sense of. */
  private static final Set<Integer> DAMAGED = Set.of(90030, 90048, 50000);

  private final Environment environment;

  DamagedData(Environment environment) {
    this.environment = environment;
  }

  @Override
  protected FailureAnalysis analyze(Throwable root, SQLException cause) {
    if (!DAMAGED.contains(cause.getErrorCode())) {
      return null;
    }
    Path data = Path.of(environment.getProperty("ongle.data-dir", ".ongle/data"));
    return new FailureAnalysis(
        Words.say("keeping.damaged", "folder", data.toAbsolutePath().normalize().toString()),
        new KeepingTasks(data, Clock.systemDefaultZone(), System.err)
            .lastGood()
            .map(
                good ->
                    Words.say(
                        "keeping.put-back",
                        "file",
                        good.zip().toAbsolutePath().normalize().toString()))
            .orElseGet(() -> Words.say("keeping.no-good-backup")),
        cause);
  }
}
