package ongle.app.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.app.store.DataFolder;
import ongle.app.store.DataKey;
import ongle.app.store.SharedDatabase;
import ongle.app.store.StoredFile;
import ongle.app.store.Update;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.transaction.support.TransactionOperations;

/** Copies of the salon's data: made while it is open, opened before they count, and put back. */
class KeepingTest {
  private static final ZoneId ZONE = ZoneId.of("UTC");
  private static final Instant NIGHT = Instant.parse("2026-03-10T03:00:00Z");

  @TempDir private Path data;
  @TempDir private Path second;
  @TempDir private Path apart;
  private SingleConnectionDataSource database;
  private JdbcTemplate sql;

  private DataKey key() {
    return new DataKey(apart.resolve("salon.key").toString());
  }

  /** As a salon's: encrypted with a key that lies apart. */
  @BeforeEach
  void open() throws Exception {
    Map<String, Object> opens = DataFolder.unlock(data, key());
    database =
        new SingleConnectionDataSource(
            "jdbc:h2:file:"
                + data.resolve("ongle")
                + opens.get("ongle.cipher")
                + ";DB_CLOSE_ON_EXIT=FALSE",
            DataFolder.USER,
            (String) opens.get("spring.datasource.password"),
            true);
    sql = new JdbcTemplate(database);
    sql.execute("create table if not exists client (id bigint primary key, name varchar(40))");
    sql.execute("create table if not exists nail_set (id bigint primary key)");
    for (int i = 0; i < 500; i++) {
      sql.update("merge into client values (?, ?)", i, "Client " + i);
    }
  }

  @AfterEach
  void close() {
    if (database != null) {
      sql.execute("shutdown");
      database.destroy();
      database = null;
    }
  }

  private Backups backups(Instant at) {
    return new Backups(
        data,
        second.toString(),
        false,
        key(),
        new SharedDatabase("", sql.getDataSource()),
        sql,
        TransactionOperations.withoutTransaction(),
        Clock.fixed(at, ZONE));
  }

  private KeepingTasks.Where where(Path folder) {
    return new KeepingTasks.Where(folder, key(), Optional.empty());
  }

