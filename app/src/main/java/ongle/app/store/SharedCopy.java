package ongle.app.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.flywaydb.core.api.MigrationVersion;

/**
 * Copies a shared database into a file and back: what a backup holds is the same whichever database
 * it was made of.
 */
public final class SharedCopy {
  private SharedCopy() {}

  /**
   * Packs all of it, as it was at one moment; others go on working meanwhile.
   *
   * @param zip where it is packed to
   * @return rows by table
   */
  public static Map<String, Long> pack(Connection from, Path zip, DataKey key)
      throws SQLException, IOException {
    return pack(from, zip, key, MigrationVersion.LATEST);
  }

  /**
   * @param version of its tables
   */
  static Map<String, Long> pack(Connection from, Path zip, DataKey key, MigrationVersion version)
      throws SQLException, IOException {
    Path folder = Files.createTempDirectory(zip.toAbsolutePath().getParent(), "copied");
    StoredFile copy = StoredFile.in(folder, key);
    try {
      key.make();
      copy.update(version);
      from.setAutoCommit(false);
      from.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
      from.setReadOnly(true);
      try (Connection to = copy.open();
          PreparedStatement pack = to.prepareStatement("backup to ?")) {
        to.setAutoCommit(false);
        new TableCopy(from, to).replace();
        to.commit();
        Map<String, Long> counts = TableCopy.counts(from);
        from.rollback();
        pack.setString(1, zip.toString());
        pack.execute();
        return counts;
      }
    } finally {
      Files.deleteIfExists(copy.file());
      Files.delete(folder);
    }
  }

  /**
   * Puts a file's rows in the place of what is there, in one step for whoever works on it.
   *
   * @param file older ones are brought up to date
   */
  public static void unpack(StoredFile file, Connection to) throws SQLException, IOException {
    file.update();
    to.setAutoCommit(false);
    try (Connection from = file.open();
        Statement turn = to.createStatement()) {
      from.setAutoCommit(false);
      turn.execute(SharedDatabase.TAKE_TURN);
      new TableCopy(from, to).replace();
      turn.execute(Instances.TELL_MISSED);
      to.commit();
    }
  }
}
