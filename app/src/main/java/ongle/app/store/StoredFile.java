package ongle.app.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.h2.tools.ChangeFileEncryption;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.util.FileSystemUtils;

/**
 * A database in one file, encrypted or plain.
 *
 * @param file where it lies
 * @param key what it is encrypted with, if it is
 */
public record StoredFile(Path file, DataKey key) {
  /** What the database begins an encrypted file with. */
  private static final byte[] ENCRYPTED = "H2encrypt".getBytes(StandardCharsets.US_ASCII);

  /** And one that is not. */
  private static final byte[] PLAIN = "H:2,".getBytes(StandardCharsets.US_ASCII);

  private static final String CIPHER = "AES";
  private static final String ENDING = ".mv.db";

  /** The one in a data folder. */
  public static StoredFile in(Path folder, DataKey key) {
    return new StoredFile(folder.resolve(DataFolder.FILE), key);
  }

  /**
   * Encrypted if it is there and says so, or will be if it is made with a key. One whose beginning
   * is damaged says nothing: then it is what it would have been made.
   */
  public boolean isEncrypted() throws IOException {
    if (begins(ENCRYPTED)) {
      return true;
    }
    return key.file().isPresent() && !begins(PLAIN);
  }

  private boolean begins(byte[] with) throws IOException {
    if (!Files.exists(file)) {
      return false;
    }
    try (InputStream in = Files.newInputStream(file)) {
      return Arrays.equals(in.readNBytes(with.length), with);
    }
  }

  private String url(String options) throws IOException {
    String path = file.toAbsolutePath().normalize().toString();
    return "jdbc:h2:file:"
        + path.substring(0, path.length() - ENDING.length())
        + (isEncrypted() ? ";CIPHER=" + CIPHER : "")
        + ";DB_CLOSE_ON_EXIT=FALSE"
        + options;
  }

  /** What the database takes for a password: the key, then the user's, which is empty. */
  String password() throws IOException {
    return isEncrypted() ? key.read() + " " : "";
  }

  /** What is added to the address of an encrypted one. */
  String cipher() throws IOException {
    return isEncrypted() ? ";CIPHER=" + CIPHER : "";
  }

  public Connection open() throws SQLException, IOException {
    return DriverManager.getConnection(url(""), DataFolder.USER, password());
  }

  public Connection openToRead() throws SQLException, IOException {
    return DriverManager.getConnection(url(";ACCESS_MODE_DATA=r"), DataFolder.USER, password());
  }

  /** Makes its tables, or brings them up to date. */
  public void update() throws IOException {
    update(MigrationVersion.LATEST);
  }

  /** As {@link #update()}, but no further than tables of that version. */
  void update(MigrationVersion version) throws IOException {
    // A source of our own: the tool's own one takes the space off the password's end.
    Flyway.configure()
        .dataSource(new DriverManagerDataSource(url(""), DataFolder.USER, password()))
        .validateOnMigrate(false)
        .target(version)
        .load()
        .migrate();
  }

  /** Encrypts a plain one, in a copy that takes its place once it is whole. */
  void encrypt() throws IOException {
    Path folder = Files.createTempDirectory(file.toAbsolutePath().getParent(), "encrypting");
    Path copy = folder.resolve(file.getFileName());
    try {
      Files.copy(file, copy);
      String name = file.getFileName().toString();
      ChangeFileEncryption.execute(
          folder.toString(),
          name.substring(0, name.length() - ENDING.length()),
          CIPHER,
          null,
          key.read().toCharArray(),
          true);
      new StoredFile(copy, key).openToRead().close();
      DataFolder.own(copy);
      Files.move(copy, file, StandardCopyOption.ATOMIC_MOVE);
    } catch (SQLException e) {
      throw new IOException(e);
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }
}
