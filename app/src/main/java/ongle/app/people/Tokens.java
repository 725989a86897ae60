package ongle.app.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Long random texts that open something, and what is kept of them. */
public final class Tokens {
  private static final int BYTES = 32;
  private static final SecureRandom CHANCE = new SecureRandom();

  private Tokens() {}

  public static String made() {
    byte[] random = new byte[BYTES];
    CHANCE.nextBytes(random);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
  }

  /** A token is long and random: a plain SHA-256 keeps it. */
  public static String hash(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
