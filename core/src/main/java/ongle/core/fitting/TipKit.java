package ongle.core.fitting;

import java.util.Comparator;
import java.util.List;
import ongle.core.shape.NailShape;

/**
 * A box of tips of one cut in several sizes.
 *
 * @param code name in the set file and in addresses
 * @param label name on screen
 * @param outline the shape the blanks are moulded in
 * @param tips at least one, numbers all different; kept widest first
 */
public record TipKit(String code, String label, NailShape outline, List<Tip> tips) {
  public TipKit {
    if (tips.isEmpty()) {
      throw new IllegalArgumentException("kit " + code + " has no tips");
    }
    if (tips.stream().map(Tip::number).distinct().count() < tips.size()) {
      throw new IllegalArgumentException("kit " + code + " has a number twice");
    }
    tips = tips.stream().sorted(Comparator.comparingDouble(Tip::width).reversed()).toList();
  }
}
