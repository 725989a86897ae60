package ongle.core.plan;

import java.util.List;
import java.util.Optional;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WayReason;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.Nail;
import ongle.core.structure.TipUnder;

/**
 * How one finger is built on, and what it is fitted with.
 *
 * @param way to go: the technician's, else the one ranked first
 * @param lead way the set is built on as far as its nails take it
 * @param ways all of them, the one to go first
 * @param kits every tip kit at hand tried on, the one to take first
 * @param leadKit the kit the set is fitted from, tried on; empty when no tips are at hand
 * @param tip the tip to take: the technician's, else the lead's, else another kit's; empty when
 *     none fits
 * @param paper the best paper form in stock
 * @param rigid the best reusable form
 * @param template the nail's own free edge laid flat
 */
public record NailFit(
    BuildWay way,
    BuildWay lead,
    WhichWay ways,
    List<TipSizing> kits,
    Optional<TipSizing> leadKit,
    Optional<TipPick> tip,
    Optional<FormPick> paper,
    Optional<FormPick> rigid,
    CuttingTemplate template) {
  public NailFit {
    kits = List.copyOf(kits);
  }

  /** Whether it is built on another way than the rest of the set. */
  public boolean departs() {
    return way != lead && way != BuildWay.OVERLAY;
  }

  /** Why it is built on another way than the rest; empty where it is not, or by hand. */
  public Optional<WayReason> whyDeparts() {
    return departs() ? ways.of(lead).whyNot() : Optional.empty();
  }

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
   * @param nail as it is built on
   * @param extension mm
   */
  TipUnder tipUnder(Nail nail, double extension) {
    return way == BuildWay.TIP
        ? tip.map(TipPick::fit)
            .map(
                fit ->
                    new TipUnder(
                        fit.tip().wellLength() - fit.wellCutBack(),
                        Math.max(0, Math.min(fit.tip().freeLength(), extension - nail.freeEdge())),
                        fit.tip().thickness()))
            .orElse(TipUnder.NONE)
        : TipUnder.NONE;
  }

  /** The kit the tip is taken from, else the lead, tried on; empty when no tips are at hand. */
  public Optional<TipSizing> sizing() {
    return tip.flatMap(pick -> ofKit(pick.kit().code())).or(() -> leadKit);
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
