package ongle.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;

/**
 * The ten held against their plan and against each other.
 *
 * @param nails those that are built on, by finger
 */
public record SetCheck(Map<Finger, NailCheck> nails) {
  public SetCheck {
    nails = new EnumMap<>(nails);
  }

  /**
   * @param measured of each finger, in each quantity's unit; nothing where it was not measured
   * @param eye what the eye found, by finger and look
   */
  public static SetCheck of(
      SetPlan plan,
      Map<Finger, Map<Quantity, Double>> measured,
      Map<Finger, Map<Look, Look.Found>> eye,
      Tolerances tolerances) {
    Map<Finger, NailCheck> nails = new EnumMap<>(Finger.class);
    for (NailPlan nail : plan.built()) {
      Finger finger = nail.nail().finger();
      nails.put(
          finger,
          NailCheck.of(
              new AsBuilt(nail, measured.getOrDefault(finger, Map.of())),
              eye.getOrDefault(finger, Map.of()),
              tolerances));
    }
    return new SetCheck(withTwins(nails, tolerances));
  }

  /** The longer of two twins is filed to the other, unless it is too long by itself already. */
  private static Map<Finger, NailCheck> withTwins(
      Map<Finger, NailCheck> nails, Tolerances tolerances) {
    Map<Finger, NailCheck> all = new EnumMap<>(Finger.class);
    nails.forEach(
        (finger, nail) -> {
          Optional<Double> by =
              Optional.ofNullable(nails.get(finger.twin()))
                  .filter(twin -> length(twin).isPresent() && length(nail).isPresent())
                  .map(twin -> apart(nail, twin))
                  .filter(over -> over > tolerances.of(Tolerance.TWINS) + 1e-9)
                  .filter(
                      over ->
                          nail.faults().stream()
                              .noneMatch(fault -> fault.kind() == Fault.Kind.TOO_LONG));
          all.put(
              finger,
              by.map(over -> nail.with(Fault.of(Fault.Kind.LONGER_THAN_TWIN, over))).orElse(nail));
        });
    return all;
  }

  private static Optional<Double> length(NailCheck nail) {
    return nail.built().of(Quantity.BUILT_LENGTH);
  }

  /** How much longer a nail is than its twin, beyond what the plan has them differ. */
  private static double apart(NailCheck nail, NailCheck twin) {
    return length(nail).orElse(0.0)
        - length(twin).orElse(0.0)
        - (nail.plan().extension() - twin.plan().extension());
  }

  public Optional<NailCheck> of(Finger finger) {
    return Optional.ofNullable(nails.get(finger));
  }

  /**
   * Whether the ten are good: nothing to be filed or added on any, and each measured or looked at
   * all round.
   */
  public boolean good() {
    return !nails.isEmpty()
        && nails.values().stream().allMatch(nail -> nail.verdict() == NailCheck.Verdict.LEAVE);
  }

  /** The finger that is out of the ten: the one with the most that is off; empty where none is. */
  public Optional<Finger> outOfTheTen() {
    return nails.entrySet().stream()
        .filter(each -> each.getValue().off() > 0)
        .max(Comparator.comparingLong(each -> each.getValue().off()))
        .map(Map.Entry::getKey);
  }

  /** Fingers in an order, as far as they are built on. */
  public List<NailCheck> inOrder(List<Finger> order) {
    List<NailCheck> all = new ArrayList<>();
    order.forEach(finger -> of(finger).ifPresent(all::add));
    return all;
  }
}
