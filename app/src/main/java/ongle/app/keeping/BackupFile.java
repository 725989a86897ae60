package ongle.app.keeping;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import ongle.app.store.DataFolder;
import ongle.app.store.DataKey;
import ongle.app.store.StoredFile;
import ongle.app.store.TableCopy;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * One backup: the database's file in a zip, and beside it a slip with its checksum and how many
 * rows every table had.
 *
 * @param zip where it lies
 */
record BackupFile(Path zip) {
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");
  private static final Pattern NAME = Pattern.compile("ongle-(\\d{8}-\\d{6})\\.zip");
  private static final String SLIP = ".check.json";
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /**
   * What a backup holds.
   *
   * @param sha256 of the zip
   * @param counts rows by table
   */
  record Slip(String sha256, Map<String, Long> counts) {
    /** Slips of before name tables in capitals, and the tables' own history. */
    boolean says(Map<String, Long> found) {
      Map<String, Long> said = new TreeMap<>();
      counts.forEach((table, rows) -> said.put(table.toLowerCase(Locale.ROOT), rows));
      said.keySet().retainAll(found.keySet());
      return said.equals(found);
    }
  }

  /** It cannot be trusted. */
  static final class Damaged extends Exception {
    private static final long serialVersionUID = 1L;

    Damaged(Path zip, Exception why) {
      super(zip.getFileName() + ": " + why.getMessage(), why);
    }
  }

  static BackupFile named(Path folder, LocalDateTime made) {
    return new BackupFile(folder.resolve("ongle-" + made.format(STAMP) + ".zip"));
  }

  /** Whether a file is called as backups are. */
  static boolean isNamedSo(Path file) {
    return NAME.matcher(file.getFileName().toString()).matches();
  }

  /** Those in a folder, the last first; none where there is no such folder. */
  static List<BackupFile> in(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(BackupFile::isNamedSo)
          .sorted(Comparator.comparing((Path file) -> file.getFileName().toString()).reversed())
          .map(BackupFile::new)
          .toList();
    }
  }

  String name() {
    return zip.getFileName().toString();
  }

  /** Empty where it bears a name of somebody else's. */
  Optional<LocalDateTime> made() {
    Matcher name = NAME.matcher(name());
    return name.matches()
        ? Optional.of(LocalDateTime.parse(name.group(1), STAMP))
        : Optional.empty();
  }

  long size() throws IOException {
    return Files.size(zip);
  }

  private Path slipPath() {
    return zip.resolveSibling(name() + SLIP);
  }

  /** What was written beside it; empty where it came without. */
  Optional<Slip> slip() throws IOException {
    if (!Files.exists(slipPath())) {
      return Optional.empty();
    }
    try {
      return Optional.of(JSON.readValue(Files.readAllBytes(slipPath()), Slip.class));
    } catch (JacksonException e) {
      throw new IOException(slipPath().getFileName() + " cannot be read", e);
    }
  }

  void write(Slip slip) throws IOException {
    Files.write(slipPath(), JSON.writeValueAsBytes(slip));
    DataFolder.own(slipPath());
  }

  /** Copies it with its slip. */
  void copyTo(Path folder) throws IOException {
    Files.createDirectories(folder);
    Files.copy(zip, folder.resolve(name()), StandardCopyOption.REPLACE_EXISTING);
    if (Files.exists(slipPath())) {
      Files.copy(
          slipPath(),
          folder.resolve(slipPath().getFileName()),
          StandardCopyOption.REPLACE_EXISTING);
    }
  }

  void delete() throws IOException {
    Files.deleteIfExists(zip);
    Files.deleteIfExists(slipPath());
  }

  /** Does something with what was opened for it. */
  interface With<F, T> {
    T does(F opened) throws IOException, SQLException;
  }

  /**
   * Makes it: it counts once it was opened and holds what the data held. Of one that could not be
   * made nothing is left.
   *
   * @param pack packs all there is into a zip and says how many rows each table has
   */
  void make(With<Path, Map<String, Long>> pack, DataKey key) throws IOException, Damaged {
    boolean made = false;
    try {
      Map<String, Long> counts = pack.does(zip);
      DataFolder.own(zip);
      write(new Slip(sha256(), counts));
      verify(key);
      made = true;
    } catch (SQLException e) {
      throw new IOException(e.getMessage(), e);
    } finally {
      if (!made) {
        delete();
      }
    }
  }

  /**
   * Opens it and counts its rows.
   *
   * @param key what it may be encrypted with
   * @return rows by table
   * @throws Damaged if it cannot be opened, or is not what its slip says
   */
  Map<String, Long> verify(DataKey key) throws Damaged {
    try {
      Optional<Slip> slip = slip();
      if (slip.isPresent() && !slip.get().sha256().equals(sha256())) {
        throw new IOException("another checksum than when it was made");
      }
      Map<String, Long> counts = into(key, BackupFile::countsOf);
      if (slip.isPresent() && !slip.get().says(counts)) {
        throw new IOException("other rows than when it was made");
      }
      return counts;
    } catch (IOException e) {
      throw new Damaged(zip, e);
    }
  }

  /**
   * Unpacks it for a moment.
   *
   * @throws IOException if it cannot be opened
   */
  <T> T into(DataKey key, With<StoredFile, T> what) throws IOException {
    Path folder = Files.createTempDirectory(zip.toAbsolutePath().getParent(), "opened");
    try {
      StoredFile file = StoredFile.in(folder, key);
      unpack(file.file());
      return what.does(file);
    } catch (SQLException e) {
      throw new IOException(e.getMessage(), e);
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  /** Unpacks the database's file. */
  void unpack(Path to) throws IOException {
    try (InputStream in = Files.newInputStream(zip);
        ZipInputStream packed = new ZipInputStream(in)) {
      for (ZipEntry each = packed.getNextEntry(); each != null; each = packed.getNextEntry()) {
        if (each.getName().endsWith(DataFolder.FILE)) {
          Files.copy(packed, to, StandardCopyOption.REPLACE_EXISTING);
          DataFolder.own(to);
          return;
        }
      }
    }
    throw new IOException("there is no salon's data in it");
  }

  String sha256() throws IOException {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      try (InputStream in = new DigestInputStream(Files.newInputStream(zip), digest)) {
        in.transferTo(java.io.OutputStream.nullOutputStream());
      }
      return HexFormat.of().formatHex(digest.digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Rows by table of a file, opened only to be read. */
  static Map<String, Long> countsOf(StoredFile file) throws SQLException, IOException {
    try (Connection opened = file.openToRead()) {
      return TableCopy.counts(opened);
    }
  }
}
