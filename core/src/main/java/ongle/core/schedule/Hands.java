package ongle.core.schedule;

import java.util.List;
import java.util.stream.Stream;

/**
 * What is still to be done, in the order of each hand, and when everybody is free for it.
 *
 * @param left jobs of the client's left hand, in their order
 * @param right of the right hand; a job in both lists needs both hands at once, and such jobs stand
 *     in the same order in both
 * @param free when each is free, s from now
 * @param latest it may end, s from now, if that saves changes of hand; 0 for the usual share of it
 */
public record Hands(List<Job> left, List<Job> right, Free free, int latest) {
  /**
   * When technician, lamp and hands are free and the hands settled, s from now; minus for what
   * ended before, which a window may be counted from.
   *
   * @param changing what the technician loses in turning from one hand to the other, s
   * @param leftStage stage of the last job done on the left hand
   * @param rightStage of the right hand
   * @param leftKeeps whether the last job done on the left hand keeps the technician there
   * @param rightKeeps the same of the right hand
   * @param at the hand the technician was at last
   */
  public record Free(
      int technician,
      int lamp,
      int left,
      int right,
      int leftSettled,
      int rightSettled,
      int changing,
      int leftStage,
      int rightStage,
      boolean leftKeeps,
      boolean rightKeeps,
      At at) {
    /** Where the technician is. */
    public enum At {
      LEFT,
      RIGHT,
      NEITHER
    }

    /** Nothing done on either hand yet. */
    public Free(
        int technician,
        int lamp,
        int left,
        int right,
        int leftSettled,
        int rightSettled,
        int changing) {
      this(
          technician,
          lamp,
          left,
          right,
          leftSettled,
          rightSettled,
          changing,
          0,
          0,
          false,
          false,
          At.NEITHER);
    }

    /** Turning to the other hand, s; a planning figure of our own. */
    public static final int CHANGING_HANDS = 3;

    public static final Free NOW = new Free(0, 0, 0, 0, 0, 0, CHANGING_HANDS);
  }

  /**
   * @throws IllegalArgumentException if jobs of both hands do not stand in the same order in both,
   *     or a stage comes back
   */
  public Hands {
    left = List.copyOf(left);
    right = List.copyOf(right);
    if (!inStages(left) || !inStages(right)) {
      throw new IllegalArgumentException("a stage comes back on a hand");
    }
    if (!shared(left, right).equals(shared(right, left))) {
      throw new IllegalArgumentException("jobs of both hands must stand in the same order");
    }
  }

  /** Everything that is to be done. */
  public Hands(List<Job> left, List<Job> right, Free free) {
    this(left, right, free, 0);
  }

  private static boolean inStages(List<Job> jobs) {
    for (int i = 1; i < jobs.size(); i++) {
      if (jobs.get(i).stage() < jobs.get(i - 1).stage()) {
        return false;
      }
    }
    return true;
  }

  private static List<String> shared(List<Job> jobs, List<Job> others) {
    return jobs.stream().filter(job -> job.isIn(others)).map(Job::id).toList();
  }

  /** Everything once; of work that needs both hands, as the left hand has it. */
  public Stream<Job> jobs() {
    return Stream.concat(left.stream(), right.stream().filter(job -> !job.isIn(left)));
  }
}
