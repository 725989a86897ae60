package ongle.app.keeping;

import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import ongle.app.store.DataKey;
import ongle.app.words.Words;
import org.hibernate.tool.schema.spi.SchemaManagementException;
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
    Path data = data(environment);
    DataKey key = key(environment);
    Optional<BackupFile> good = lastGood(environment);
    // Of an encrypted file the database cannot tell damage from another key; a backup can.
    if (cause.getErrorCode() == OTHER_KEY && good.isEmpty()) {
      String file = key.file().map(Path::toString).orElse("–");
      return new FailureAnalysis(
          Words.say("keeping.other-key", "file", file), Words.say("keeping.other-key.then"), cause);
    }
    return new FailureAnalysis(
        Words.say("keeping.damaged", "folder", data.toAbsolutePath().normalize().toString()),
        whatToDo(good),
        cause);
  }

  private static Path data(Environment environment) {
    return Path.of(environment.getProperty("ongle.data-dir", ".ongle/data"));
  }

  private static DataKey key(Environment environment) {
    return new DataKey(environment.getProperty("ongle.key-file", ""));
  }

  private static Optional<BackupFile> lastGood(Environment environment) {
    return new KeepingTasks(
            new KeepingTasks.Where(data(environment), key(environment), Optional.empty()),
            Clock.systemDefaultZone(),
            System.err)
        .lastGood();
  }

  private static String whatToDo(Optional<BackupFile> good) {
    return good.map(
            each ->
                Words.say(
                    "keeping.put-back", "file", each.zip().toAbsolutePath().normalize().toString()))
        .orElseGet(() -> Words.say("keeping.no-good-backup"));
  }

  /** The same of a database that opens, but in which tables are not as they should be. */
  static final class Tables extends AbstractFailureAnalyzer<SchemaManagementException> {
    private final Environment environment;

    Tables(Environment environment) {
      this.environment = environment;
    }

    @Override
    protected FailureAnalysis analyze(Throwable root, SchemaManagementException cause) {
      return new FailureAnalysis(
          Words.say("keeping.no-database", "why", String.valueOf(cause.getMessage())),
          whatToDo(lastGood(environment)),
          cause);
    }
  }
}
