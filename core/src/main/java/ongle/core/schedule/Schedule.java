package ongle.core.schedule;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Every job with its time.
 *
 * @param slots in the order they begin
 * @param makespan when the last one ends, s from now
 * @param lowerBound no schedule that keeps each hand's order ends earlier, s from now; the makespan
 *     itself once no shorter one is left
 * @param missed jobs whose window could not be kept
 * @param exact whether no shorter schedule keeps each hand's order
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
            .sorted(Comparator.comparingInt(Slot::start).thenComparingInt(Slot::end))
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

  /** How far it may be from the best, as a share of the lower bound. */
  public double gap() {
    return lowerBound == 0 ? 0 : (double) (makespan - lowerBound) / lowerBound;
  }
}
