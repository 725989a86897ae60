package ongle.app.photo;

import ongle.core.nail.Hand;

/** A camera over the desk that takes a picture of a hand beside a card. */
public interface HandCamera {
  /** A picture file as a camera writes it. */
  byte[] take(Hand hand);
}
