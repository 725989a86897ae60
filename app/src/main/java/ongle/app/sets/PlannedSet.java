package ongle.app.sets;

import java.util.List;
import ongle.app.clients.Client;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Readings;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;

/**
 * A set as stored, whose it is, and its plan.
 *
 * @param set as stored, not to be changed
 * @param client whose hands
 * @param readings measured and estimated values
 * @param plan worked out from them
 */
public record PlannedSet(NailSet set, Client client, Readings readings, SetPlan plan) {
  public long id() {
    return set.getId();
  }

  public NailPlan of(Finger finger) {
    return plan.of(finger).orElseThrow();
  }

  /** The ten natural nails. */
  public List<Nail> nails() {
    return plan.nails().stream().map(NailPlan::nail).toList();
  }

  /** The ten in this order. */
  public List<NailPlan> inOrder(List<Finger> fingers) {
    return fingers.stream().map(this::of).toList();
  }
}
