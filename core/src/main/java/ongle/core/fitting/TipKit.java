package ongle.core.fitting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.core.shape.NailShape;

/**
 * A box of tips of one cut in several sizes.
 *
 * @param code name in the set file and in addresses
 * @param label name on screen
 * @param outline the shape the blanks are moulded in
 * @param tips at least one, numbers all different; kept widest first
 * @param stock what is left of each
 */
public record TipKit(String code, String label, NailShape outline, List<Tip> tips, Stock stock) {
  /** A kit whose pieces nobody counts. */
  public TipKit(String code, String label, NailShape outline, List<Tip> tips) {
    this(code, label, outline, tips, Stock.UNCOUNTED);
  }

  /**
   * @throws IllegalArgumentException if there is no tip, or a number twice
   */
  public TipKit {
    if (tips.isEmpty()) {
      throw new IllegalArgumentException("kit " + code + " has no tips");
    }
    if (tips.stream().map(Tip::number).distinct().count() < tips.size()) {
      throw new IllegalArgumentException("kit " + code + " has a number twice");
    }
    tips = tips.stream().sorted(Comparator.comparingDouble(Tip::width).reversed()).toList();
  }

  public Optional<Tip> tip(String number) {
    return tips.stream().filter(tip -> tip.number().equals(number)).findFirst();
  }

  /** By its code: a kit is asked about for every nail, and two with one code are rarely two. */
  @Override
  public int hashCode() {
    return code.hashCode();
  }
}
