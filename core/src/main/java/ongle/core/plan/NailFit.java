package ongle.core.plan;

import java.util.Optional;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;

/**
 * How one finger is built on, and what it is fitted with.
 *
 * @param way to go: the technician's, else the one ranked first
 * @param ways all of them, ranked
 * @param sizing the tip kit tried on
 * @param tip the tip to take: the technician's, else the advised one; empty when none fits
 * @param paper the best paper form
 * @param rigid the best reusable form
 * @param template the nail's own free edge laid flat
 */
public record NailFit(
    BuildWay way,
    WhichWay ways,
    TipSizing sizing,
    Optional<TipFit> tip,
    FormFit paper,
    FormFit rigid,
    CuttingTemplate template) {

  /** The form of the way taken; empty when it takes none. */
  public Optional<FormFit> form() {
    return switch (way) {
      case FORM -> Optional.of(paper);
      case REUSABLE_FORM -> Optional.of(rigid);
      case TIP, FREE_HAND, OVERLAY -> Optional.empty();
    };
  }

  /** Whether nothing speaks against what is taken. */
  public boolean suits() {
    return switch (way) {
      case TIP -> tip.filter(TipFit::suits).isPresent();
      case FORM, REUSABLE_FORM -> form().filter(FormFit::suits).isPresent();
      case FREE_HAND, OVERLAY -> ways.of(way).possible();
    };
  }
}
