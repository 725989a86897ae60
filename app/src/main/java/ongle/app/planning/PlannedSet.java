package ongle.app.planning;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import ongle.app.clients.Client;
import ongle.app.sets.NailSet;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Readings;
import ongle.core.plan.Adjustments;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;

/**
 * A set as stored, whose it is, and its plan.
 *
 * @param set as stored, not to be changed
 * @param lastVisit the client's set before, not to be changed; empty at the first visit
 * @param client whose hands
 * @param readings measured and estimated values
 * @param plan worked out from them
 */
public record PlannedSet(
    NailSet set, Optional<NailSet> lastVisit, Client client, Readings readings, SetPlan plan) {
  public long id() {
    return set.getId();
  }

  /** Shape, length and product in words. */
  public String summary() {
    return SetReader.summary(set, plan.wish().product());
  }

  /** What was set by hand on one nail. */
  public Adjustments byHand(Finger finger) {
    return of(finger).item().adjustments();
  }

  public NailPlan of(Finger finger) {
    return plan.of(finger).orElseThrow();
  }

  /** Days from the last visit to this one; 0 at the first. */
  public long daysSinceLastVisit() {
    return lastVisit
        .map(last -> ChronoUnit.DAYS.between(last.getCreatedAt(), set.getCreatedAt()))
        .orElse(0L);
  }

  /** The ten natural nails as measured. */
  public List<Nail> nails() {
    return plan.nails().stream().map(nail -> nail.item().nail()).toList();
  }

  /** The ten in this order. */
  public List<NailPlan> inOrder(List<Finger> fingers) {
    return fingers.stream().map(this::of).toList();
  }
}
