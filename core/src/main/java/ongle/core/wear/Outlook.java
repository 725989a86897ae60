package ongle.core.wear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import ongle.core.structure.Build;
import ongle.core.structure.FailureMode;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;
import ongle.core.structure.WearPeriod;

/**
 * How one nail wears, day by day: it grows out, the gap at the cuticle opens, the apex wanders over
 * the stress line and the lever gets longer.
 *
 * @param days from the day it is built, one after another; up to the last that is looked at
 * @param due when its infill is due
 */
public record Outlook(List<Day> days, Due due) {
  public Outlook {
    days = List.copyOf(days);
  }

  /** Days looked ahead. */
  public static final int LOOKED_AHEAD = 63;

  /** A margin below this share of its aim makes the infill due. */
  public static final double SHARE_OF_AIM = 0.8;

  /** A gap wider than this makes the infill due, mm. */
  public static final double WIDEST_GAP = 2.5;

  /**
   * One day.
   *
   * @param day 0 is the day it is built
   * @param gap bare plate at the cuticle, mm
   * @param apexBeforeStressLine from the apex to the stress line, mm; minus once it is past it
   */
  public record Day(int day, double gap, double apexBeforeStressLine, Margins margins) {
    private Optional<FailureMode> tooWeak() {
      return Stream.of(FailureMode.values())
          .filter(cause -> margins.of(cause).ofAim() < SHARE_OF_AIM)
          .findFirst();
    }
  }

  /**
   * When an infill is due.
   *
   * @param day counted from the day it is built
   * @param cause the margin that has fallen too low; empty when it is the gap
   */
  public record Due(int day, Optional<FailureMode> cause) {}

  /**
   * @param term preparation and load; its last day plays no part
   * @param perDay growth, mm a day
   */
  public static Outlook of(Build build, WearPeriod term, double perDay) {
    LoadedNail nail = LoadedNail.of(build, term, LoadedNail.COARSE);
    double toStressLine = build.nail().plateLength() - build.profile().apexAt();
    List<Day> days = new ArrayList<>();
    Due due = null;
    for (int i = 0; i <= LOOKED_AHEAD; i++) {
      double gap = perDay * i;
      Day day = new Day(i, gap, toStressLine - gap, nail.after(gap));
      days.add(day);
      if (due == null && (gap > WIDEST_GAP || day.tooWeak().isPresent())) {
        due = new Due(i, day.tooWeak());
      }
    }
    return new Outlook(
        List.copyOf(days), due == null ? new Due(LOOKED_AHEAD, Optional.empty()) : due);
  }

  /**
   * The last whole day until which every aim is met, of the days looked at; empty when it falls
   * short of one on the day it is built.
   */
  public OptionalInt holdsUntil() {
    int until = -1;
    for (Day day : days) {
      if (!day.margins().hold()) {
        break;
      }
      until = day.day();
    }
    return until < 0 ? OptionalInt.empty() : OptionalInt.of(until);
  }

  /** A day, held to those looked at. */
  public Day on(int day) {
    return days.get(Math.max(0, Math.min(days.size() - 1, day)));
  }
}
