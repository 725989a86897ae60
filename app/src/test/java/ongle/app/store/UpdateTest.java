package ongle.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** An update that is cut short is taken back, and a folder nothing can be kept in is named. */
class UpdateTest {
  @TempDir private Path folder;

  private DataSource database() {
    return new DriverManagerDataSource(
        "jdbc:h2:file:" + folder.resolve("ongle") + ";WRITE_DELAY=0");
  }

  private static void update(Path folder, DataSource database, String... locations) {
    new Update(
            folder,
            new DataFile(folder, database),
            new SharedDatabase("", database),
            new DataKey(""))
        .migrate(Flyway.configure().dataSource(database).locations(locations).load());
  }

  @Test
  void anUpdateThatWasCutShortIsTakenBackAndDoneAtTheNextStart() throws Exception {
    DataFolder.open(folder);
    DataSource before = database();
    Flyway.configure().dataSource(before).target("9").load().migrate();
    new JdbcTemplate(before)
        .update(
            "insert into client (version, form_key, name, minor) values (0, random_uuid(), 'Ada', false)");

    assertThatThrownBy(
            () -> update(folder, before, "classpath:db/migration", "classpath:db/broken"))
        .isInstanceOf(CannotStart.class)
        .hasMessageContaining("could not be brought up to date");
    assertThat(folder.resolve(Update.COPY)).exists();

    DataFolder.open(folder);
    DataSource after = database();
    update(folder, after, "classpath:db/migration");
    JdbcTemplate sql = new JdbcTemplate(after);
    assertThat(sql.queryForObject("select name from client", String.class)).isEqualTo("Ada");
    assertThat(
            sql.queryForObject(
                "select count(*) from information_schema.columns where column_name = 'HALF_DONE'",
                Integer.class))
        .isZero();
    assertThat(folder.resolve(Update.COPY)).doesNotExist();
  }

  @Test
  void whatANewerOngleKeptIsNotTouched() throws Exception {
    DataFolder.open(folder);
    DataSource database = database();
    update(folder, database, "classpath:db/migration");
    new JdbcTemplate(database)
        .update(
            """
            insert into "flyway_schema_history"
              ("installed_rank", "version", "description", "type", "script", "installed_by",
               "execution_time", "success")
            values (9999, '9999', 'later', 'SQL', 'V9999__later.sql', 'ongle', 1, true)
            """);
    assertThatThrownBy(() -> update(folder, database, "classpath:db/migration"))
        .isInstanceOf(CannotStart.class)
        .hasMessageContaining("newer Ongle");
  }

  @Test
  void aFolderThatCannotBeMadeIsNamed() throws Exception {
    Path file = Files.createFile(folder.resolve("file"));
    assertThatThrownBy(() -> DataFolder.open(file.resolve("data")))
        .isInstanceOf(CannotStart.class)
        .hasMessageContaining("cannot write to its data folder");
  }

  @Test
  void noNewSalonBeginsInAFileThatWasEmptied() throws Exception {
    Files.createFile(folder.resolve(DataFile.NAME));
    assertThatThrownBy(() -> DataFolder.open(folder))
        .isInstanceOf(CannotStart.class)
        .hasMessageContaining("is empty");
  }

  @Test
  void aDatabaseThatDoesNotAnswerIsNamedWithoutItsPassword() throws Exception {
    DataSource gone = mock(DataSource.class);
    when(gone.getConnection()).thenThrow(new SQLException("refused"));
    SharedDatabase shared =
        new SharedDatabase("postgresql://desk/salon?user=ongle&password=secret", gone);
    assertThatThrownBy(shared::reach)
        .isInstanceOf(CannotStart.class)
        .hasMessageContaining("postgresql://desk/salon does not answer")
        .hasMessageNotContaining("secret");
  }

  @Test
  void aSecondOngleOnTheSameDataIsToldSo() throws Exception {
    Path file = Files.createFile(folder.resolve(DataFile.NAME));
    Process other =
        new ProcessBuilder(
                ProcessHandle.current().info().command().orElse("java"),
                "-cp",
                System.getProperty("java.class.path"),
                Holder.class.getName(),
                file.toString())
            .start();
    try {
      assertThat(other.getInputStream().read()).isEqualTo('h');
      assertThatThrownBy(() -> DataFolder.open(folder))
          .isInstanceOf(CannotStart.class)
          .hasMessageContaining("running already");
    } finally {
      other.destroyForcibly().waitFor();
    }
  }

  @Test
  void theDataIsItsOwnersAlone() throws Exception {
    Files.writeString(folder.resolve(DataFile.NAME), "H:2,");
    DataFolder.open(folder);
    assertThat(Files.getPosixFilePermissions(folder)).isEqualTo(DataFolder.OWN_FOLDER);
    assertThat(Files.getPosixFilePermissions(folder.resolve(DataFile.NAME)))
        .isEqualTo(DataFolder.OWN_FILE);
  }

  /** Another program that holds the data. */
  static final class Holder {
    public static void main(String[] file) throws Exception {
      try (FileChannel channel = FileChannel.open(Path.of(file[0]), StandardOpenOption.WRITE);
          FileLock lock = channel.lock()) {
        System.out.print(lock.isValid() ? "h" : "n");
        System.out.flush();
        TimeUnit.MINUTES.sleep(1);
      }
    }
  }
}
