package ongle.app.keeping;

import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import ongle.app.store.DataKey;
import ongle.app.words.Words;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.core.env.Environment;

/** Says at the start that the data is damaged, and which backup to put back. */
final class DamagedData extends AbstractFailureAnalyzer<SQLException> {
  /** The database's codes for a file it cannot make sense of. */
  private static final int OTHER_KEY = 90049;

  private static final Set<Integer> DAMAGED = Set.of(90030, 90048, OTHER_KEY, 50000);

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
    DataKey key = new DataKey(environment.getProperty("ongle.key-file", ""));
    Optional<BackupFile> good =
        new KeepingTasks(
                new KeepingTasks.Where(data, key, Optional.empty()),
                Clock.systemDefaultZone(),
                System.err)
            .lastGood();
    // Of an encrypted file the database cannot tell damage from another key; a backup can.
    if (cause.getErrorCode() == OTHER_KEY && good.isEmpty()) {
      String file = key.file().map(Path::toString).orElse("–");
      return new FailureAnalysis(
          Words.say("keeping.other-key", "file", file), Words.say("keeping.other-key.then"), cause);
    }
    return new FailureAnalysis(
        Words.say("keeping.damaged", "folder", data.toAbsolutePath().normalize().toString()),
        good.map(
                each ->
                    Words.say(
                        "keeping.put-back",
                        "file",
                        each.zip().toAbsolutePath().normalize().toString()))
            .orElseGet(() -> Words.say("keeping.no-good-backup")),
        cause);
  }
}
