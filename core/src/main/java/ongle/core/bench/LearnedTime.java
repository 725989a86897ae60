package ongle.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.core.Range;

/**
 * How long a kind of step takes this technician, learned from the last times.
 *
 * @param factor on the usual time: the median of what was taken
 * @param least factor of those looked at
 * @param most factor of those looked at
 * @param times how many were looked at
 */
public record LearnedTime(double factor, double least, double most, int times) {
  /** So many of the last times count. */
  public static final int LAST = 10;

  /** Fewer than this say nothing yet. */
  public static final int FEWEST = 3;

  /** What can be believed: a press forgotten or made in a row says nothing of a pace. */
  private static final Range BELIEVED = new Range(0.3, 4);

  /**
   * A step as it went.
   *
   * @param usual time it would usually have taken on those nails, s, above 0
   * @param took s
   */
  public record Sample(StepKind kind, double usual, double took) {
    double factor() {
      return took / usual;
    }
  }

  /**
   * What the samples teach, by kind of step; kinds with too few are left out.
   *
   * @param samples the last first
   */
  public static Map<StepKind, LearnedTime> of(List<Sample> samples) {
    Map<StepKind, List<Double>> factors = new EnumMap<>(StepKind.class);
    for (Sample sample : samples) {
      List<Double> of = factors.computeIfAbsent(sample.kind(), kind -> new ArrayList<>());
      if (of.size() < LAST && BELIEVED.allows(sample.factor())) {
        of.add(sample.factor());
      }
    }
    Map<StepKind, LearnedTime> learned = new EnumMap<>(StepKind.class);
    factors.forEach(
        (kind, of) -> {
          if (of.size() >= FEWEST) {
            learned.put(kind, of(of.stream().sorted().toArray(Double[]::new)));
          }
        });
    return learned;
  }

  private static LearnedTime of(Double[] sorted) {
    int middle = sorted.length / 2;
    double median =
        sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    return new LearnedTime(median, sorted[0], sorted[sorted.length - 1], sorted.length);
  }

  /**
   * What a finished appointment adds, the last step first. Only what hands do counts; a movement's
   * time is parted as its steps usually are.
   */
  public static List<Sample> samples(Guide guide) {
    List<Sample> samples = new ArrayList<>();
    for (Past past : guide.past()) {
      Step step = past.step();
      if (past.skipped().isPresent() || step.runsByItself() || step.job().seconds() == 0) {
        continue;
      }
      double took = (past.ends().toEpochMilli() - past.began().toEpochMilli()) / 1000.0;
      for (Step part : step.singly()) {
        double usual = guide.plan().usual(part);
        if (part.kind() != StepKind.OWN && usual > 0) {
          double share = (double) part.job().seconds() / step.job().seconds();
          samples.add(0, new Sample(part.kind(), usual, took * share));
        }
      }
    }
    return samples;
  }
}
