package ongle.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The shortest schedule of two hands whose jobs each keep their order, for one technician and one
 * lamp. Akers' way through the plane of two jobs, generalised: a point is how many jobs of each
 * hand are placed; the ways to reach it are labels of when everybody is free, and a label that is
 * nowhere better than another is dropped. As every job is placed as early as what is placed allows
 * (or as late as its successor's window and the lamp ask), the shortest schedule is among them.
 */
public final class Scheduler {
  /** Labels kept at a point; past that the schedule may no longer be the shortest. */
  private static final int MOST_LABELS = 48;

  private static final int NONE = -1;
  private static final int LEFT = 0;
  private static final int RIGHT = 1;

  private final List<Job> left;
  private final List<Job> right;
  private final int[] twinOfLeft;
  private final boolean[] rightIsTwin;
  private final int changing;
  private final boolean strict;
  private boolean cut;

  private Scheduler(Hands hands, boolean strict) {
    this.left = hands.left();
    this.right = hands.right();
    this.changing = hands.free().changing();
    this.strict = strict;
    twinOfLeft = new int[left.size()];
    for (int i = 0; i < left.size(); i++) {
      twinOfLeft[i] = right.indexOf(left.get(i));
    }
    rightIsTwin = new boolean[right.size()];
    for (int j = 0; j < right.size(); j++) {
      rightIsTwin[j] = left.contains(right.get(j));
    }
  }

  /** When everybody is free after some jobs, and how that was reached. */
  private record Label(
      Label before,
      Job placed,
      int side,
      int start,
      int technician,
      int lamp,
      int leftFree,
      int rightFree,
      int leftSettled,
      int rightSettled,
      int last,
      int missed,
      int end) {

    boolean noWorse(Label other, int changing, boolean leftWindow, boolean rightWindow) {
      int turn = last == other.last ? 0 : changing;
      return missed <= other.missed
          && end <= other.end
          && technician + turn <= other.technician
          && lamp <= other.lamp
          && (leftWindow ? leftFree == other.leftFree : leftFree <= other.leftFree)
          && (rightWindow ? rightFree == other.rightFree : rightFree <= other.rightFree)
          && leftSettled <= other.leftSettled
          && rightSettled <= other.rightSettled;
    }
  }

  /** The shortest schedule; windows are kept if that can be, else as many as can be. */
  public static Schedule of(Hands hands) {
    Scheduler strict = new Scheduler(hands, true);
    Label best = strict.search(hands.free());
    if (best != null) {
      return strict.schedule(best, hands);
    }
    Scheduler lax = new Scheduler(hands, false);
    return lax.schedule(lax.search(hands.free()), hands);
  }

  private Label search(Hands.Free free) {
    int columns = right.size() + 1;
    List<List<Label>> row = empty(columns);
    row.get(0)
        .add(
            new Label(
                null,
                null,
                NONE,
                0,
                free.technician(),
                free.lamp(),
                free.left(),
                free.right(),
                free.leftSettled(),
                free.rightSettled(),
                NONE,
                0,
                0));
    for (int i = 0; i <= left.size(); i++) {
      List<List<Label>> below = empty(columns);
      for (int j = 0; j < columns; j++) {
        for (Label label : row.get(j)) {
          boolean bothNext = i < left.size() && twinOfLeft[i] == j && j < right.size();
          if (bothNext) {
            keep(below.get(j + 1), place(label, left.get(i), NONE, i + 1, j + 1), i + 1, j + 1);
            continue;
          }
          if (i < left.size() && twinOfLeft[i] < 0) {
            keep(below.get(j), place(label, left.get(i), LEFT, i + 1, j), i + 1, j);
          }
          if (j < right.size() && !rightIsTwin[j]) {
            keep(row.get(j + 1), place(label, right.get(j), RIGHT, i, j + 1), i, j + 1);
          }
        }
      }
      if (i == left.size()) {
        return row.get(columns - 1).stream()
            .min(Comparator.comparingInt(Label::missed).thenComparingInt(Label::end))
            .orElse(null);
      }
      row = below;
    }
    return null;
  }

  private static List<List<Label>> empty(int columns) {
    List<List<Label>> cells = new ArrayList<>(columns);
    for (int j = 0; j < columns; j++) {
      cells.add(new ArrayList<>());
    }
    return cells;
  }

  /** Adds a label to those of a point unless one there is no worse; drops those it beats. */
  private void keep(List<Label> cell, Label label, int i, int j) {
    if (label == null) {
      return;
    }
    boolean leftWindow = i < left.size() && left.get(i).window().closes();
    boolean rightWindow = j < right.size() && right.get(j).window().closes();
    for (Label other : cell) {
      if (other.noWorse(label, changing, leftWindow, rightWindow)) {
        return;
      }
    }
    cell.removeIf(other -> label.noWorse(other, changing, leftWindow, rightWindow));
    if (cell.size() >= MOST_LABELS) {
      cut = true;
      Label worst =
          cell.stream()
              .max(
                  Comparator.comparingInt(Label::missed)
                      .thenComparingInt(kept -> kept.technician + kept.leftFree + kept.rightFree))
              .orElseThrow();
      if (worst.missed < label.missed
          || worst.technician + worst.leftFree + worst.rightFree
              <= label.technician + label.leftFree + label.rightFree) {
        return;
      }
      cell.remove(worst);
    }
    cell.add(label);
  }

  /**
   * Places a job as early as it goes.
   *
   * @param side which hand, or both
   * @param i jobs placed on the left hand with it
   * @param j jobs placed on the right hand with it
   * @return null if its window would be missed and must not be
   */
  private Label place(Label label, Job job, int side, int i, int j) {
    int handFree =
        side == LEFT
            ? label.leftFree
            : side == RIGHT ? label.rightFree : Math.max(label.leftFree, label.rightFree);
    int start = Math.max(0, handFree + job.window().least());
    if (job.technician()) {
      boolean turns = side != NONE && label.last != NONE && label.last != side;
      start = Math.max(start, label.technician + (turns ? changing : 0));
    }
    if (job.lamp()) {
      start = Math.max(start, label.lamp);
    }
    if (job.needsSettled()) {
      if (side != RIGHT) {
        start = Math.max(start, label.leftSettled);
      }
      if (side != LEFT) {
        start = Math.max(start, label.rightSettled);
      }
    }
    start = Math.max(start, lateEnough(label, job, side, i, j));
    boolean misses = job.window().closes() && start - handFree > job.window().most();
    if (misses && strict) {
      return null;
    }
    int end = start + job.seconds();
    int settled = end + job.settles();
    return new Label(
        label,
        job,
        side,
        start,
        job.technician() ? end : label.technician,
        job.lamp() ? end : label.lamp,
        side == RIGHT ? label.leftFree : end,
        side == LEFT ? label.rightFree : end,
        side == RIGHT || job.settles() == 0
            ? label.leftSettled
            : Math.max(label.leftSettled, settled),
        side == LEFT || job.settles() == 0
            ? label.rightSettled
            : Math.max(label.rightSettled, settled),
        job.technician() && side != NONE ? side : label.last,
        label.missed + (misses ? 1 : 0),
        Math.max(label.end, end));
  }

  /**
   * How late it has to begin for the next job on the hand to find what it needs within its window.
   */
  private int lateEnough(Label label, Job job, int side, int i, int j) {
    Job next =
        side == RIGHT
            ? (j < right.size() ? right.get(j) : null)
            : (i < left.size() ? left.get(i) : null);
    if (next == null || !next.window().closes()) {
      return 0;
    }
    int needed = 0;
    if (next.lamp() && !job.lamp()) {
      needed = label.lamp;
    }
    if (next.technician() && !job.technician()) {
      needed =
          Math.max(
              needed,
              label.technician
                  + (label.last != NONE && side != NONE && label.last != side ? changing : 0));
    }
    return needed - next.window().most() - job.seconds();
  }

  private Schedule schedule(Label last, Hands hands) {
    List<Schedule.Slot> slots = new ArrayList<>();
    List<String> missed = new ArrayList<>();
    for (Label label = last; label.placed != null; label = label.before) {
      slots.add(
          new Schedule.Slot(label.placed, label.side != RIGHT, label.side != LEFT, label.start));
      if (label.missed > label.before.missed) {
        missed.add(label.placed.id());
      }
    }
    int bound = LowerBound.of(hands);
    return new Schedule(slots, last.end, Math.min(bound, last.end), missed, !cut);
  }
}
