package ongle.core.schedule;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Every job with its time.
 *
 * @param slots in the order they begin
 * @param makespan when the last one ends, s from now
 * @param lowerBound no schedule that keeps each hand's order ends earlier, s from now; the shortest
 *     there is where that was proved
 * @param missed jobs whose window could not be kept
 * @param exact whether a schedule as short as the lower bound is known to exist; of all nearly as
 *     short the one with the fewest changes of hand is taken
 */
public record Schedule(
    List<Slot> slots, int makespan, int lowerBound, List<String> missed, boolean exact) {

  /**
   * A job's time.
   *
   * @param left whether it holds the left hand
   * @param right whether it holds the right hand
   * @param start s from now
   */
  public record Slot(Job job, boolean left, boolean right, int start) {
    public int end() {
      return start + job.seconds();
    }
  }

  public Schedule {
    slots =
        slots.stream()
            .sorted(
                Comparator.comparingInt(Slot::start)
                    .thenComparing(
                        slot -> slot.job().stays()) // a lamp is pressed before work begins
                    .thenComparingInt(Slot::end))
            .toList();
    missed = List.copyOf(missed);
  }

  public Optional<Slot> of(String id) {
    return slots.stream().filter(slot -> slot.job().id().equals(id)).findFirst();
  }

  /** How long the technician works, s. */
  public int worked() {
    return slots.stream()
        .filter(slot -> slot.job().technician())
        .mapToInt(slot -> slot.job().seconds())
        .sum();
  }

  /** How long the technician has nothing to do until the end, s. */
  public int idle() {
    return makespan - worked();
  }

  /** How often the technician turns from one hand to the other. */
  public int changes() {
    List<Slot> worked =
        slots.stream().filter(slot -> slot.job().stays() && slot.left() != slot.right()).toList();
    int changes = 0;
    for (int i = 1; i < worked.size(); i++) {
      changes += worked.get(i).left() == worked.get(i - 1).left() ? 0 : 1;
    }
    return changes;
  }

  /** How far it may be from the best, as a share of the lower bound. */
  public double gap() {
    return lowerBound == 0 ? 0 : (double) (makespan - lowerBound) / lowerBound;
  }
}