  private String said(Instant at, java.util.function.ToIntFunction<KeepingTasks> task) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    int code =
        task.applyAsInt(
            new KeepingTasks(
                where(data),
                Clock.fixed(at, ZONE),
                new PrintStream(out, true, StandardCharsets.UTF_8)));
    return code + " " + out.toString(StandardCharsets.UTF_8);
  }

  @Test
  void aCopyOfOpenDataIsOpenedAndTheOldestIsForgotten() throws Exception {
    for (int i = 0; i < Backups.KEPT + 2; i++) {
      backups(NIGHT.plus(Duration.ofDays(i))).now();
    }
    List<BackupFile> all = backups(NIGHT).all();
    assertThat(all).hasSize(Backups.KEPT);
    assertThat(all.get(0).name()).isEqualTo("ongle-20260325-030000.zip");
    assertThat(all.get(0).verify(key())).containsEntry("client", 500L);
    assertThat(BackupFile.in(second)).hasSize(Backups.KEPT);
    try (Stream<Path> left = Files.list(data.resolve(Backups.FOLDER))) {
      assertThat(left).hasSize(2 * Backups.KEPT);
    }
  }

  @Test
  void anotherInTheSameSecondLiesBesideTheFirst() {
    Backups backups = backups(NIGHT);
    assertThat(backups.now()).isNotEqualTo(backups.now());
  }

  @Test
  void eachNightAndAfterAMissedOneItIsCopiedByItself() {
    backups(NIGHT).daily();
    assertThat(backups(NIGHT).all()).hasSize(1);
    backups(NIGHT.plus(Duration.ofHours(8))).daily();
    assertThat(backups(NIGHT).all()).hasSize(1);
    backups(NIGHT.plus(Duration.ofHours(24 + 7))).daily();
    assertThat(backups(NIGHT).all()).hasSize(2);
  }

  @Test
  void aFullDiskIsSaidAndWhatWasKeptStays() throws IOException {
    backups(NIGHT).now();
    Path folder = data.resolve(Backups.FOLDER);
    // As good as full: where the part would lie there is a folder that cannot be cleared.
    Files.createDirectories(folder.resolve(Backups.PART).resolve("full"));
    assertThatThrownBy(() -> backups(NIGHT.plus(Duration.ofDays(1))).now())
        .isInstanceOf(Backups.NotKept.class)
        .hasMessageContaining("No backup was made");
    assertThat(backups(NIGHT).all()).hasSize(1);
  }

  @Test
  void whoWasSignedInIsNoPartOfABackupThatIsPutBack() throws Exception {
    sql.execute("create table spring_session (id bigint primary key)");
    sql.update("insert into spring_session values (1)");
    BackupFile made = backups(NIGHT).now();
    assertThat(made.verify(key())).doesNotContainKey("spring_session");
    sql.update("insert into spring_session values (2)");
    close();
    assertThat(said(NIGHT, tasks -> tasks.restore(made.zip()))).startsWith("0");
    open();
    assertThat(sql.queryForObject("select count(*) from spring_session", Integer.class)).isZero();
    assertThat(sql.queryForObject("select count(*) from client", Integer.class)).isEqualTo(500);
  }

  @Test
  void whatWasCopiedBeforeAnUpdateIsKeptWithTheOthers() throws Exception {
    sql.update("backup to ?", data.resolve(Update.KEPT).toString());
    backups(NIGHT).keepWhatWasBeforeAnUpdate();
    List<BackupFile> all = backups(NIGHT).all();
    assertThat(all).hasSize(1);
    assertThat(all.get(0).verify(key())).containsEntry("client", 500L);
    assertThat(all.get(0).slip()).isPresent();
    assertThat(data.resolve(Update.KEPT)).doesNotExist();
  }

  @Test
  void whatThePageAskedForIsPutBackBeforeTheNextStart() throws Exception {
    BackupFile made = backups(NIGHT).now();
    sql.update("delete from client where id >= 100");
    backups(NIGHT.plus(Duration.ofHours(1))).putBack(made);
    close();
    assertThat(askedFor()).isTrue();
    assertThat(BackupFile.countsOf(StoredFile.in(data, key()))).containsEntry("client", 500L);
    assertThat(askedFor()).isFalse();
    // What was there is backed up as well.
    assertThat(backups(NIGHT).all().get(0).verify(key())).containsEntry("client", 100L);
  }

  @Test
  void damagedDataIsSaidAndTheLastGoodCopyIsPutBack() throws Exception {
    BackupFile good = backups(NIGHT).now();
    BackupFile bad = backups(NIGHT.plus(Duration.ofHours(1))).now();
    sql.update("delete from client where id >= 100");
    assertThat(said(NIGHT, KeepingTasks::doctor)).contains("Ongle is running with it");
    assertThat(said(NIGHT, tasks -> tasks.restore(good.zip()))).contains("end it first");
    close();
    overwrite(bad.zip());
    overwrite(data.resolve(DataFolder.FILE));
    String doctor = said(NIGHT.plus(Duration.ofDays(3)), KeepingTasks::doctor);
    assertThat(doctor)
        .doesNotStartWith("0")
        .contains("cannot be opened")
        .contains(bad.name() + " is damaged")
        .contains("./ongle restore")
        .contains(good.name());
    assertThat(said(NIGHT, tasks -> tasks.restore(bad.zip()))).contains("Nothing was changed");
    assertThat(said(NIGHT, tasks -> tasks.restore(good.zip())))
        .startsWith("0")
        .contains("500 clients");
    assertThat(BackupFile.countsOf(StoredFile.in(data, key()))).containsEntry("client", 500L);
    try (Stream<Path> files = Files.list(data)) {
      assertThat(files.map(file -> file.getFileName().toString()))
          .anyMatch(name -> name.startsWith("replaced-"));
    }
  }

  private boolean askedFor() {
    return KeepingTasks.restoreIfAsked(
        "--ongle.data-dir=" + data, "--ongle.key-file=" + key().file().orElseThrow());
  }

  @Test
  void whoeverTakesTheFolderOrABackupReadsNothing() throws Exception {
    BackupFile made = backups(NIGHT).now();
    close();
    Path unpacked = second.resolve(DataFolder.FILE);
    made.unpack(unpacked);
    for (Path file : List.of(data.resolve(DataFolder.FILE), unpacked)) {
      assertThat(Files.readString(file, StandardCharsets.ISO_8859_1))
          .startsWith("H2encrypt")
          .doesNotContain("Client 4");
    }
    DataKey other = new DataKey(second.resolve("other.key").toString());
    Files.writeString(other.file().orElseThrow(), "0".repeat(64));
    assertThatThrownBy(() -> made.verify(other)).isInstanceOf(BackupFile.Damaged.class);
    Path lost = second.resolve("lost.key");
    assertThatThrownBy(() -> DataFolder.unlock(data, new DataKey(lost.toString())))
        .hasMessageContaining("lost.key");
    assertThat(lost).doesNotExist();
    Files.move(key().file().orElseThrow(), lost);
    assertThat(said(NIGHT, KeepingTasks::doctor))
        .contains("its key is not where it should be")
        .doesNotContain("damaged");
    assertThat(said(NIGHT, tasks -> tasks.restore(made.zip())))
        .contains("its key is not where it should be");
    Files.move(lost, key().file().orElseThrow());
    assertThat(Files.getPosixFilePermissions(key().file().orElseThrow())).hasSize(2);
  }

  /** A salon of before goes on with what it had, and its old backups can be put back. */
  @Test
  void plainDataIsEncryptedAtTheNextStart() throws Exception {
    close();
    DataKey none = new DataKey("");
    Path old = data.resolve("old");
    Files.createDirectories(old);
    StoredFile plain = StoredFile.in(old, none);
    plain.update();
    Path zip = old.resolve("ongle-20260101-030000.zip");
    try (Connection opened = plain.open()) {
      opened
          .createStatement()
          .execute(
              "insert into client (version, form_key, name, minor)"
                  + " values (0, random_uuid(), 'Ada Plain', false)");
      opened.createStatement().execute("backup to '" + zip + "'");
    }
    assertThat(Files.readString(plain.file(), StandardCharsets.ISO_8859_1)).contains("Ada Plain");
    DataFolder.unlock(old, key());
    assertThat(Files.readString(plain.file(), StandardCharsets.ISO_8859_1))
        .doesNotContain("Ada Plain");
    assertThat(BackupFile.countsOf(StoredFile.in(old, key()))).containsEntry("client", 1L);
    assertThat(new BackupFile(zip).verify(key())).containsEntry("client", 1L);
    StoredFile fresh = StoredFile.in(old.resolve("fresh"), key());
    fresh.update();
    assertThat(fresh.isEncrypted()).isTrue();
    assertThat(BackupFile.countsOf(fresh)).containsEntry("client", 0L);
  }

  private static void overwrite(Path file) throws IOException {
    try (RandomAccessFile out = new RandomAccessFile(file.toFile(), "rw")) {
      byte[] rubbish = new byte[(int) Math.min(out.length(), 20_000)];
      java.util.Arrays.fill(rubbish, (byte) 7);
      out.write(rubbish);
    }
  }

  @Test
  void withoutARunningOngleItIsCopiedFromTheConsole() throws Exception {
    close();
    assertThat(said(NIGHT, KeepingTasks::backup)).startsWith("0").contains("opened and counted");
    assertThat(said(NIGHT, KeepingTasks::doctor)).startsWith("0").contains("the last today");
    assertThat(said(NIGHT.plus(Duration.ofDays(5)), KeepingTasks::doctor)).contains("5 days ago");
    assertThat(said(NIGHT.minus(Duration.ofDays(5)), KeepingTasks::doctor)).contains("has jumped");
  }

  @Test
  void anOwnerWhoLostTheirPasswordIsNamed() throws Exception {
    assertThat(said(NIGHT, tasks -> tasks.password(""))).contains("end it first");
    Path other = second.resolve("other");
    Files.createDirectories(other);
    StoredFile file = StoredFile.in(other, key());
    file.update();
    try (Connection opened = file.open()) {
      for (String name : List.of("Runa Feld", "Ivo Feld")) {
        opened
            .createStatement()
            .execute(
                "insert into person (version, form_key, name, role, wrong, put_away)"
                    + " values (0, random_uuid(), '%s', 'OWNER', 0, false)".formatted(name));
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    KeepingTasks tasks =
        new KeepingTasks(where(other), Clock.fixed(NIGHT, ZONE), new PrintStream(out, true));
    assertThat(tasks.password("")).isEqualTo(1);
    assertThat(out.toString()).contains("Ivo Feld, Runa Feld");
    assertThat(tasks.password("Runa Feld")).isZero();
    assertThat(out.toString()).contains("Runa Feld signs in with ");
  }

  @Test
  void aRunningOngleAnswersTheConsole() throws Exception {
    Backups running = backups(NIGHT);
    Thread desk =
        new Thread(
            () -> {
              while (running.all().isEmpty()) {
                running.asked();
              }
            });
    desk.start();
    assertThat(said(NIGHT, KeepingTasks::backup)).startsWith("0").contains(".zip");
    desk.join();
  }

  @Test
  void whatIsNotThereIsSaid() {
    close();
    Path none = data.resolve("nowhere");
    KeepingTasks tasks =
        new KeepingTasks(
            where(none), Clock.fixed(NIGHT, ZONE), new PrintStream(new ByteArrayOutputStream()));
    assertThat(tasks.backup()).isEqualTo(1);
    assertThat(tasks.doctor()).isEqualTo(1);
    assertThat(tasks.restore(none.resolve("x.zip"))).isEqualTo(1);
    assertThat(KeepingTasks.asked("--ongle.task=doctor")).isTrue();
    assertThat(KeepingTasks.asked("--ongle.demo=true")).isFalse();
  }
}
