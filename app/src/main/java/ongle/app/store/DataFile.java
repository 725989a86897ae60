package ongle.app.store;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The one file everything is kept in, and the room it has. */
@Component
class DataFile {
  static final String NAME = "ongle.mv.db";

  /**
   * Left free, bytes: the database closes itself on a full disk, and reading would stop with it.
   */
  private static final long ROOM = 16L << 20;

  private final File folder;
  private final Path path;
  private final JdbcTemplate sql;
  private boolean owned;

  DataFile(@Value("${ongle.data-dir}") Path folder, DataSource database) {
    this.folder = folder.toFile();
    path = folder.resolve(NAME);
    sql = new JdbcTemplate(database);
  }

  /** Whether the disk has room for another change. */
  boolean hasRoom() {
    return !onDisk() || folder.getUsableSpace() >= ROOM;
  }

  private boolean onDisk() {
    return Files.exists(path);
  }

  /**
   * Puts on the disk what was committed, past what the system itself holds back, so that not even a
   * power cut takes it. Nothing for a database in memory.
   */
  void keep() {
    if (!onDisk()) {
      return;
    }
    sql.execute("checkpoint sync");
    if (!owned) {
      try {
        DataFolder.own(path, DataFolder.OWN_FILE);
        owned = true;
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
