package ongle.app.photo;

import ongle.core.nail.Finger;

/** What marks are called in addresses and in the store. */
public final class MarkName {
  /** Corners of a card. */
  public static final int CORNERS = 4;

  private MarkName() {}

  /** Of a corner of the card, 1 to 4. */
  public static String corner(int number) {
    return "CARD" + number;
  }

  public static String of(Finger finger, NailSpot spot) {
    return finger + "_" + spot;
  }
}
