package ongle.core.plan;

import java.util.List;
import ongle.core.Code;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.SkinState;
import ongle.core.wear.PrepStep;

/** What to be careful of on one finger. */
public sealed interface Caution extends Code {
  /** What the skin around the nail asks for. */
  record Skin(SkinState skin) implements Caution {}

  /** The technician builds on it all the same. */
  record BuiltAnyway(String reason) implements Caution {}

  /** What the plate asks for. */
  record Plate(PlateFinding finding) implements Caution {}

  /** The preparation is not whole, so that it lifts sooner. */
  record PreparationSkipped(List<PrepStep> steps) implements Caution {
    public PreparationSkipped {
      steps = List.copyOf(steps);
    }
  }

  /** What is on the nail from before. */
  record Earlier(EarlierProduct product) implements Caution {}
}
