package ongle.core.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import ongle.core.nail.Hand;

/**
 * Whose hands, as far as it limits length or forbids building.
 *
 * @param activities what each hand does; ordinary days where missing
 * @param minor a minor wears the shortest practical length, with a guardian's consent
 * @param guardian who agreed, for a minor
 * @param allergy on record, in words
 * @param allergyHarmless why it is no allergy to anything used here, once that is settled
 */
public record Wearer(
    Map<Hand, Activity> activities,
    boolean minor,
    Optional<String> guardian,
    Optional<String> allergy,
    Optional<String> allergyHarmless) {
  public static final Wearer ORDINARY = of(Map.of());

  public Wearer {
    Map<Hand, Activity> all = new EnumMap<>(Hand.class);
    all.putAll(activities);
    activities = Map.copyOf(all);
    guardian = said(guardian);
    allergy = said(allergy);
    allergyHarmless = said(allergyHarmless);
  }

  /** A grown person without allergies. */
  public static Wearer of(Map<Hand, Activity> activities) {
    return new Wearer(activities, false, Optional.empty(), Optional.empty(), Optional.empty());
  }

  public Activity of(Hand hand) {
    return activities.getOrDefault(hand, Activity.ORDINARY);
  }

  private static Optional<String> said(Optional<String> text) {
    return text.map(String::strip).filter(words -> !words.isEmpty());
  }
}
