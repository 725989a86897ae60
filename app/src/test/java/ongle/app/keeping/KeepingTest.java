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
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import ongle.app.store.DataFolder;
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
  private SingleConnectionDataSource database;
  private JdbcTemplate sql;

  @BeforeEach
  void open() {
    database =
        new SingleConnectionDataSource(
            "jdbc:h2:file:" + data.resolve("ongle") + ";DB_CLOSE_ON_EXIT=FALSE",
            DataFolder.USER,
            "",
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
        sql,
        TransactionOperations.withoutTransaction(),
        Clock.fixed(at, ZONE));
  }

  private String said(Instant at, java.util.function.ToIntFunction<KeepingTasks> task) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    int code =
        task.applyAsInt(
            new KeepingTasks(
                data, Clock.fixed(at, ZONE), new PrintStream(out, true, StandardCharsets.UTF_8)));
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
    assertThat(all.get(0).verify()).containsEntry("CLIENT", 500L);
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
    Files.createDirectories(folder.resolve("ongle.part").resolve("full"));
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
    assertThat(made.verify()).doesNotContainKey("SPRING_SESSION");
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
    assertThat(all.get(0).verify()).containsEntry("CLIENT", 500L);
    assertThat(all.get(0).slip()).isPresent();
    assertThat(data.resolve(Update.KEPT)).doesNotExist();
  }

  @Test
  void whatThePageAskedForIsPutBackBeforeTheNextStart() throws Exception {
    BackupFile made = backups(NIGHT).now();
    sql.update("delete from client where id >= 100");
    backups(NIGHT.plus(Duration.ofHours(1))).putBack(made);
    close();
    assertThat(KeepingTasks.restoreIfAsked("--ongle.data-dir=" + data)).isTrue();
    assertThat(BackupFile.countsOf(data)).containsEntry("CLIENT", 500L);
    assertThat(KeepingTasks.restoreIfAsked("--ongle.data-dir=" + data)).isFalse();
    // What was there is backed up as well.
    assertThat(backups(NIGHT).all().get(0).verify()).containsEntry("CLIENT", 100L);
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
    assertThat(BackupFile.countsOf(data)).containsEntry("CLIENT", 500L);
    try (Stream<Path> files = Files.list(data)) {
      assertThat(files.map(file -> file.getFileName().toString()))
          .anyMatch(name -> name.startsWith("replaced-"));
    }
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
            none, Clock.fixed(NIGHT, ZONE), new PrintStream(new ByteArrayOutputStream()));
    assertThat(tasks.backup()).isEqualTo(1);
    assertThat(tasks.doctor()).isEqualTo(1);
    assertThat(tasks.restore(none.resolve("x.zip"))).isEqualTo(1);
    assertThat(KeepingTasks.asked("--ongle.task=doctor")).isTrue();
    assertThat(KeepingTasks.asked("--ongle.demo=true")).isFalse();
  }
}
