package ongle.app.people;

import com.nulabinc.zxcvbn.Zxcvbn;
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

  /** Of 0 to 4: so many guesses that whoever tries slowly does not get there. */
  private static final int STRONG_ENOUGH = 3;

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
              : plain(typed) || known(typed) || soonGuessed(typed)
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

  /**
   * Whether it is soon guessed: from leaked passwords, names, words, dates and the ways over a
   * keyboard. The lists are read each time, as this is asked rarely and they are large.
   */
  private static boolean soonGuessed(String password) {
    return new Zxcvbn().measure(password).getScore() < STRONG_ENOUGH;
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
