package ongle.app.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Brings the tables up to date. The database keeps each change of a table at once, so an update
 * that is cut short would leave them half changed: a copy is made before, and put back at the next
 * start if the update did not come to its end.
 */
@Component
public class Update implements FlywayMigrationStrategy {
  static final String COPY = "before-update.zip";

  /** The same once the update came to its end: a backup like any other. */
  public static final String KEPT = "updated-from.zip";

  private static final String PART = ".part";

  private final Path folder;
  private final DataFile file;
  private final SharedDatabase shared;
  private final DataKey key;

  Update(
      @Value("${ongle.data-dir}") Path folder, DataFile file, SharedDatabase shared, DataKey key) {
    this.folder = folder;
    this.file = file;
    this.shared = shared;
    this.key = key;
  }

  @Override
  public void migrate(Flyway flyway) {
    shared.reach();
    MigrationInfoService tables = flyway.info();
    refuseNewer(tables, folder.toAbsolutePath().normalize().toString());
    boolean kept = shared.isShared() || Files.exists(folder.resolve(DataFile.NAME));
    if (!kept || tables.current() == null || tables.pending().length == 0) {
      flyway.migrate(); // in memory there is nothing to lose, and nothing to do is soon done
      return;
    }
    if (shared.isShared()) {
      copyShared(flyway.getConfiguration().getDataSource(), tables.current().getVersion());
      flyway.migrate(); // all of it or nothing, as this database changes tables in a transaction
      return;
    }
    try {
      copy(flyway);
      flyway.migrate();
      file.keep();
      Files.move(folder.resolve(COPY), folder.resolve(KEPT), StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException | FlywayException e) {
      throw new CannotStart(CannotStart.Why.UPDATE_FAILED, folder, e);
    }
  }

  /** What a newer Ongle keeps, this one would show and change in part only. */
  static void refuseNewer(MigrationInfoService tables, String where) {
    MigrationInfo newest = tables.current();
    if (newest != null && newest.getState() == MigrationState.FUTURE_SUCCESS) {
      throw new CannotStart(CannotStart.Why.NEWER, where, null);
    }
  }

  private void copyShared(DataSource database, MigrationVersion version) {
    Path part = folder.resolve(KEPT + PART);
    try (Connection from = database.getConnection()) {
      DataFolder.create(folder);
      Files.deleteIfExists(part);
      SharedCopy.pack(from, part, key, version);
      Files.move(part, folder.resolve(KEPT), StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException | SQLException e) {
      throw new CannotStart(CannotStart.Why.UPDATE_FAILED, folder, e);
    }
  }

  /** The copy bears its name only once it is whole. */
  private void copy(Flyway flyway) throws IOException {
    Path part = folder.resolve(COPY + PART);
    Files.deleteIfExists(part);
    new JdbcTemplate(flyway.getConfiguration().getDataSource())
        .update("backup to ?", part.toString());
    keep(part);
    Files.move(part, folder.resolve(COPY), StandardCopyOption.ATOMIC_MOVE);
  }

  /** To be called before the database is opened. */
  static void takeBackIfCutShort(Path folder) throws IOException {
    Path copy = folder.resolve(COPY);
    if (!Files.exists(copy)) {
      return;
    }
    Path part = folder.resolve(DataFile.NAME + PART);
    try (InputStream in = Files.newInputStream(copy);
        ZipInputStream zip = new ZipInputStream(in)) {
      for (ZipEntry each = zip.getNextEntry(); each != null; each = zip.getNextEntry()) {
        if (each.getName().endsWith(DataFile.NAME)) {
          Files.copy(zip, part, StandardCopyOption.REPLACE_EXISTING);
        }
      }
    }
    keep(part);
    Files.move(part, folder.resolve(DataFile.NAME), StandardCopyOption.ATOMIC_MOVE);
    Files.delete(copy);
  }

  private static void keep(Path path) {
    try (FileChannel channel = FileChannel.open(path, StandardOpenOption.WRITE)) {
      channel.force(true);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
