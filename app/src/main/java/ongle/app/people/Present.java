package ongle.app.people;

import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;

/** Whoever is at work just now. */
public final class Present {
  private Present() {}

  /**
   * Empty where a request comes from somebody who has not signed in. What runs without any request
   * is the house at work by itself; requests always say whether they know anybody.
   */
  public static Optional<Who> who() {
    Authentication known = SecurityContextHolder.getContext().getAuthentication();
    return known == null
        ? Optional.of(Who.HOUSE)
        : known.getPrincipal() instanceof Who who ? Optional.of(who) : Optional.empty();
  }

  /**
   * Reckons with what whoever is there may not see, to hand out what they may: when an infill is
   * due, how long to book.
   */
  public static <T> T asHouse(Supplier<T> what) {
    SecurityContext before = SecurityContextHolder.getContext();
    SecurityContextHolder.setContext(SecurityContextHolder.createEmptyContext());
    try {
      return what.get();
    } finally {
      SecurityContextHolder.setContext(before);
    }
  }

  /** What they are called; empty when nobody is, or for the house itself. */
  public static String called() {
    return who().filter(who -> who != Who.HOUSE).map(Who::called).orElse("");
  }

  /** Whether they may. */
  public static boolean may(Right right) {
    return who().filter(who -> who.may(right)).isPresent();
  }

  /**
   * Goes on only for whoever may.
   *
   * @throws NotAllowed for everybody else
   */
  public static void need(Right right) {
    if (right != Right.NONE && !may(right)) {
      throw new NotAllowed(right);
    }
  }
}
