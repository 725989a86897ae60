package ongle.app.editing;

import ongle.app.planning.PlannedSet;
import ongle.app.web.Edit;
import ongle.core.nail.Quantity;

/**
 * What became of an edit, and the set as it stands planned after it.
 *
 * @param edit the first trouble if there was any, else saved
 * @param quantity the one the edit speaks of
 */
public record Edited(Edit edit, Quantity quantity, PlannedSet planned) {
  /** Nothing was refused. */
  public static Edited saved(PlannedSet planned) {
    return new Edited(new Edit.Saved(), null, planned);
  }
}
