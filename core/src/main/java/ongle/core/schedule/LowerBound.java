package ongle.core.schedule;

import java.util.List;
import java.util.stream.Stream;

/** The time no schedule can go under. */
final class LowerBound {
  private LowerBound() {}

  /**
   * s from now. Stages, and jobs of both hands, part the time into stretches: each takes at least
   * as long as the longest of what technician, lamp and hands alone must take in it.
   */
  static int of(Hands hands) {
    int sum = 0;
    Hands.Free free = hands.free();
    List<Job> left = hands.left();
    List<Job> right = hands.right();
    while (!left.isEmpty() || !right.isEmpty()) {
      int stage = Math.min(stage(left), stage(right));
      int l = Math.min(firstShared(left, right), firstAfter(left, stage));
      int r = Math.min(firstShared(right, left), firstAfter(right, stage));
      boolean more = l < left.size() || r < right.size();
      sum += stretch(new Hands(left.subList(0, l), right.subList(0, r), free), more);
      boolean both = l < left.size() && left.get(l).stage() == stage && left.get(l).isIn(right);
      sum += both ? left.get(l).seconds() : 0;
      left = left.subList(both ? l + 1 : l, left.size());
      right = right.subList(both ? r + 1 : r, right.size());
      free = new Hands.Free(0, 0, 0, 0, 0, 0, free.changing());
    }
    return sum;
  }

  private static int stage(List<Job> jobs) {
    return jobs.isEmpty() ? Integer.MAX_VALUE : jobs.get(0).stage();
  }

  private static int firstAfter(List<Job> jobs, int stage) {
    int i = 0;
    while (i < jobs.size() && jobs.get(i).stage() == stage) {
      i++;
    }
    return i;
  }

  private static int firstShared(List<Job> jobs, List<Job> others) {
    for (int i = 0; i < jobs.size(); i++) {
      if (jobs.get(i).isIn(others)) {
        return i;
      }
    }
    return jobs.size();
  }

  /**
   * @param hardens whether the next stage waits until everything has settled
   */
  private static int stretch(Hands hands, boolean hardens) {
    return Stream.of(
            hand(hands.left(), hands.free().left(), hardens),
            hand(hands.right(), hands.free().right(), hardens),
            technician(hands, hardens),
            laterHand(hands),
            lamp(hands))
        .max(Integer::compare)
        .orElseThrow();
  }

  /** A hand's own jobs one after another, with what has to settle between them. */
  private static int hand(List<Job> jobs, int free, boolean hardens) {
    int end = free;
    int settled = 0;
    for (Job job : jobs) {
      int start = Math.max(0, end + job.window().min());
      if (job.needsSettled()) {
        start = Math.max(start, settled);
      }
      end = start + job.seconds();
      if (job.settles() > 0) {
        settled = Math.max(settled, end + job.settles());
      }
    }
    return Math.max(0, hardens ? Math.max(end, settled) : end);
  }

  /** All of the technician's work, after what comes before it and before what comes after it. */
  private static int technician(Hands hands, boolean hardens) {
    int work = hands.jobs().filter(Job::stays).mapToInt(Job::seconds).sum();
    int changing = hands.free().changing();
    int left = away(hands.left(), changing)[hands.left().size()];
    int right = away(hands.right(), changing)[hands.right().size()];
    int once = works(hands.left()) && works(hands.right()) ? changing : 0;
    return work == 0
        ? 0
        : Math.max(
                Math.max(0, hands.free().technician()),
                Math.min(
                    before(hands.left(), hands.free().left()),
                    before(hands.right(), hands.free().right())))
            + work
            + Math.max(once, left + right)
            + Math.min(after(hands.left(), hardens), after(hands.right(), hardens));
  }

  /**
   * What the technician cannot work in the first jobs of a hand: while it is in the lamp, he either
   * waits for it or turns away.
   *
   * @return by how many jobs are looked at, s
   */
  private static int[] away(List<Job> jobs, int changing) {
    int[] away = new int[jobs.size() + 1];
    int byItself = 0;
    boolean worked = false;
    for (int i = 0; i < jobs.size(); i++) {
      Job job = jobs.get(i);
      away[i + 1] = away[i];
      if (job.stays()) {
        away[i + 1] += worked ? Math.min(changing, byItself) : 0;
        worked = true;
        byItself = 0;
      } else {
        byItself += job.seconds();
      }
    }
    return away;
  }

  /**
   * Whatever is done on each hand up to some job of the technician's: on the hand that gets there
   * later, everything after that job is still to come.
   */
  private static int laterHand(Hands hands) {
    int[] left = worked(hands.left(), hands.free().changing());
    int[] right = worked(hands.right(), hands.free().changing());
    int[] leftRest = rest(hands.left());
    int[] rightRest = rest(hands.right());
    int longest = 0;
    for (int i = 1; i < left.length; i++) {
      for (int j = 1; hands.left().get(i - 1).stays() && j < right.length; j++) {
        if (hands.right().get(j - 1).stays()) {
          longest = Math.max(longest, left[i] + right[j] + Math.min(leftRest[i], rightRest[j]));
        }
      }
    }
    return longest == 0 ? 0 : Math.max(0, hands.free().technician()) + longest;
  }

  /** The technician's time in the first jobs of a hand, by how many, s. */
  private static int[] worked(List<Job> jobs, int changing) {
    int[] worked = away(jobs, changing);
    int work = 0;
    for (int i = 0; i < jobs.size(); i++) {
      work += jobs.get(i).stays() ? jobs.get(i).seconds() : 0;
      worked[i + 1] += work;
    }
    return worked;
  }

  /** What a hand takes after its first jobs, by how many, s. */
  private static int[] rest(List<Job> jobs) {
    int[] rest = new int[jobs.size() + 1];
    for (int i = 1; i <= jobs.size(); i++) {
      Job done = jobs.get(i - 1);
      rest[i] =
          hand(jobs.subList(i - 1, jobs.size()), 0, false) - done.seconds() - done.window().min();
    }
    return rest;
  }

  private static boolean works(List<Job> jobs) {
    return jobs.stream().anyMatch(Job::stays);
  }

  private static int before(List<Job> jobs, int free) {
    int sum = free;
    for (Job job : jobs) {
      if (job.stays()) {
        return sum;
      }
      sum += job.seconds();
    }
    return Integer.MAX_VALUE / 4;
  }

  private static int after(List<Job> jobs, boolean hardens) {
    int sum = 0;
    for (int i = jobs.size() - 1; i >= 0; i--) {
      if (jobs.get(i).stays()) {
        return hardens ? Math.max(sum, jobs.get(i).settles()) : sum;
      }
      sum += jobs.get(i).seconds();
    }
    return Integer.MAX_VALUE / 4;
  }

  private static int lamp(Hands hands) {
    int light = hands.jobs().filter(Job::lamp).mapToInt(Job::seconds).sum();
    return light == 0 ? 0 : Math.max(0, hands.free().lamp()) + light;
  }
}
