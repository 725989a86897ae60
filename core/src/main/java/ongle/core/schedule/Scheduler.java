package ongle.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import ongle.core.Memo;
import org.jspecify.annotations.Nullable;

/**
 * The shortest schedule of two hands whose jobs each keep their order, for one technician and one
 * lamp. Akers' way through the plane of two jobs, generalised: a point is how many jobs of each
 * hand are placed; the ways to reach it are labels of when everybody is free, and a label that is
 * nowhere better than another is dropped. As every job is placed as early as what is placed allows
 * (or as late as its successor's window and the lamp ask), the shortest schedule is among them.
 */
public final class Scheduler {
  /** Labels kept at a point; past that the schedule may no longer be the shortest. */
  private static final int MAX_LABELS = 64;

  /**
   * Labels kept where the answer is still this far from the bound: it may be the best all the same.
   */
  private static final int PROOF_LABELS = 1000;

  private static final double NEAR = 1.05;

  /** This share of the shortest is given up for fewer changes of hand. */
  public static final double GIVEN_UP = 0.03;

  /** What a change of hand weighs against time where labels have to be dropped, s. */
  private static final int CHANGE_WEIGHS = 30;

  private static final int NONE = -1;
  private static final int LEFT = 0;
  private static final int RIGHT = 1;

  /**
   * Where an appointment stands is asked before and after each press, and by every screen; each
   * takes some ten kilobytes.
   */
  private static final Memo<Question, Schedule> KNOWN = Memo.forEachDesk(16);

  private record Question(Hands hands, Optional<String> first) {}

  private final List<Job> left;
  private final List<Job> right;
  private final int[] twinOfLeft;
  private final boolean[] rightIsTwin;
  private final boolean[] leftAwaitsLight;
  private final boolean[] rightAwaitsLight;
  private final int[] rightBefore;
  private final int[] leftBefore;
  private final int leftStage;
  private final int rightStage;
  private final boolean leftKept;
  private final boolean rightKept;
  private final int changing;
  private final boolean strict;
  private final Map<Integer, Integer> later;
  private final int[] leftWork;
  private final int[] rightWork;
  private final int[] leftChain;
  private final int[] rightChain;
  private int maxLabels;
  private int beat;
  private boolean cut;

  /** Whether the fewest changes of hand are looked for, of all that end soon enough. */
  private boolean calm;

  private Optional<String> first = Optional.empty();

  private Scheduler(Hands hands, boolean strict) {
    this.left = hands.left();
    this.right = hands.right();
    this.changing = hands.free().changing();
    this.strict = strict;
    this.leftStage = hands.free().leftStage();
    this.rightStage = hands.free().rightStage();
    leftKept = hands.free().leftKeeps();
    rightKept = hands.free().rightKeeps();
    later = later(hands);
    leftAwaitsLight = awaitsLight(left);
    rightAwaitsLight = awaitsLight(right);
    rightBefore = before(left, right);
    leftBefore = before(right, left);
    twinOfLeft = new int[left.size()];
    for (int i = 0; i < left.size(); i++) {
      twinOfLeft[i] = left.get(i).placeIn(right);
    }
    leftWork = ahead(left, job -> job.stays() ? job.seconds() : 0);
    rightWork = ahead(right, job -> job.stays() && !job.isIn(left) ? job.seconds() : 0);
    leftChain = ahead(left, job -> job.seconds() + job.window().min());
    rightChain = ahead(right, job -> job.seconds() + job.window().min());
    rightIsTwin = new boolean[right.size()];
    for (int j = 0; j < right.size(); j++) {
      rightIsTwin[j] = right.get(j).isIn(left);
    }
  }

  /** After how many jobs of a hand the lamp is kept free for a piece of work that was begun. */
  private static boolean[] awaitsLight(List<Job> jobs) {
    boolean[] awaits = new boolean[jobs.size() + 1];
    for (int i = 0; i < jobs.size(); i++) {
      Job job = jobs.get(i);
      awaits[i + 1] = !job.lamp() && (awaits[i] || job.awaitsLight());
    }
    return awaits;
  }

  /** For each job of a hand, how many of the other hand belong to earlier stages. */
  private static int[] before(List<Job> jobs, List<Job> others) {
    return jobs.stream()
        .mapToInt(job -> (int) others.stream().filter(other -> other.stage() < job.stage()).count())
        .toArray();
  }

  /** Sums from each job to the last of its stage. */
  private static int[] ahead(List<Job> jobs, ToIntFunction<Job> value) {
    int[] sums = new int[jobs.size() + 1];
    for (int i = jobs.size() - 1; i >= 0; i--) {
      boolean goesOn = i + 1 < jobs.size() && jobs.get(i + 1).stage() == jobs.get(i).stage();
      sums[i] = (goesOn ? sums[i + 1] : 0) + value.applyAsInt(jobs.get(i));
    }
    return sums;
  }

