package ongle.app.people;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.LongStream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** Codes of six figures that a phone makes anew every 30 s from a key it shares (RFC 6238). */
final class PhoneCode {
  private static final TimeBasedOneTimePasswordGenerator CODES =
      new TimeBasedOneTimePasswordGenerator();

  /** In bytes, as RFC 4226 (section 4, R6) recommends. */
  private static final int KEY = 20;

  private static final String KEY_FORM = "[A-Z2-7]{32}";
  private static final long STEP = CODES.getTimeStep().toSeconds();

  private PhoneCode() {}

  /** A key, as text for people and QR codes (RFC 4648, Base32). */
  static String key() {
    byte[] key = new byte[KEY];
    new SecureRandom().nextBytes(key);
    return new Base32().encodeToString(key);
  }

  static boolean isKey(String text) {
    return text.matches(KEY_FORM);
  }

  /**
   * The step of time this code belongs to: the one now, the one before or the one after, as clocks
   * differ and people type slowly; empty if it is none of theirs.
   *
   * @param key as {@link #key} makes it
   * @param typed with or without spaces
   */
  static Optional<Long> step(String key, String typed, Instant at) {
    String code = typed.replaceAll("\\s", "");
    SecretKeySpec shared = new SecretKeySpec(new Base32().decode(key), CODES.getAlgorithm());
    long now = at.getEpochSecond() / STEP;
    return LongStream.rangeClosed(now - 1, now + 1)
        .filter(step -> code(shared, step).equals(code))
        .boxed()
        .findFirst();
  }

  private static String code(SecretKeySpec key, long step) {
    try {
      return CODES.generateOneTimePasswordString(key, Instant.ofEpochSecond(step * STEP));
    } catch (InvalidKeyException e) {
      throw new IllegalArgumentException(e);
    }
  }
}
