package ongle.core.plan;

import java.util.Optional;
import ongle.core.Code;
import ongle.core.nail.Nail;
import ongle.core.nail.SkinState;

/**
 * Why a finger is not built on today.
 *
 * @param why what was found
 * @param answer what lifts it, if anything safe does
 */
public record Contraindication(Why why, Answer answer) {

  /** What was found; what to do with the finger instead follows from it. */
  public sealed interface Why extends Code {
    /** An allergy on record that forbids building. */
    record Allergy(String to) implements Why {}

    /** A minor whose guardian has not agreed. */
    record NoConsent() implements Why {}

    /** Skin or plate that nothing is built on. */
    record Skin(SkinState skin) implements Why {}
  }

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

  static Optional<Contraindication> of(Nail nail, LookOver seen, Wearer wearer) {
    if (wearer.allergy().isPresent() && wearer.allergyHarmless().isEmpty()) {
      return Optional.of(
          new Contraindication(
              new Why.Allergy(wearer.allergy().get()), Answer.ALLERGY_TO_SOMETHING_ELSE));
    }
    if (wearer.minor() && wearer.guardian().isEmpty()) {
      return Optional.of(new Contraindication(new Why.NoConsent(), Answer.CONSENT));
    }
    boolean overruled = nail.skin().mayBeOverruled() && seen.buildAnyway().isPresent();
    return nail.skin().forbidsBuilding() && !overruled
        ? Optional.of(
            new Contraindication(
                new Why.Skin(nail.skin()),
                nail.skin().mayBeOverruled() ? Answer.REASON : Answer.NONE))
        : Optional.empty();
  }
}
