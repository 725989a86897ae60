package ongle.core.bench;

import java.util.Optional;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;

/**
 * What goes over the build.
 *
 * @param colour of the coats; empty for clear
 * @param coats 0 for clear, else 1 to {@link Coat#MOST}
 */
public record Finish(Optional<Coat> colour, int coats) {
  public static final Finish CLEAR = new Finish(Optional.empty(), 0);

  /**
   * @throws IllegalArgumentException if a clear one has coats, or another none, more than {@link
   *     Coat#MOST} or is no colour
   */
  public Finish {
    boolean painted = colour.isPresent();
    if (painted ? coats < 1 || coats > Coat.MOST : coats != 0) {
      throw new IllegalArgumentException(
          "clear has no coats of colour, colour has 1 to " + Coat.MOST + ", not " + coats);
    }
    if (colour.filter(coat -> coat.kind() != LayerKind.COLOUR).isPresent()) {
      throw new IllegalArgumentException("no colour: " + colour.get().code());
    }
  }

  /** In as many coats as it usually takes. */
  public static Finish of(Coat colour) {
    return new Finish(Optional.of(colour), colour.coats());
  }
}