  /** By stage, what all later ones take at least. */
  private static Map<Integer, Integer> later(Hands hands) {
    Map<Integer, Integer> later = new HashMap<>();
    hands
        .jobs()
        .map(Job::stage)
        .distinct()
        .forEach(
            stage ->
                later.put(
                    stage,
                    LowerBound.of(
                        new Hands(
                            after(hands.left(), stage),
                            after(hands.right(), stage),
                            new Hands.Free(0, 0, 0, 0, 0, 0, hands.free().changing())))));
    return later;
  }

  private static List<Job> after(List<Job> jobs, int stage) {
    return jobs.stream().filter(job -> job.stage() > stage).toList();
  }

  private static int stage(List<Job> jobs, int at) {
    return at < jobs.size() ? jobs.get(at).stage() : Integer.MAX_VALUE;
  }

  /** No schedule that goes on from a label ends before this. */
  private int atBest(Label label, int i, int j) {
    int onLeft = stage(left, i);
    int onRight = stage(right, j);
    int stage = Math.min(onLeft, onRight);
    if (stage == Integer.MAX_VALUE) {
      return label.end;
    }
    boolean leftGoesOn = onLeft == stage;
    boolean rightGoesOn = onRight == stage;
    int ends =
        Math.max(
            label.technician + (leftGoesOn ? leftWork[i] : 0) + (rightGoesOn ? rightWork[j] : 0),
            Math.max(
                label.leftFree + (leftGoesOn ? leftChain[i] : 0),
                label.rightFree + (rightGoesOn ? rightChain[j] : 0)));
    int rest = later.getOrDefault(stage, 0);
    if (rest > 0) {
      ends = Math.max(ends, Math.max(label.leftSettled, label.rightSettled));
    }
    return Math.max(label.end, ends + rest);
  }

  /**
   * When everybody is free after some jobs, and how that was reached.
   *
   * @param opened when the latest stage was: all of the earlier ones done and hard
   */
  private record Label(
      @Nullable Label before,
      @Nullable Job placed,
      int side,
      int start,
      int technician,
      int lamp,
      int leftFree,
      int rightFree,
      int leftSettled,
      int rightSettled,
      int opened,
      int last,
      int missed,
      int changes,
      int end) {

    boolean noWorse(
        Label other, int changing, boolean calm, boolean leftWindow, boolean rightWindow) {
      int turn = last == other.last ? 0 : changing;
      return missed <= other.missed
          && (!calm || changes + (last == other.last ? 0 : 1) <= other.changes)
          && end <= other.end
          && technician + turn <= other.technician
          && lamp <= other.lamp
          && (leftWindow ? leftFree == other.leftFree : leftFree <= other.leftFree)
          && (rightWindow ? rightFree == other.rightFree : rightFree <= other.rightFree)
          && leftSettled <= other.leftSettled
          && rightSettled <= other.rightSettled
          && opened <= other.opened;
    }
  }

  /**
   * A schedule within {@link #GIVEN_UP} of the shortest that keeps each hand's order, with the
   * fewest changes of hand. Windows are kept if that can be, else as many as can be.
   */
  public static Schedule of(Hands hands) {
    return of(hands, Optional.empty());
  }

  /**
   * The same with a job of the technician's choice before all others.
   *
   * @param first the next job of a hand, and of both if it holds both
   * @throws IllegalArgumentException if it is not the next of any hand
   */
  public static Schedule beginningWith(String first, Hands hands) {
    return of(hands, Optional.of(first));
  }

  private static Schedule of(Hands hands, Optional<String> first) {
    return KNOWN.of(new Question(hands, first), () -> search(hands, first));
  }

  private static Schedule search(Hands hands, Optional<String> first) {
    for (boolean strict : new boolean[] {true, false}) {
      Scheduler scheduler = new Scheduler(hands, strict);
      scheduler.first = first;
      @Nullable Schedule found = scheduler.solved(hands);
      if (found != null) {
        return found;
      }
    }
    throw new IllegalArgumentException("no hand can go on with " + first);
  }

  /** Null if windows must be kept and cannot be. */
  private @Nullable Schedule solved(Hands hands) {
    int bound = LowerBound.of(hands);
    maxLabels = MAX_LABELS;
    beat = Integer.MAX_VALUE;
    @Nullable Label best = search(hands.free());
    if (best == null) {
      return null;
    }
    if (cut && best.missed == 0 && best.end + given(best.end, hands) > NEAR * bound) {
      maxLabels = PROOF_LABELS;
      beat = best.end;
      cut = false;
      @Nullable Label better = search(hands.free());
      best = better == null ? best : better;
    }
    boolean exact = !cut || best.end <= bound;
    double latest = best.end + given(best.end, hands);
    return schedule(
        calmed(best, (int) (exact ? latest : Math.min(latest, NEAR * bound)), hands),
        bound,
        exact,
        best.end);
  }

