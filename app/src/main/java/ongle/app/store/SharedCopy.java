package ongle.app.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.util.FileSystemUtils;

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
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  /**
   * The tables that should be there by what the database says of its version, and are not.
   *
   * @throws SQLException if it says nothing of it
   */
  public static Set<String> missing(Connection of) throws SQLException, IOException {
    Path folder = Files.createTempDirectory("tables");
    StoredFile asItShouldBe = StoredFile.in(folder, new DataKey(""));
    try {
      asItShouldBe.update(version(of));
      try (Connection should = asItShouldBe.open()) {
        Set<String> missing = new TreeSet<>(TableCopy.tables(should));
        missing.removeAll(TableCopy.tables(of));
        return missing;
      }
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  private static MigrationVersion version(Connection of) throws SQLException {
    try (Statement statement = of.createStatement();
        ResultSet last =
            statement.executeQuery(
                """
                select "version" from "flyway_schema_history"
                where "success" and "version" is not null
                order by "installed_rank" desc
                """)) {
      return last.next()
          ? MigrationVersion.fromVersion(last.getString(1))
          : MigrationVersion.LATEST;
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
