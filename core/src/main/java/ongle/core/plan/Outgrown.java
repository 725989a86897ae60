package ongle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;

/**
 * Why nails stand farther beyond the fingertip than at the visit before: their plates have grown
 * out, and carry more. Told of nails that were kept shorter than asked by what they carried.
 *
 * @param fingers it is true of
 * @param longer farther beyond the fingertip, mean, mm
 * @param plates by which their plates are longer, mean, mm
 * @param carried the longest advisable extension then, mean, mm
 * @param carries the same now, mean, mm
 */
public record Outgrown(
    List<Finger> fingers, double longer, double plates, double carried, double carries) {
  /** Less is nobody's to see, mm. */
  private static final double SEEN = 0.2;

  /** Held back by less than this was not held back, mm. */
  private static final double HELD_BACK = 0.05;

  private record Pair(NailPlan before, NailPlan later) {
    double longer() {
      return beyond(later) - beyond(before);
    }

    double plates() {
      return natural(later).plateLength() - natural(before).plateLength();
    }

    boolean outgrown() {
      return before.length().asked() - before.extension() > HELD_BACK
          && longer() >= SEEN
          && plates() >= SEEN
          && later.length().advisable() - before.length().advisable() >= SEEN;
    }

    private static Nail natural(NailPlan plan) {
      return plan.item().nail();
    }

    private static double beyond(NailPlan plan) {
      return plan.extension() - natural(plan).overhang();
    }
  }

  /** Empty where no nail is longer because of its plate. */
  public static Optional<Outgrown> of(SetPlan before, SetPlan later) {
    List<Pair> pairs = new ArrayList<>();
    for (NailPlan nail : later.built()) {
      before
          .of(nail.nail().finger())
          .filter(then -> !then.stopped())
          .map(then -> new Pair(then, nail))
          .filter(Pair::outgrown)
          .ifPresent(pairs::add);
    }
    return pairs.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Outgrown(
                pairs.stream().map(pair -> pair.later().nail().finger()).toList(),
                mean(pairs, Pair::longer),
                mean(pairs, Pair::plates),
                mean(pairs, pair -> pair.before().length().advisable()),
                mean(pairs, pair -> pair.later().length().advisable())));
  }

  private static double mean(List<Pair> pairs, ToDoubleFunction<Pair> of) {
    return pairs.stream().mapToDouble(of).average().orElse(0);
  }
}
