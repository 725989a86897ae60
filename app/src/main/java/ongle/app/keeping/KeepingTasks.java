package ongle.app.keeping;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import ongle.app.people.LostPassword;
import ongle.app.store.CannotStart;
import ongle.app.store.DataFolder;
import ongle.app.store.DataKey;
import ongle.app.store.SharedCopy;
import ongle.app.store.SharedDatabase.Address;
import ongle.app.store.StoredFile;
import ongle.app.store.TableCopy;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import org.flywaydb.core.api.FlywayException;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;

/**
 * What {@code ./ongle backup}, {@code restore}, {@code doctor} and {@code password} do: on the
 * console, beside a running Ongle or without one.
 */
public final class KeepingTasks {
  /** Asks a running Ongle for a backup by being there. */
  static final String REQUEST = "backup.request";

  /** Its answer: where the backup lies, or what is wrong. */
  static final String ANSWER = "backup.answer";

  /** The backup the page asked for, to be put back before the next start opens the data. */
  static final String RESTORE = "restore.request";

  /** What the shared database calls a table that is not there. */
  private static final String NO_TABLE = "42P01";

  static final String TROUBLE = "! ";

  private static final String TASK = "--ongle.task=";
  private static final String DATA = "--ongle.data-dir=";
  private static final String FILE = "--ongle.file=";
  private static final String KEY = "--ongle.key-file=";
  private static final String DATABASE = "--ongle.database=";
  private static final String SALON = "--ongle.salon=";
  private static final String OWNER = "--ongle.owner=";

  /** A backup older than this is worth a word, days. */
  private static final int OLD = 2;

  private static final long ROOM = 256L << 20;
  private static final long WAITS_NANOS = TimeUnit.MINUTES.toNanos(3);

  private final Where where;
  private final Path data;
  private final Clock clock;
  private final PrintStream out;

  /**
   * What is looked after.
   *
   * @param data the folder, with the file in it or beside a shared database
   * @param key what files and backups are encrypted with
   * @param shared the database, if it is not a file
   */
  record Where(Path data, DataKey key, Optional<Address> shared) {
    static Where of(String... args) {
      return new Where(
          Path.of(option(args, DATA).orElse(".ongle/data")),
          new DataKey(option(args, KEY).orElse("")),
          option(args, DATABASE)
              .filter(url -> !url.isBlank())
              .map(url -> new Address(url, option(args, SALON).orElse(""))));
    }

    StoredFile file() {
      return StoredFile.in(data, key);
    }
  }

  KeepingTasks(Where where, Clock clock, PrintStream out) {
    this.where = where;
    data = where.data();
    this.clock = clock;
    this.out = out;
  }

  /** Whether the command line asks for one of these rather than for the application. */
  public static boolean asked(String... args) {
    return option(args, TASK).isPresent();
  }

  /** The exit code: 0 where all is well. */
  public static int run(String... args) {
    // What is said is for people; what the database's tools say of themselves is not.
    LoggingSystem.get(KeepingTasks.class.getClassLoader()).setLogLevel(null, LogLevel.ERROR);
    KeepingTasks tasks = new KeepingTasks(Where.of(args), Clock.systemDefaultZone(), System.out);
    return switch (option(args, TASK).orElse("")) {
      case "backup" -> tasks.backup();
      case "restore" -> tasks.restore(Path.of(option(args, FILE).orElse("")));
      case "password" -> tasks.password(option(args, OWNER).orElse(""));
      default -> tasks.doctor();
    };
  }

  private static Optional<String> option(String[] args, String name) {
    return Arrays.stream(args)
        .filter(arg -> arg.startsWith(name))
        .map(arg -> arg.substring(name.length()))
        .findFirst();
  }

  private int say(int code, String words) {
    out.println(words);
    return code;
  }

  private Path file() {
    return data.resolve(DataFolder.FILE);
  }

  int backup() {
    try {
      if (where.shared().isPresent()) {
        return copy(this::packShared);
      }
      if (!Files.exists(file())) {
        return say(1, Words.say("keeping.no-data", "folder", folder()));
      }
      return DataFolder.isOpen(file()) ? ask() : copy(this::packFile);
    } catch (IOException e) {
      return say(1, Words.say("keeping.failed", "why", String.valueOf(e.getMessage())));
    }
  }

