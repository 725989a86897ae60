package ongle.core.plan;

import java.util.Optional;
import ongle.core.nail.Nail;

/**
 * Why a finger is not built on today.
 *
 * @param caution what was found and what it means
 * @param instead what to do with the finger
 * @param answer what lifts it, if anything safe does
 */
public record Stop(String caution, String instead, Answer answer) {

  /** What lifts a stop. */
  public enum Answer {
    /** Nothing; it belongs to a doctor first. */
    NONE,
    /** The technician's reason for this finger. */
    REASON,
    /** That the allergy is to nothing that is used here. */
    ALLERGY_TO_SOMETHING_ELSE,
    /** A guardian's consent. */
    CONSENT
  }

  static Optional<Stop> of(Nail nail, LookOver seen, Wearer wearer) {
    if (wearer.allergy().isPresent() && wearer.allergyHarmless().isEmpty()) {
      return Optional.of(
          new Stop(
              "Allergy on record: "
                  + wearer.allergy().get()
                  + ". A known allergy to acrylates, primer or glue forbids building.",
              "Care without product; polish only if the maker says it is free of it.",
              Answer.ALLERGY_TO_SOMETHING_ELSE));
    }
    if (wearer.minor() && wearer.guardian().isEmpty()) {
      return Optional.of(
          new Stop(
              "Minor: a guardian's consent comes first, then the shortest practical length.",
              "Care without product until a guardian has agreed.",
              Answer.CONSENT));
    }
    boolean overruled = nail.skin().mayBeOverruled() && seen.buildAnyway().isPresent();
    return nail.skin().forbidsBuilding() && !overruled
        ? Optional.of(
            new Stop(
                nail.skin().caution().orElseThrow(),
                nail.skin().instead().orElseThrow(),
                nail.skin().mayBeOverruled() ? Answer.REASON : Answer.NONE))
        : Optional.empty();
  }
}
