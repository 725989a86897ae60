package ongle.app.photo;

import ongle.core.plan.NailPlan;
import ongle.core.trace.View;

/** A camera over the desk that takes a picture of one built nail. */
public interface NailCamera {
  /** A picture file as a camera writes it. */
  byte[] take(NailPlan plan, View view);
}