  /** A running Ongle makes it. */
  private int ask() throws IOException {
    Files.deleteIfExists(data.resolve(ANSWER));
    Files.writeString(data.resolve(REQUEST), "");
    long until = System.nanoTime() + WAITS_NANOS;
    while (!Files.exists(data.resolve(ANSWER))) {
      if (System.nanoTime() > until) {
        Files.deleteIfExists(data.resolve(REQUEST));
        return say(1, Words.say("keeping.no-answer"));
      }
      LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(100));
    }
    String answer = Files.readString(data.resolve(ANSWER));
    Files.delete(data.resolve(ANSWER));
    return answer.startsWith(TROUBLE)
        ? say(1, answer.substring(TROUBLE.length()))
        : say(0, Words.say("keeping.made", "file", answer));
  }

  private int copy(BackupFile.With<Path, Map<String, Long>> pack) throws IOException {
    Path folder = data.resolve(Backups.FOLDER);
    DataFolder.create(folder);
    BackupFile made = BackupFile.named(folder, LocalDateTime.now(clock));
    try {
      made.make(pack, where.key());
      return say(
          0, Words.say("keeping.made", "file", made.zip().toAbsolutePath().normalize().toString()));
    } catch (IOException | BackupFile.Damaged e) {
      return say(1, Words.say("keeping.failed", "why", String.valueOf(e.getMessage())));
    }
  }

  private Map<String, Long> packFile(Path zip) throws SQLException, IOException {
    try (Connection opened = where.file().open();
        PreparedStatement backup = opened.prepareStatement("backup to ?")) {
      backup.setString(1, zip.toString());
      backup.execute();
      return TableCopy.counts(opened);
    }
  }

  private Map<String, Long> packShared(Path zip) throws SQLException, IOException {
    try (Connection opened = where.shared().orElseThrow().open()) {
      return SharedCopy.pack(opened, zip, where.key());
    }
  }

  int restore(Path zip) {
    BackupFile backup = new BackupFile(zip);
    if (!Files.isRegularFile(zip)) {
      return say(1, Words.say("keeping.no-file", "file", zip.toString()));
    }
    try {
      if (where.shared().isEmpty() && Files.exists(file()) && DataFolder.isOpen(file())) {
        return say(1, Words.say("keeping.running"));
      }
      Map<String, Long> counts = backup.verify(where.key());
      DataFolder.create(data);
      if (where.shared().isPresent()) {
        replaceShared(backup, where.shared().get());
      } else {
        replaceFile(backup);
      }
      return say(
          0,
          Words.say(
              "keeping.restored",
              "clients",
              rows(counts, "client"),
              "sets",
              rows(counts, "nail_set")));
    } catch (BackupFile.Damaged | IOException | SQLException | FlywayException | CannotStart e) {
      return say(1, Words.say("keeping.not-restored", "why", withoutStop(e)));
    }
  }

  private static String withoutStop(Exception trouble) {
    return String.valueOf(trouble.getMessage()).replaceFirst("\\.$", "");
  }

  private void replaceFile(BackupFile backup) throws IOException {
    StoredFile part = new StoredFile(data.resolve("restored-" + DataFolder.FILE), where.key());
    backup.unpack(part.file());
    signOut(part);
    if (Files.exists(file())) {
      Path aside = data.resolve("replaced-" + System.currentTimeMillis() + ".mv.db");
      Files.move(file(), aside);
      out.println(
          Words.say("keeping.aside", "file", aside.toAbsolutePath().normalize().toString()));
    }
    Files.move(part.file(), file(), StandardCopyOption.ATOMIC_MOVE);
  }

  /** What is there is backed up first; if it is damaged, it is set aside as it is. */
  private void replaceShared(BackupFile backup, Address shared) throws IOException, SQLException {
    shared.refuseNewer();
    if (isDamaged(shared)) {
      out.println(Words.say("keeping.aside", "file", shared.setAside(LocalDateTime.now(clock))));
      shared.update();
    } else {
      shared.update();
      copy(this::packShared);
    }
    try (Connection to = shared.open()) {
      backup.into(
          where.key(),
          file -> {
            SharedCopy.unpack(file, to);
            return file;
          });
    }
  }

  private static boolean isDamaged(Address shared) throws IOException, SQLException {
    try (Connection opened = shared.open()) {
      if (TableCopy.tables(opened).isEmpty()) {
        return false;
      }
      try {
        return !SharedCopy.missing(opened).isEmpty();
      } catch (SQLException trouble) {
        if (NO_TABLE.equals(trouble.getSQLState())) {
          return true; // nothing says of which version the tables are
        }
        throw trouble;
      }
    }
  }

  /** Who was signed in when it was made has to sign in again: they may have left since. */
  private static void signOut(StoredFile file) throws IOException {
    try (Connection opened = file.open();
        Statement clear = opened.createStatement()) {
      clear.execute("delete from spring_session");
    } catch (SQLException older) {
      // It was made before anybody signed in.
    }
  }

  /**
   * Puts back what the page asked for before Ongle was started anew.
   *
   * @return whether anything was asked for
   */
  public static boolean restoreIfAsked(String... args) {
    Where where = Where.of(args);
    Path request = where.data().resolve(RESTORE);
    if (!Files.exists(request)) {
      return false;
    }
    try {
      Path zip = Path.of(Files.readString(request));
      Files.delete(request);
      new KeepingTasks(where, Clock.systemDefaultZone(), System.out).restore(zip);
    } catch (IOException e) {
      System.out.println(Words.say("keeping.not-restored", "why", String.valueOf(e.getMessage())));
    }
    return true;
  }

  /**
   * Lets an owner in who lost their password.
   *
   * @param name blank where there is one owner
   */
  int password(String name) {
    try {
      if (where.shared().isEmpty()) {
        if (!Files.exists(file())) {
          return say(1, Words.say("keeping.no-data", "folder", folder()));
        }
        if (DataFolder.isOpen(file())) {
          return say(1, Words.say("keeping.running"));
        }
      }
      try (Connection data = open()) {
        List<String> owners = LostPassword.owners(data);
        String owner = owners.size() == 1 && name.isBlank() ? owners.get(0) : name.strip();
        return owners.contains(owner)
            ? say(
                0,
                Words.say(
                    "keeping.password",
                    "owner",
                    owner,
                    "password",
                    LostPassword.anew(data, owner, LocalDateTime.now(clock))))
            : say(1, Words.say("keeping.which-owner", "owners", String.join(", ", owners)));
      }
    } catch (IOException | SQLException e) {
      return say(1, Words.say("keeping.no-password", "why", String.valueOf(e.getMessage())));
    }
  }

  private Connection open() throws SQLException, IOException {
    return where.shared().isPresent() ? where.shared().get().open() : where.file().open();
  }

  private static long rows(Map<String, Long> counts, String table) {
    return counts.getOrDefault(table, 0L);
  }

  /** Says what is wrong, one line each; the exit code counts what is. */
  int doctor() {
    if (where.shared().isEmpty() && !Files.isDirectory(data)) {
      return say(1, Words.say("keeping.no-data", "folder", folder()));
    }
    int wrong = 0;
    if (Files.isDirectory(data)) {
      wrong += line(Files.isWritable(data), "keeping.writable", "keeping.not-writable");
      wrong += room();
    }
    if (!where.key().isThere() && isLocked()) {
      return wrong + say(1, TROUBLE + where.key().missing());
    }
    wrong += data();
    wrong += backups();
    return wrong;
  }

  private boolean isLocked() {
    try {
      return Files.exists(file()) && where.file().isEncrypted();
    } catch (IOException cannotBeRead) {
      return false;
    }
  }

  private int line(boolean well, String good, String bad) {
    out.println((well ? "  " : TROUBLE) + Words.say(well ? good : bad, "folder", folder()));
    return well ? 0 : 1;
  }

  private int room() {
    long free = data.toFile().getUsableSpace();
    return line(free >= ROOM, "keeping.room", "keeping.no-room");
  }

  private int data() {
    if (where.shared().isEmpty() && !Files.exists(file())) {
      return line(false, "keeping.sound", "keeping.no-data");
    }
    try {
      if (where.shared().isEmpty() && DataFolder.isOpen(file())) {
        return line(true, "keeping.open", "keeping.open");
      }
      Map<String, Long> counts = counts();
      out.println(
          "  "
              + Words.say(
                  "keeping.sound",
                  "clients",
                  rows(counts, "client"),
                  "sets",
                  rows(counts, "nail_set")));
      return 0;
    } catch (SQLException | IOException e) {
      if (where.shared().isPresent()) {
        out.println(TROUBLE + Words.say("keeping.no-database", "why", e.getMessage()));
      } else {
        line(false, "keeping.sound", "keeping.damaged");
      }
      lastGood()
          .ifPresent(
              good ->
                  out.println(
                      TROUBLE
                          + Words.say(
                              "keeping.put-back",
                              "file",
                              good.zip().toAbsolutePath().normalize().toString())));
      return 1;
    }
  }

  private Map<String, Long> counts() throws SQLException, IOException {
    if (where.shared().isEmpty()) {
      return BackupFile.countsOf(where.file());
    }
    try (Connection opened = where.shared().get().open()) {
      Set<String> missing = SharedCopy.missing(opened);
      if (!missing.isEmpty()) {
        throw TableCopy.missing(missing);
      }
      return TableCopy.counts(opened);
    }
  }

  /** The last backup that can be opened. */
  Optional<BackupFile> lastGood() {
    try {
      for (BackupFile each : BackupFile.in(data.resolve(Backups.FOLDER))) {
        try {
          each.verify(where.key());
          return Optional.of(each);
        } catch (BackupFile.Damaged e) {
          out.println(TROUBLE + Words.say("keeping.backup-damaged", "file", each.name()));
        }
      }
    } catch (IOException e) {
      out.println(TROUBLE + e.getMessage());
    }
    return Optional.empty();
  }

  private int backups() {
    List<BackupFile> all;
    try {
      all = BackupFile.in(data.resolve(Backups.FOLDER));
    } catch (IOException e) {
      return say(1, TROUBLE + e.getMessage());
    }
    Optional<LocalDateTime> last = all.stream().flatMap(each -> each.made().stream()).findFirst();
    if (last.isEmpty()) {
      return line(false, "keeping.backups", "keeping.no-backups");
    }
    LocalDateTime now = LocalDateTime.now(clock);
    if (last.get().isAfter(now.plusMinutes(5))) {
      return say(
          1,
          TROUBLE + Words.say("keeping.clock", "day", Dates.of(last.get().toLocalDate(), "day")));
    }
    long days = ChronoUnit.DAYS.between(last.get(), now);
    boolean recent = days <= OLD;
    out.println(
        (recent ? "  " : TROUBLE)
            + Words.say("keeping.backups", "backups", all.size(), "days", days));
    return recent ? 0 : 1;
  }

  private String folder() {
    return data.toAbsolutePath().normalize().toString();
  }
}
