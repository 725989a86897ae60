package ongle.app.people;

import java.util.Locale;
import java.util.Optional;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Passwords and PINs: what is let pass as one, and how it is kept. */
final class Secret {
  static final int SHORTEST_PASSWORD = 12;

  /** More than this the hash does not look at, in bytes. */
  static final int LONGEST_PASSWORD = 72;

  /** What passwords that are guessed first are made of, in the languages of the desk. */
  private static final String KNOWN =
      "(password|passwort|passw|pass|qwert(yuiop|zuiop|y|z)?|asdf(ghjkl)?|yxcvbnm|zxcvbnm|abc(def)?"
          + "|qaz(wsx)?|letmein|welcome|willkommen|iloveyou|ichliebedich|admin(istrator)?|master"
          + "|changeme|secret|geheim|login|hello|hallo|sunshine|sommer|summer|winter|princess"
          + "|football|fussball|baseball|monkey|dragon|shadow|superman|batman|starwars|computer"
          + "|internet|schatz|schatzi|baby|angel|lovely|love|ongle|nails?|n[aä]gel|nagelstudio"
          + "|salon|studio|beauty|gel|test)*";

  private static final int SHORTEST_PIN = 4;
  private static final int LONGEST_PIN = 8;
  private static final PasswordEncoder HASH = new BCryptPasswordEncoder();

  private Secret() {}

  /** Why it is none; empty when it is one. The codes are words' keys. */
  static Optional<String> fault(Role role, String typed) {
    if (role.hasPassword()) {
      return typed.length() < SHORTEST_PASSWORD
          ? Optional.of("people.password-short")
          : typed.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_PASSWORD
              ? Optional.of("people.password-long")
              : plain(typed) || known(typed)
                  ? Optional.of("people.password-plain")
                  : Optional.empty();
    }
    if (!typed.matches("\\d{" + SHORTEST_PIN + "," + LONGEST_PIN + "}")) {
      return Optional.of("people.pin-form");
    }
    return plain(typed) ? Optional.of("people.pin-plain") : Optional.empty();
  }

  /** One character over and over, or one after the other: what is tried first. */
  private static boolean plain(String typed) {
    return typed.chars().distinct().count() <= 1 || runs(typed, 1) || runs(typed, -1);
  }

  /** Nothing but words everybody takes, whatever figures and signs stand between them. */
  private static boolean known(String password) {
    return password.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]", "").matches(KNOWN);
  }

  private static boolean runs(String typed, int by) {
    for (int i = 1; i < typed.length(); i++) {
      if (typed.charAt(i) - typed.charAt(i - 1) != by) {
        return false;
      }
    }
    return true;
  }

  static String hashed(String typed) {
    return HASH.encode(typed);
  }

  static boolean matches(String typed, String hashed) {
    return HASH.matches(typed, hashed);
  }
}
