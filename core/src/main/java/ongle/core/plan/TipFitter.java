package ongle.core.plan;

import java.util.List;
import java.util.Optional;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay.TipOffer;

/**
 * Which tip one finger takes: a set is fitted from one kit as far as it suits, and only what it
 * cannot do comes from another.
 *
 * @param extension mm
 * @param tried every kit at hand tried on this nail
 * @param leading the kit the set is fitted from
 */
record TipFitter(Draft draft, double extension, List<TipSizing> tried, Optional<TipKit> leading) {

  Optional<TipSizing> lead() {
    return leading.flatMap(kit -> of(kit.code()));
  }

  /** What would be taken without the technician's word. */
  TipOffer offer() {
    Optional<TipPick> ofLead = lead().flatMap(TipSizing::advised);
    Optional<TipPick> suiting =
        ofLead
            .filter(TipPick::suits)
            .or(
                () ->
                    TipSizing.ranked(tried).stream()
                        .filter(TipSizing::suits)
                        .findFirst()
                        .flatMap(TipSizing::advised));
    Optional<TipPick> pick = suiting.or(() -> ofLead);
    String whyNone =
        lead().isEmpty()
            ? "There are no tips at hand."
            : lead().flatMap(TipSizing::noFit).map(TipSizing.NoFit::advice).orElse("");
    return new TipOffer(pick, whyNone, pick.equals(ofLead));
  }

  /** The technician's tip if one was chosen and is still in a kit at hand, else the offer. */
  Optional<TipPick> taken() {
    return draft
        .item()
        .adjustments()
        .tip()
        .flatMap(
            wanted ->
                of(wanted.kit())
                    .flatMap(
                        sizing ->
                            sizing.pick(wanted.number(), draft.nail(), draft.outline(extension))))
        .or(() -> offer().pick());
  }

  private Optional<TipSizing> of(String kit) {
    return tried.stream().filter(sizing -> sizing.kit().code().equals(kit)).findFirst();
  }
}
