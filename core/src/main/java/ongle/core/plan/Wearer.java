package ongle.core.plan;

import java.util.EnumMap;
import java.util.Map;
import ongle.core.nail.Hand;

/**
 * Whose hands, as far as it limits length.
 *
 * @param activities what each hand does; ordinary days where missing
 * @param minor a minor wears the shortest practical length
 */
public record Wearer(Map<Hand, Activity> activities, boolean minor) {
  public static final Wearer ORDINARY = new Wearer(Map.of(), false);

  public Wearer {
    Map<Hand, Activity> all = new EnumMap<>(Hand.class);
    all.putAll(activities);
    activities = Map.copyOf(all);
  }

  public Activity of(Hand hand) {
    return activities.getOrDefault(hand, Activity.ORDINARY);
  }
}
