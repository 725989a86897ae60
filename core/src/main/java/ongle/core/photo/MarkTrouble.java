package ongle.core.photo;

import ongle.core.Code;
import ongle.core.nail.Quantity;

/** Marks that cannot be right. */
public final class MarkTrouble extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final transient Why why;

  public MarkTrouble(Why why) {
    super(why.toString());
    this.why = why;
  }

  public Why why() {
    return why;
  }

  /** What is wrong with them. */
  public sealed interface Why extends Code {
    /**
     * The picture was not taken from straight above.
     *
     * @param degrees off it
     */
    record Tilted(double degrees) implements Why {}

    /** The card needs its four corners. */
    record FourCorners() implements Why {}

    /** The card is too small, or a corner is marked twice. */
    record CardTooSmall() implements Why {}

    /** Three corners lie in a line, or one lies inside. */
    record NoCard() implements Why {}

    /** Cuticle and free edge do not lie on the two sides of the growth points. */
    record WrongSide() implements Why {}

    /** A measure no nail has. */
    record NoNail(Quantity quantity, double value) implements Why {}
  }
}
