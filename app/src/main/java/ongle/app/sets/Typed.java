package ongle.app.sets;

import ongle.core.nail.Quantity;

/**
 * Something typed into a field.
 *
 * @param text as typed; blank clears the field
 * @param seen what stood in the field when the typing began, as shown
 */
public record Typed(Quantity quantity, String text, String seen) {}
