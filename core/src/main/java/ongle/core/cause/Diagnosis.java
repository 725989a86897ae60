package ongle.core.cause;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Why a nail most likely failed: naive Bayes over the causes, from what was found and from every
 * sign that is known to be so or not to be so. What nobody knows weighs nothing.
 *
 * @param ranked the likeliest first; shares add up to 1
 */
public record Diagnosis(List<Ranked> ranked) {
  /** A sign that moves a cause less than this is not worth saying. */
  private static final double TELLS = 1.5;

  /** A cause of less than this share is not named. */
  private static final double NAMED = 0.03;

  /** Below this share nothing is claimed. */
  public static final double CLAIMED = 0.5;

  /** Signs of one thing, any of which is enough. */
  private static final List<Set<Sign>> ENOUGH =
      List.of(
          EnumSet.of(Sign.CURED_SHORT, Sign.LAMP_WEAK, Sign.LAYER_THICK),
          EnumSet.of(Sign.LOT_EXPIRED, Sign.LOT_OPEN_LONG),
          EnumSet.of(Sign.EDGE_THICK, Sign.HAIRLINE_THICK));

  /**
   * A cause with its share.
   *
   * @param share 0 to 1
   * @param speaksFor signs that are so and make it likelier, the strongest first
   * @param speaksAgainst signs that make it less likely
   */
  public record Ranked(
      Cause cause, double share, List<Evidence> speaksFor, List<Evidence> speaksAgainst) {}

  /**
   * A sign and whether it is so.
   *
   * @param times by what it multiplies the odds
   */
  public record Evidence(Sign sign, boolean so, double times) {}

  public Diagnosis {
    ranked = List.copyOf(ranked);
  }

  /**
   * Of one nail.
   *
   * @param known signs known to be so, or not to be so
   */
  public static Diagnosis of(Finding finding, Map<Sign, Boolean> known) {
    return of(List.of(finding), known);
  }

  /**
   * What several nails of one visit have in common: what was found on each, and what is known of
   * all of them.
   */
  public static Diagnosis of(List<Finding> findings, Map<Sign, Boolean> told) {
    Map<Sign, Boolean> known = settled(told);
    Map<Cause, Double> logs = new EnumMap<>(Cause.class);
    double most = Double.NEGATIVE_INFINITY;
    for (Cause cause : Cause.values()) {
      double log = Math.log(cause.prior());
      for (Finding finding : findings) {
        log += Math.log(Likelihoods.found(cause, finding));
      }
      for (Map.Entry<Sign, Boolean> sign : known.entrySet()) {
        log += Math.log(Likelihoods.factor(cause, sign.getKey(), sign.getValue()));
      }
      logs.put(cause, log);
      most = Math.max(most, log);
    }
    double whole = 0;
    for (double log : logs.values()) {
      whole += Math.exp(log - most);
    }
    List<Ranked> ranked = new ArrayList<>();
    for (Map.Entry<Cause, Double> each : logs.entrySet()) {
      List<Evidence> speaks = evidence(each.getKey(), known);
      ranked.add(
          new Ranked(
              each.getKey(),
              Math.exp(each.getValue() - most) / whole,
              speaks.stream()
                  .filter(evidence -> evidence.times() >= TELLS)
                  .sorted(Comparator.comparingDouble(Evidence::times).reversed())
                  .toList(),
              speaks.stream()
                  .filter(evidence -> evidence.times() <= 1 / TELLS)
                  .sorted(Comparator.comparingDouble(Evidence::times))
                  .toList()));
    }
    ranked.sort(Comparator.comparingDouble(Ranked::share).reversed());
    return new Diagnosis(ranked);
  }

  /**
   * Over the nails of a visit that failed alike: what was found on each, and what is known of every
   * one of them.
   *
   * @param known signs of each finding
   * @return empty where no two failed alike
   */
  public static Optional<Diagnosis> common(Map<Finding, Map<Sign, Boolean>> known) {
    for (Finding first : known.keySet()) {
      List<Finding> alike =
          known.keySet().stream().filter(each -> each.kind() == first.kind()).toList();
      if (alike.size() > 1) {
        Map<Sign, Boolean> shared = new EnumMap<>(Sign.class);
        shared.putAll(known.getOrDefault(first, Map.of()));
        alike.forEach(
            each ->
                shared
                    .entrySet()
                    .removeIf(
                        sign ->
                            !sign.getValue()
                                .equals(known.getOrDefault(each, Map.of()).get(sign.getKey()))));
        return Optional.of(of(alike, shared));
      }
    }
    return Optional.empty();
  }

  /**
   * Where one sign is enough, the want of another speaks for nothing: a cure in full does not go
   * through under a weak lamp or too thick a layer, a jar past its date is no better for having
   * been opened lately, and a gauge sees what the eye lets pass.
   */
  private static Map<Sign, Boolean> settled(Map<Sign, Boolean> told) {
    Map<Sign, Boolean> known = new EnumMap<>(Sign.class);
    known.putAll(told);
    for (Set<Sign> signs : ENOUGH) {
      if (signs.stream().anyMatch(sign -> known.getOrDefault(sign, false))) {
        signs.forEach(sign -> known.remove(sign, false));
      }
    }
    return known;
  }

  private static List<Evidence> evidence(Cause cause, Map<Sign, Boolean> known) {
    return known.entrySet().stream()
        .map(
            sign ->
                new Evidence(
                    sign.getKey(),
                    sign.getValue(),
                    Likelihoods.factor(cause, sign.getKey(), sign.getValue())))
        .toList();
  }

  public Ranked first() {
    return ranked.get(0);
  }

  /** Those worth naming: known causes of some share, three at most. */
  public List<Ranked> named() {
    return ranked.stream()
        .filter(each -> each.cause() != Cause.UNKNOWN)
        .filter(each -> each.share() >= NAMED)
        .limit(3)
        .toList();
  }
}
