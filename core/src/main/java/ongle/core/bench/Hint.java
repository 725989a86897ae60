package ongle.core.bench;

import java.util.List;
import ongle.core.Code;
import ongle.core.cure.Layers;
import ongle.core.fitting.FormFit;
import ongle.core.nail.Digit;
import ongle.core.shape.Filing;

/** What to look out for at a step on these nails. */
public sealed interface Hint extends Code {
  /** How the shape is filed. */
  record Filed(Filing filing) implements Hint {}

  /** Fingers that want no electric file. */
  record ByHand(List<Digit> fingers) implements Hint {
    public ByHand {
      fingers = List.copyOf(fingers);
    }
  }

  /** Fingers that want the finest grit and hardly any pressure. */
  record Gently(List<Digit> fingers) implements Hint {
    public Gently {
      fingers = List.copyOf(fingers);
    }
  }

  /** What the sides of the form's mouth need. */
  record Sides(FormFit.Sides sides) implements Hint {}

  /** How to keep the heat down. */
  record Heat(Layers.Advice advice) implements Hint {}

  /** The client feels heat sooner than others. */
  record FeelsHeat() implements Hint {}

  /** Another powder goes there than on the rest of the nail. */
  record CuticlePowder() implements Hint {}

  /** An inlay's place. */
  record InlayBack(double back, double over) implements Hint {}

  /** The salon does not file, and this product needs it. */
  record HasToBeFiled() implements Hint {}
}
