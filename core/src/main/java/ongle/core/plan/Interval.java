package ongle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ongle.core.nail.Finger;
import ongle.core.structure.FailureMode;
import ongle.core.wear.Outlook;

/**
 * How long a set holds, against how long it was wished to, and when its infill is due: by the
 * finger that holds least long. A finger that does not hold a fortnight is not advised as planned;
 * its infill is never due on the day it is built.
 *
 * @param wished days until the infill, as wished
 * @param fingers every finger that is built, the one that is due first in front
 */
public record Interval(int wished, List<OfFinger> fingers) {
  public Interval {
    fingers = List.copyOf(fingers);
  }

  /** Fewer days than this are no interval to send a client home with. */
  public static final int MIN = 14;

  /**
   * One finger.
   *
   * @param holds last whole day until which every aim is met, at most the wished
   * @param due day its infill is due
   * @param cause the margin that is to blame; empty where the gap at the cuticle is
   */
  public record OfFinger(NailPlan plan, int holds, int due, Optional<FailureMode> cause) {
    /** Whether it holds as long as wished. */
    public boolean whole() {
      return holds >= plan.wearing().days();
    }

    /** Whether it holds less than a fortnight, or than the shorter interval that was wished. */
    public boolean notAdvised() {
      return holds < Math.min(MIN, plan.wearing().days());
    }

    /** How long one finger of a set holds. */
    public static OfFinger of(NailPlan plan) {
      Outlook outlook = plan.outlook();
      int wished = plan.wearing().days();
      int holds =
          plan.endurance().holds() ? wished : Math.min(wished, outlook.holdsUntil().orElse(0));
      boolean early = holds < wished;
      return new OfFinger(
          plan,
          holds,
          early ? Math.min(holds, outlook.due().day()) : outlook.due().day(),
          early
              ? Optional.of(outlook.on(holds + 1).margins().governing().cause())
              : outlook.due().cause());
    }
  }

  static Interval of(SetPlan set) {
    return new Interval(
        set.wish().wearing().days(),
        set.built().stream()
            .map(OfFinger::of)
            .sorted(Comparator.comparing(OfFinger::notAdvised).thenComparingInt(OfFinger::due))
            .toList());
  }

  /** The finger that decides when the infill is due; empty where none is built or none advised. */
  public Optional<OfFinger> first() {
    return fingers.stream().findFirst().filter(finger -> !finger.notAdvised());
  }

  /** The fingers that are not advised as planned. */
  public List<OfFinger> notAdvised() {
    return fingers.stream().filter(OfFinger::notAdvised).toList();
  }

  /** Whole days the plan advises: what its weakest advised finger holds; empty where none is. */
  public OptionalInt advised() {
    return fingers.stream().filter(finger -> !finger.notAdvised()).mapToInt(OfFinger::holds).min();
  }

  /** Day the infill is due; empty where no finger is advised. */
  public OptionalInt due() {
    return first().map(finger -> OptionalInt.of(finger.due())).orElse(OptionalInt.empty());
  }

  /** One finger of the set; empty where it is not built. */
  public Optional<OfFinger> of(Finger finger) {
    return fingers.stream().filter(each -> each.plan().nail().finger() == finger).findFirst();
  }
}
