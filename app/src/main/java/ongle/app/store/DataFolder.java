package ongle.app.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Set;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * Looks over the folder the data lies in before anything opens it: it has to be there, writable,
 * with room, nobody else's at work in it, and an update that was cut short is taken back.
 */
public final class DataFolder
    implements ApplicationContextInitializer<ConfigurableApplicationContext> {
  /** Room needed to begin, bytes. */
  private static final long ROOM = 64L << 20;

  /** The owner's alone: it holds what clients told about their health. */
  static final Set<PosixFilePermission> OWN_FOLDER = PosixFilePermissions.fromString("rwx------");

  static final Set<PosixFilePermission> OWN_FILE = PosixFilePermissions.fromString("rw-------");

  @Override
  public void initialize(ConfigurableApplicationContext context) {
    ConfigurableEnvironment environment = context.getEnvironment();
    if (Boolean.getBoolean("spring.aot.processing")) {
      return;
    }
    Map<String, Object> settings = Map.of();
    if (SharedDatabase.isAsked(environment)) {
      makeReady(Path.of(environment.getRequiredProperty("ongle.data-dir"))); // for its backups
      settings = SharedDatabase.settings(environment);
    } else if (environment
        .getRequiredProperty("spring.datasource.url")
        .startsWith("jdbc:h2:file:")) {
      Path folder = Path.of(environment.getRequiredProperty("ongle.data-dir"));
      open(folder);
      settings = unlock(folder, new DataKey(environment.getProperty("ongle.key-file", "")));
    }
    environment.getPropertySources().addFirst(new MapPropertySource("data", settings));
  }

  /**
   * Makes the key where there is none yet, and encrypts what is not.
   *
   * @return the settings that open the file
   * @throws CannotStart if it is encrypted and the key is not there
   */
  public static Map<String, Object> unlock(Path folder, DataKey key) {
    StoredFile file = StoredFile.in(folder, key);
    try {
      if (Files.exists(file.file()) && file.isEncrypted() && !key.isThere()) {
        throw new CannotStart(
            CannotStart.Why.KEY_MISSING, key.file().map(Path::toString).orElse("–"), null);
      }
      key.make();
      if (key.file().isPresent() && !file.isEncrypted()) {
        file.encrypt();
      }
      return Map.of("ongle.cipher", file.cipher(), "spring.datasource.password", file.password());
    } catch (IOException e) {
      throw new CannotStart(CannotStart.Why.NOT_WRITABLE, folder, e);
    }
  }

  /**
   * @throws CannotStart if nothing can be kept there
   */
  static void open(Path folder) {
    makeReady(folder);
    try {
      Path file = folder.resolve(DataFile.NAME);
      if (Files.exists(file)) {
        own(file, OWN_FILE);
        refuseIfOpen(file, folder);
      }
      Update.takeBackIfCutShort(folder);
      if (Files.exists(file) && Files.size(file) == 0) { // a new salon would begin in it
        throw new CannotStart(CannotStart.Why.EMPTY, file, null);
      }
    } catch (IOException e) {
      throw new CannotStart(CannotStart.Why.NOT_WRITABLE, folder, e);
    }
  }

  private static void makeReady(Path folder) {
    try {
      create(folder);
      Path probe = Files.createTempFile(folder, "probe", null);
      Files.write(probe, new byte[1]);
      Files.delete(probe);
    } catch (IOException e) {
      throw new CannotStart(CannotStart.Why.NOT_WRITABLE, folder, e);
    }
    try {
      if (Files.getFileStore(folder).getUsableSpace() < ROOM) {
        throw new CannotStart(CannotStart.Why.FULL, folder, null);
      }
    } catch (IOException e) {
      throw new CannotStart(CannotStart.Why.NOT_WRITABLE, folder, e);
    }
  }

  /** The file everything is kept in. */
  public static final String FILE = DataFile.NAME;

  /** Who opens it. */
  public static final String USER = "ongle";

  /** Makes a folder that is the owner's alone. */
  public static void create(Path folder) throws IOException {
    Files.createDirectories(folder);
    own(folder, OWN_FOLDER);
  }

  /** Makes a file the owner's alone. */
  public static void own(Path file) throws IOException {
    own(file, OWN_FILE);
  }

  static void own(Path path, Set<PosixFilePermission> permissions) throws IOException {
    if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Files.setPosixFilePermissions(path, permissions);
    }
  }

  private static void refuseIfOpen(Path file, Path folder) throws IOException {
    if (isOpen(file)) {
      throw new CannotStart(CannotStart.Why.OPEN_ALREADY, folder, null);
    }
  }

  /** Whether a running Ongle has the file open. */
  public static boolean isOpen(Path file) throws IOException {
    try (FileChannel channel =
            FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE);
        FileLock lock = channel.tryLock()) {
      return lock == null;
    } catch (OverlappingFileLockException inThisOne) {
      return true;
    }
  }
}
