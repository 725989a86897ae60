package ongle.core.trace;

import ongle.core.Code;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;

/** Marks or edges that cannot be those of this nail. */
public final class TraceTrouble extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final transient Why why;

  public TraceTrouble(Why why) {
    super(why.toString());
    this.why = why;
  }

  public Why why() {
    return why;
  }

  /** What is wrong with them. */
  public sealed interface Why extends Code {
    /** Something has to be marked first. */
    record Missing(View view, Anchor anchor) implements Why {}

    /** The nail is too small in the picture, or two marks lie on each other. */
    record TooSmall(View view) implements Why {}

    /** Marks lie the wrong way round, as the tip behind the cuticle. */
    record Crossed(View view) implements Why {}

    /** Fewer points than an edge needs. */
    record TooFewPoints(View view, Curve curve, int points) implements Why {}

    /** The upper arch runs under the lower one. */
    record ArchesCross() implements Why {}

    /**
     * It does not look like this nail.
     *
     * @param curve that is farthest off
     */
    record AnotherNail(View view, Curve curve) implements Why {}

    /**
     * @param degrees off a straight view
     */
    record Tilted(View view, double degrees) implements Why {}

    /**
     * Longer or shorter than its plan by more than any filing explains.
     *
     * @param length that was found, mm
     */
    record AnotherLength(double length) implements Why {}
  }
}
