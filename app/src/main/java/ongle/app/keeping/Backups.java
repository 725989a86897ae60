package ongle.app.keeping;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.store.DataFolder;
import ongle.app.store.DataKey;
import ongle.app.store.SharedCopy;
import ongle.app.store.SharedDatabase;
import ongle.app.store.TableCopy;
import ongle.app.store.Update;
import ongle.app.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Copies the salon's data while it is at work: each night, when asked on the page, and when asked
 * by {@code ./ongle backup}. A copy counts once it was opened and holds what the data held.
 */
@Service
class Backups {
  /** Copies kept. */
  static final int KEPT = 14;

  /** Where copies lie in the data folder. */
  static final String FOLDER = "backups";

  /** One that is being made; by another instance, in the same folder, it is another. */
  static final String PART = "ongle-%d.part".formatted(ProcessHandle.current().pid());

  private static final Duration DAY = Duration.ofHours(24);
  private static final Duration MISSED = Duration.ofHours(30);

  /** Hours of the day between which it is night. */
  private static final int NIGHT_FROM = 2;

  private static final int NIGHT_TO = 5;

  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

  private final Path data;
  private final Optional<Path> second;
  private final boolean demo;
  private final DataKey key;
  private final SharedDatabase shared;
  private final JdbcTemplate sql;
  private final TransactionOperations changes;
  private final Clock clock;

  Backups(
      @Value("${ongle.data-dir}") Path data,
      @Value("${ongle.backup-dir:}") String second,
      @Value("${ongle.demo}") boolean demo,
      DataKey key,
      SharedDatabase shared,
      JdbcTemplate sql,
      TransactionOperations changes,
      Clock clock) {
    this.data = data;
    this.second = second.isBlank() ? Optional.empty() : Optional.of(Path.of(second));
    this.demo = demo;
    this.key = key;
    this.shared = shared;
    this.sql = sql;
    this.changes = changes;
    this.clock = clock;
  }

  /** Whether there is anything to copy; not where everything is in memory. */
  boolean possible() {
    return shared.isShared() || Files.exists(data.resolve(DataFolder.FILE));
  }

  /** Whether one is put back while Ongle is at work, and not by beginning again. */
  boolean putBackAtWork() {
    return shared.isShared();
  }

  /** Where the key lies that backups cannot be read without. */
  Optional<Path> key() {
    return key.file();
  }

  /** Where copies lie besides. */
  Optional<Path> second() {
    return second;
  }

  /** Those there are, the last first. */
  List<BackupFile> all() {
    try {
      return BackupFile.in(data.resolve(FOLDER));
    } catch (IOException e) {
      throw new NotKept(e);
    }
  }

