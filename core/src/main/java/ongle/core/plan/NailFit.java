package ongle.core.plan;

import java.util.List;
import java.util.Optional;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;
import ongle.core.structure.TipUnder;

/**
 * How one finger is built on, and what it is fitted with.
 *
 * @param way to go: the technician's, else the one ranked first
 * @param ways all of them, ranked
 * @param kits every tip kit at hand tried on, the one to take first
 * @param lead the kit the set is fitted from, tried on; empty when no tips are at hand
 * @param tip the tip to take: the technician's, else the lead's, else another kit's; empty when
 *     none fits
 * @param paper the best paper form in stock
 * @param rigid the best reusable form
 * @param template the nail's own free edge laid flat
 */
public record NailFit(
    BuildWay way,
    WhichWay ways,
    List<TipSizing> kits,
    Optional<TipSizing> lead,
    Optional<TipPick> tip,
    Optional<FormPick> paper,
    Optional<FormPick> rigid,
    CuttingTemplate template) {

  /** The form of the way taken; empty when it takes none. */
  public Optional<FormPick> form() {
    return switch (way) {
      case FORM -> paper;
      case REUSABLE_FORM -> rigid;
      case TIP, FREE_HAND, OVERLAY -> Optional.empty();
    };
  }

  /**
   * What lies under the product if this nail is built on a tip; nothing on any other way.
   *
   * @param extension mm
   */
  TipUnder tipUnder(double extension) {
    return way == BuildWay.TIP
        ? tip.map(TipPick::fit)
            .map(
                fit ->
                    new TipUnder(
                        fit.tip().wellLength() - fit.wellCutBack(),
                        Math.min(fit.tip().freeLength(), extension),
                        fit.tip().thickness()))
            .orElse(TipUnder.NONE)
        : TipUnder.NONE;
  }

  /** The kit the tip is taken from, else the lead, tried on; empty when no tips are at hand. */
  public Optional<TipSizing> sizing() {
    return tip.flatMap(pick -> ofKit(pick.kit().code())).or(() -> lead);
  }

  public Optional<TipSizing> ofKit(String code) {
    return kits.stream().filter(sizing -> sizing.kit().code().equals(code)).findFirst();
  }

  /** Whether nothing speaks against what is taken. */
  public boolean suits() {
    return switch (way) {
      case TIP -> tip.filter(TipPick::suits).isPresent();
      case FORM, REUSABLE_FORM -> form().filter(pick -> pick.fit().suits()).isPresent();
      case FREE_HAND, OVERLAY -> ways.of(way).possible();
    };
  }
}
