package ongle.app.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import ongle.app.words.Words;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The key the salon's file and its backups are encrypted with. It lies apart from them: whoever
 * takes the folder, or a backup, reads nothing without it.
 */
@Component
public final class DataKey {
  private static final int BYTES = 32;

  private final Optional<Path> file;

  /**
   * @param file where the key lies; empty where nothing is encrypted, as in the demo
   */
  public DataKey(@Value("${ongle.key-file:}") String file) {
    this.file = file.isBlank() ? Optional.empty() : Optional.of(Path.of(file));
  }

  /** Where it lies; empty where nothing is to be encrypted. */
  public Optional<Path> file() {
    return file;
  }

  public boolean isThere() {
    return file.filter(Files::exists).isPresent();
  }

  /** Makes it unless it is there. */
  void make() throws IOException {
    if (file.isEmpty() || isThere()) {
      return;
    }
    Path path = file.get().toAbsolutePath();
    if (!Files.exists(path.getParent())) {
      DataFolder.create(path.getParent());
    }
    byte[] key = new byte[BYTES];
    new SecureRandom().nextBytes(key);
    Files.writeString(path, HexFormat.of().formatHex(key) + System.lineSeparator());
    DataFolder.own(path);
  }

  /**
   * What it says.
   *
   * @throws IOException in words, if it is not there
   */
  String read() throws IOException {
    if (!isThere()) {
      throw new IOException(missing());
    }
    return Files.readString(file.orElseThrow()).strip();
  }

  /** That it is not where it should be, in words. */
  public String missing() {
    return Words.say(
        "store.CannotStart.Why.KEY_MISSING", "folder", file.map(Path::toString).orElse("–"));
  }
}
