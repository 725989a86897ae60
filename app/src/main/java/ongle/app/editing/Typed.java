package ongle.app.editing;

import ongle.app.sets.Taken;
import ongle.core.nail.Quantity;

/**
 * Something typed into a field.
 *
 * @param text as typed; blank clears the field
 * @param seen what stood in the field when the typing began, as shown
 * @param how it got there
 * @param by who is at the desk; blank if nobody said
 */
public record Typed(Quantity quantity, String text, String seen, Taken.How how, String by) {
  /** Typed by hand, by whoever. */
  public Typed(Quantity quantity, String text, String seen) {
    this(quantity, text, seen, Taken.How.TYPED, "");
  }
}