  /** No copy was made. */
  static final class NotKept extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NotKept(Exception why) {
      super(Words.say("keeping.failed", "why", String.valueOf(why.getMessage())), why);
    }
  }

  /**
   * Makes a copy, opens it, and forgets the oldest.
   *
   * @throws NotKept with the reason, if it could not be made; those there were stay
   */
  @Needs(Right.SALON)
  synchronized BackupFile now() {
    Path folder = data.resolve(FOLDER);
    BackupFile part = new BackupFile(folder.resolve(PART));
    try {
      DataFolder.create(folder);
      part.delete();
      part.make(shared.isShared() ? this::copyShared : this::copyFile, key);
      BackupFile made = free(folder);
      made.write(part.slip().orElseThrow());
      Files.move(part.zip(), made.zip());
      part.delete();
      forgetOldest(folder);
      if (second.isPresent()) {
        made.copyTo(second.get());
        forgetOldest(second.get());
      }
      return made;
    } catch (IOException | BackupFile.Damaged | RuntimeException e) {
      throw new NotKept(e);
    }
  }

  private Map<String, Long> copyFile(Path zip) {
    // Nothing is changed between counting and copying: changes wait their turn.
    return changes.execute(
        status -> {
          Map<String, Long> rows =
              sql.execute((ConnectionCallback<Map<String, Long>>) TableCopy::counts);
          sql.update("backup to ?", zip.toString());
          return rows;
        });
  }

  private Map<String, Long> copyShared(Path zip) {
    return atWork(from -> SharedCopy.pack(from, zip, key));
  }

  /** Does something on a connection of its own. */
  private <T> T atWork(BackupFile.With<Connection, T> what) {
    return sql.execute(
        (ConnectionCallback<T>)
            connection -> {
              try {
                return what.does(connection);
              } catch (IOException e) {
                throw new UncheckedIOException(e);
              }
            });
  }

  /** What was copied before an update is kept with the others. */
  @EventListener(ApplicationReadyEvent.class)
  void keepWhatWasBeforeAnUpdate() {
    BackupFile before = new BackupFile(data.resolve(Update.KEPT));
    if (!Files.exists(before.zip())) {
      return;
    }
    try {
      Path folder = data.resolve(FOLDER);
      DataFolder.create(folder);
      Map<String, Long> counts = before.verify(key);
      BackupFile made = free(folder);
      made.write(new BackupFile.Slip(before.sha256(), counts));
      Files.move(before.zip(), made.zip());
      DataFolder.own(made.zip());
      forgetOldest(folder);
      LOG.info("kept from before the update: {}", made.name());
    } catch (IOException | BackupFile.Damaged e) {
      LOG.warn("the copy from before the update was not kept: {}", e.getMessage());
    }
  }

  /**
   * Puts a backup back: at once where the database can take it while others work on it, else by
   * asking the next start. What is there now is backed up first.
   *
   * @throws NotKept if the backup cannot be trusted, or what is there could not be backed up
   */
  @Needs(Right.SALON)
  void putBack(BackupFile wanted) {
    try {
      wanted.verify(key);
      now();
      if (shared.isShared()) {
        wanted.into(
            key,
            file ->
                atWork(
                    to -> {
                      SharedCopy.unpack(file, to);
                      return file;
                    }));
      } else {
        Files.writeString(
            data.resolve(KeepingTasks.RESTORE), wanted.zip().toAbsolutePath().toString());
      }
    } catch (IOException | BackupFile.Damaged | DataAccessException e) {
      throw new NotKept(e);
    }
  }

  /** Two in one second do not lie on each other. */
  private BackupFile free(Path folder) {
    LocalDateTime at = LocalDateTime.now(clock);
    BackupFile made = BackupFile.named(folder, at);
    while (Files.exists(made.zip())) {
      at = at.plusSeconds(1);
      made = BackupFile.named(folder, at);
    }
    return made;
  }

  private static void forgetOldest(Path folder) throws IOException {
    List<BackupFile> all = BackupFile.in(folder);
    for (BackupFile old : all.subList(Math.min(KEPT, all.size()), all.size())) {
      old.delete();
    }
  }

  /** At night; by day where the night was missed, as salons switch off. */
  @Scheduled(initialDelay = 10, fixedDelay = 30, timeUnit = TimeUnit.MINUTES)
  void daily() {
    if (demo || !possible()) {
      return;
    }
    LocalDateTime now = LocalDateTime.now(clock);
    boolean night = now.getHour() >= NIGHT_FROM && now.getHour() < NIGHT_TO;
    // By day only what the night missed; what bears a day still to come is no backup of these.
    LocalDateTime since = now.minus(night ? DAY.minusHours(NIGHT_TO - NIGHT_FROM) : MISSED);
    boolean done =
        all().stream()
            .flatMap(each -> each.made().stream())
            .anyMatch(made -> made.isAfter(since) && !made.isAfter(now));
    if (!done) {
      try {
        LOG.info("backed up: {}", now().name());
      } catch (NotKept e) {
        LOG.warn(e.getMessage());
      }
    }
  }

  /** Answers {@code ./ongle backup}, which cannot open the data while this has it open. */
  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.SECONDS)
  void asked() {
    Path request = data.resolve(KeepingTasks.REQUEST);
    if (!Files.exists(request)) {
      return;
    }
    String answer;
    try {
      Files.delete(request);
      answer = now().zip().toAbsolutePath().normalize().toString();
    } catch (IOException | NotKept e) {
      answer = KeepingTasks.TROUBLE + e.getMessage();
    }
    try {
      Path part = data.resolve(KeepingTasks.ANSWER + ".part");
      Files.writeString(part, answer);
      Files.move(part, data.resolve(KeepingTasks.ANSWER));
    } catch (IOException e) {
      LOG.warn("the answer to ./ongle backup could not be written: {}", e.getMessage());
    }
  }
}
