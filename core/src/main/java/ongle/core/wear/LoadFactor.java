package ongle.core.wear;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import ongle.core.structure.FailureMode;

/**
 * What a client's hands ask of their nails against the usual: the load factor λ, drawn from how
 * their nails held.
 *
 * <p>Prior: log-normal around 1 with σ 0.35. A nail whose crack margin on a day is m cracks at the
 * rate (λ/m)⁸ · ln 2 / 21 a day; between the days given the rate runs straight. The posterior
 * stands on a grid of ln λ.
 *
 * @param mean of λ
 * @param median of λ
 * @param low a tenth lies below
 * @param high a tenth lies above
 * @param nails nail-visits it is drawn from
 * @param grid weights of ln λ from −1.5 to 1.5, adding up to 1
 */
public record LoadFactor(
    double mean, double median, double low, double high, int nails, double[] grid) {
  /** Fewer nail-visits than these change no plan. */
  public static final int ENOUGH = 10;

  private static final double SPREAD = 0.35;
  private static final double FAR = 1.5;
  private static final double STEP = 0.0025;
  private static final int PLACES = (int) Math.round(2 * FAR / STEP) + 1;
  private static final double POWER = 8;

  /** How many standard deviations out a tenth lies. */
  private static final double TENTH = 1.2816;

  private static final double PER_DAY = Math.log(2) / 21;

  private static final int WEEK = 7;

  /** Nothing that stands holds less. */
  private static final double NO_MARGIN = 0.05;

  /** Nothing known: the usual hands. */
  public static final LoadFactor USUAL = of(List.of());

  /**
   * Margins against cracking as they fall over the days.
   *
   * @param days rising
   * @param margins on those days, above 0
   */
  public record Course(double[] days, double[] margins) {
    /**
     * @throws IllegalArgumentException if there are not as many margins as days, or one is not
     *     above 0
     */
    public Course {
      if (days.length == 0 || days.length != margins.length) {
        throw new IllegalArgumentException("a margin a day");
      }
      for (double margin : margins) {
        if (!(margin > 0)) {
          throw new IllegalArgumentException("margins are above 0");
        }
      }
    }

    /**
     * Week by week.
     *
     * @param load what these hands ask, in the outlook's margins already
     */
    public static Course of(Outlook outlook, double load) {
      int weeks = Outlook.LOOKED_AHEAD / WEEK;
      double[] days = new double[weeks + 1];
      double[] margins = new double[weeks + 1];
      for (int i = 0; i <= weeks; i++) {
        days[i] = WEEK * i;
        double margin = outlook.on(WEEK * i).margins().of(FailureMode.CRACK).value();
        margins[i] = Math.max(NO_MARGIN, load * margin);
      }
      return new Course(days, margins);
    }

    private double rate(int i) {
      return PER_DAY * Math.pow(margins[i], -POWER);
    }

    /** Rate on a day for λ = 1; held to the first and the last day given. */
    double rateOn(double day) {
      if (day <= days[0]) {
        return rate(0);
      }
      for (int i = 1; i < days.length; i++) {
        if (day <= days[i]) {
          double share = (day - days[i - 1]) / (days[i] - days[i - 1]);
          return rate(i - 1) + share * (rate(i) - rate(i - 1));
        }
      }
      return rate(days.length - 1);
    }

    /** The rate summed until a day, for λ = 1. */
    double summed(double until) {
      double sum = 0;
      double from = 0;
      for (double day : days) {
        double to = Math.min(day, until);
        if (to > from) {
          sum += (to - from) * (rateOn(from) + rateOn(to)) / 2;
          from = to;
        }
      }
      return until > from ? sum + (until - from) * rateOn(until) : sum;
    }
  }

  /** What became of one nail. */
  public sealed interface Outcome {
    /** Whole until a day. */
    record Held(double until) implements Outcome {}

    /** Cracked on a known day. */
    record CrackedOn(double day) implements Outcome {}

    /** Seen whole on a day, found cracked on another. */
    record CrackedBetween(double after, double until) implements Outcome {}
  }

  /** One nail of one visit. */
  public record Observation(Course course, Outcome outcome) {}

  /**
   * What a nail that cracked tells, summed once for all places of the grid.
   *
   * @param until the rate summed until it was last whole, or cracked on a known day
   * @param found the rate summed until it was found; 0 where the day is known
   * @param rate on the known day
   */
  private record Cracked(double until, double found, double rate) {
    static Cracked of(Course course, Outcome outcome) {
      if (outcome instanceof Outcome.CrackedOn on) {
        return new Cracked(course.summed(on.day()), 0, course.rateOn(on.day()));
      }
      Outcome.CrackedBetween between = (Outcome.CrackedBetween) outcome;
      return new Cracked(course.summed(between.after()), course.summed(between.until()), 0);
    }

    double likelihood(double timesEight) {
      return rate > 0
          ? timesEight * rate * Math.exp(-timesEight * until)
          : Math.exp(-timesEight * until) - Math.exp(-timesEight * found);
    }
  }

  /** As it was learned before, told by its mean and band alone: log-normal between. */
  public static LoadFactor about(double mean, double low, double high, int nails) {
    double spread = Math.max(1e-3, Math.log(high / low) / (2 * TENTH));
    double middle = Math.log(mean) - spread * spread / 2;
    double[] grid = new double[PLACES];
    double whole = 0;
    for (int i = 0; i < PLACES; i++) {
      double off = (logAt(i) - middle) / spread;
      grid[i] = Math.exp(-off * off / 2);
      whole += grid[i];
    }
    for (int i = 0; i < PLACES; i++) {
      grid[i] /= whole;
    }
    return new LoadFactor(mean, Math.exp(middle), low, high, nails, grid);
  }

  private static double logAt(int place) {
    return -FAR + place * STEP;
  }

  /** Drawn from all that is known of these hands. */
  public static LoadFactor of(List<Observation> seen) {
    double held = 0; // the likelihoods of all that held are one
    List<Cracked> cracked = new ArrayList<>();
    for (Observation each : seen) {
      if (each.outcome() instanceof Outcome.Held whole) {
        held += each.course().summed(whole.until());
      } else {
        cracked.add(Cracked.of(each.course(), each.outcome()));
      }
    }
    double[] logs = new double[PLACES];
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < PLACES; i++) {
      double log = logAt(i);
      double timesEight = Math.exp(POWER * log);
      logs[i] = -log * log / (2 * SPREAD * SPREAD) - timesEight * held;
      for (Cracked each : cracked) {
        logs[i] += Math.log(Math.max(Double.MIN_NORMAL, each.likelihood(timesEight)));
      }
      most = Math.max(most, logs[i]);
    }
    double[] grid = new double[PLACES];
    double whole = 0;
    for (int i = 0; i < PLACES; i++) {
      grid[i] = Math.exp(logs[i] - most);
      whole += grid[i];
    }
    double mean = 0;
    for (int i = 0; i < PLACES; i++) {
      grid[i] /= whole;
      mean += grid[i] * Math.exp(logAt(i));
    }
    return new LoadFactor(
        mean, below(grid, 0.5), below(grid, 0.1), below(grid, 0.9), seen.size(), grid);
  }

  /** Where a share lies below, straight between the places of the grid. */
  private static double below(double[] grid, double share) {
    double sum = 0;
    for (int i = 0; i < PLACES; i++) {
      double next = sum + grid[i];
      if (next >= share) {
        return Math.exp(logAt(i) + ((share - sum) / grid[i] - 0.5) * STEP);
      }
      sum = next;
    }
    return Math.exp(FAR);
  }

  /** Chance that a nail is whole until a day, 0 to 1. */
  public double survives(Course course, double until) {
    return survive(List.of(course), until);
  }

  /** Chance that all these nails of the same hands are whole until a day, 0 to 1. */
  public double survive(List<Course> courses, double until) {
    double summed = courses.stream().mapToDouble(course -> course.summed(until)).sum();
    double chance = 0;
    for (int i = 0; i < PLACES; i++) {
      chance += grid[i] * Math.exp(-Math.exp(POWER * logAt(i)) * summed);
    }
    return chance;
  }

  /**
   * First day on which all are whole with less than this share; empty within the days looked at.
   */
  public OptionalInt fallsUnder(double share, List<Course> courses, int days) {
    for (int day = 1; day <= days; day++) {
      if (survive(courses, day) < share) {
        return OptionalInt.of(day);
      }
    }
    return OptionalInt.empty();
  }

  /** What everyday loads are multiplied by: the mean once enough is known, else 1. */
  public double times() {
    return nails >= ENOUGH ? mean : 1;
  }
}
