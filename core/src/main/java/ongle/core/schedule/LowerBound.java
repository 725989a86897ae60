package ongle.core.schedule;

import java.util.List;
import java.util.stream.Stream;

/** The time no schedule can go under. */
final class LowerBound {
  private LowerBound() {}

  /**
   * s from now. Jobs of both hands part the time into stretches: each takes at least as long as the
   * longest of what technician, lamp and hands alone must take in it.
   */
  static int of(Hands hands) {
    int sum = 0;
    Hands.Free free = hands.free();
    List<Job> left = hands.left();
    List<Job> right = hands.right();
    while (true) {
      int l = firstShared(left, right);
      int r = firstShared(right, left);
      sum += stretch(new Hands(left.subList(0, l), right.subList(0, r), free));
      if (l == left.size()) {
        return sum;
      }
      sum += left.get(l).seconds();
      left = left.subList(l + 1, left.size());
      right = right.subList(r + 1, right.size());
      free = new Hands.Free(0, 0, 0, 0, 0, 0, free.changing());
    }
  }

  private static int firstShared(List<Job> jobs, List<Job> others) {
    for (int i = 0; i < jobs.size(); i++) {
      if (others.contains(jobs.get(i))) {
        return i;
      }
    }
    return jobs.size();
  }

  private static int stretch(Hands hands) {
    return Stream.of(
            hand(hands.left(), hands.free().left()),
            hand(hands.right(), hands.free().right()),
            technician(hands),
            lamp(hands))
        .max(Integer::compare)
        .orElseThrow();
  }

  /** A hand's own jobs one after another, with what has to settle between them. */
  private static int hand(List<Job> jobs, int free) {
    int end = free;
    int settled = 0;
    for (Job job : jobs) {
      int start = Math.max(0, end + job.window().least());
      if (job.needsSettled()) {
        start = Math.max(start, settled);
      }
      end = start + job.seconds();
      if (job.settles() > 0) {
        settled = Math.max(settled, end + job.settles());
      }
    }
    return Math.max(0, end);
  }

  /** All of the technician's work, after what comes before it and before what comes after it. */
  private static int technician(Hands hands) {
    int work = hands.jobs().filter(Job::technician).mapToInt(Job::seconds).sum();
    return work == 0
        ? 0
        : Math.max(
                Math.max(0, hands.free().technician()),
                Math.min(
                    before(hands.left(), hands.free().left()),
                    before(hands.right(), hands.free().right())))
            + work
            + (works(hands.left()) && works(hands.right()) ? hands.free().changing() : 0)
            + Math.min(after(hands.left()), after(hands.right()));
  }

  private static boolean works(List<Job> jobs) {
    return jobs.stream().anyMatch(Job::technician);
  }

  private static int before(List<Job> jobs, int free) {
    int sum = free;
    for (Job job : jobs) {
      if (job.technician()) {
        return sum;
      }
      sum += job.seconds();
    }
    return Integer.MAX_VALUE / 4;
  }

  private static int after(List<Job> jobs) {
    int sum = 0;
    for (int i = jobs.size() - 1; i >= 0; i--) {
      if (jobs.get(i).technician()) {
        return sum;
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