  /** Of the rest of an appointment so much as is left of what may be given up in the whole. */
  private static double given(int shortest, Hands hands) {
    return hands.latest() == 0 ? GIVEN_UP * shortest : Math.max(0, hands.latest() - shortest);
  }

  /**
   * The one with the fewest changes of hand.
   *
   * @param latest it may end, s
   */
  private Label calmed(Label shortest, int latest, Hands hands) {
    maxLabels = MAX_LABELS;
    beat = latest + 1;
    calm = true;
    @Nullable Label found = search(hands.free());
    calm = false;
    return found == null
            || found.missed > shortest.missed
            || found.changes >= shortest.changes
            || found.end >= beat
        ? shortest
        : found;
  }

  private @Nullable Label search(Hands.Free free) {
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
                0,
                switch (free.at()) {
                  case LEFT -> LEFT;
                  case RIGHT -> RIGHT;
                  case NEITHER -> NONE;
                },
                0,
                0,
                0));
    for (int i = 0; i <= left.size(); i++) {
      List<List<Label>> below = empty(columns);
      for (int j = 0; j < columns; j++) {
        for (Label label : row.get(j)) {
          boolean bothNext = i < left.size() && twinOfLeft[i] == j && j < right.size();
          if (i + j == 0 && first.isPresent()) {
            firstStep(label, bothNext, row, below);
            continue;
          }
          if (bothNext) {
            if (j < rightBefore[i] || i < leftBefore[j]) {
              continue;
            }
            keep(below.get(j + 1), place(label, left.get(i), NONE, i + 1, j + 1), i + 1, j + 1);
            continue;
          }
          if (i < left.size()
              && twinOfLeft[i] < 0
              && j >= rightBefore[i]
              && !(left.get(i).lamp() && rightAwaitsLight[j])
              && !(left.get(i).stays() && kept(right, j, rightKept && first.isEmpty()))) {
            keep(below.get(j), place(label, left.get(i), LEFT, i + 1, j), i + 1, j);
          }
          if (j < right.size()
              && !rightIsTwin[j]
              && i >= leftBefore[j]
              && !(right.get(j).lamp() && leftAwaitsLight[i])
              && !(right.get(j).stays() && kept(left, i, leftKept && first.isEmpty()))) {
            keep(row.get(j + 1), place(label, right.get(j), RIGHT, i, j + 1), i, j + 1);
          }
        }
      }
      if (i == left.size()) {
        return row.get(columns - 1).stream()
            .min(
                Comparator.comparingInt(Label::missed)
                    .thenComparingInt(label -> calm ? label.changes() : 0)
                    .thenComparingInt(Label::end))
            .orElse(null);
      }
      row = below;
    }
    return null;
  }

  /** Only the chosen job is placed first, on whichever hand it is next. */
  private void firstStep(
      Label label, boolean bothNext, List<List<Label>> row, List<List<Label>> below) {
    if (bothNext) {
      if (chosen(left)) {
        keep(below.get(1), place(label, left.get(0), NONE, 1, 1), 1, 1);
      }
    } else if (chosen(left) && twinOfLeft[0] < 0) {
      keep(below.get(0), place(label, left.get(0), LEFT, 1, 0), 1, 0);
    } else if (chosen(right) && !rightIsTwin[0]) {
      keep(row.get(1), place(label, right.get(0), RIGHT, 0, 1), 0, 1);
    }
  }

  private boolean chosen(List<Job> jobs) {
    return !jobs.isEmpty() && jobs.get(0).id().equals(first.orElseThrow());
  }

  private static List<List<Label>> empty(int columns) {
    List<List<Label>> cells = new ArrayList<>(columns);
    for (int j = 0; j < columns; j++) {
      cells.add(new ArrayList<>());
    }
    return cells;
  }

  /** Adds a label to those of a point unless one there is no worse; drops those it beats. */
  private void keep(List<Label> cell, @Nullable Label label, int i, int j) {
    if (label == null || (label.missed == 0 && atBest(label, i, j) >= beat)) {
      return;
    }
    boolean leftWindow = i < left.size() && left.get(i).window().closes();
    boolean rightWindow = j < right.size() && right.get(j).window().closes();
    // Plain loops: this is where the search spends its time.
    for (int k = 0; k < cell.size(); k++) {
      if (cell.get(k).noWorse(label, changing, calm, leftWindow, rightWindow)) {
        return;
      }
    }
    for (int k = cell.size() - 1; k >= 0; k--) {
      if (label.noWorse(cell.get(k), changing, calm, leftWindow, rightWindow)) {
        cell.remove(k);
      }
    }
    if (cell.size() >= maxLabels) {
      cut = true;
      int worst = 0;
      for (int k = 1; k < cell.size(); k++) {
        if (promise(cell.get(k), i, j) > promise(cell.get(worst), i, j)) {
          worst = k;
        }
      }
      if (promise(cell.get(worst), i, j) <= promise(label, i, j)) {
        return;
      }
      cell.remove(worst);
    }
    cell.add(label);
  }

  /** The less, the better a label promises to end: windows missed first, then time. */
  private long promise(Label label, int i, int j) {
    long changes = calm ? label.changes : 0;
    return ((long) label.missed << Integer.SIZE) + changes * CHANGE_WEIGHS + atBest(label, i, j);
  }

  /**
   * Places a job as early as it goes.
   *
   * @param side which hand, or both
   * @param i jobs placed on the left hand with it
   * @param j jobs placed on the right hand with it
   * @return null if its window would be missed and must not be
   */
  private @Nullable Label place(Label label, Job job, int side, int i, int j) {
    int handFree =
        side == LEFT
            ? label.leftFree
            : side == RIGHT ? label.rightFree : Math.max(label.leftFree, label.rightFree);
    int start = Math.max(0, handFree + job.window().min());
    boolean turns = job.stays() && side != NONE && label.last != NONE && label.last != side;
    if (job.stays()) {
      start = Math.max(start, label.technician + (turns ? changing : 0));
    }
    if (job.lamp()) {
      start = Math.max(start, label.lamp);
    }
    if (job.awaitsLight()) {
      start = Math.max(start, label.lamp - job.lightAfter());
    }
    if (job.needsSettled()) {
      if (side != RIGHT) {
        start = Math.max(start, label.leftSettled);
      }
      if (side != LEFT) {
        start = Math.max(start, label.rightSettled);
      }
    }
    boolean opens =
        job.stage() > lastStage(left, side == RIGHT ? i : i - 1, leftStage)
            && job.stage() > lastStage(right, side == LEFT ? j : j - 1, rightStage);
    int opened =
        opens
            ? Math.max(
                Math.max(label.leftFree, label.leftSettled),
                Math.max(label.rightFree, label.rightSettled))
            : label.opened;
    start = Math.max(start, opened);
    start = Math.max(start, lateEnough(label, job, side, i, j));
    boolean misses = job.window().closes() && start - handFree > job.window().max();
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
        job.stays() ? end : label.technician,
        job.lamp() ? end : label.lamp,
        side == RIGHT ? label.leftFree : end,
        side == LEFT ? label.rightFree : end,
        side == RIGHT || job.settles() == 0
            ? label.leftSettled
            : Math.max(label.leftSettled, settled),
        side == LEFT || job.settles() == 0
            ? label.rightSettled
            : Math.max(label.rightSettled, settled),
        opened,
        job.stays() && side != NONE ? side : label.last,
        label.missed + (misses ? 1 : 0),
        label.changes + (turns ? 1 : 0),
        Math.max(label.end, end));
  }

  /**
   * Whether the technician has to stay for the next job of a hand; what he chose to come first may
   * tear what was kept.
   */
  private static boolean kept(List<Job> jobs, int placed, boolean before) {
    return placed < jobs.size() && (placed > 0 ? jobs.get(placed - 1).keeps() : before);
  }

  private static int lastStage(List<Job> jobs, int placed, int before) {
    return placed > 0 ? jobs.get(placed - 1).stage() : before;
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
    if (next.stays() && !job.stays()) {
      needed =
          Math.max(
              needed,
              label.technician
                  + (label.last != NONE && side != NONE && label.last != side ? changing : 0));
    }
    return needed - next.window().max() - job.seconds();
  }

  /**
   * @param shortest makespan that was found
   */
  private static Schedule schedule(Label last, int bound, boolean exact, int shortest) {
    List<Schedule.Slot> slots = new ArrayList<>();
    List<String> missed = new ArrayList<>();
    for (Label label = last; label.placed != null && label.before != null; label = label.before) {
      slots.add(
          new Schedule.Slot(label.placed, label.side != RIGHT, label.side != LEFT, label.start));
      if (label.missed > label.before.missed) {
        missed.add(label.placed.id());
      }
    }
    return new Schedule(
        slots, last.end, exact ? shortest : Math.min(bound, shortest), missed, exact);
  }
}
