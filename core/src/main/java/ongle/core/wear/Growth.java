package ongle.core.wear;

import ongle.core.nail.Digit;

/** How fast nails grow; planning figures of our own until a client's own growth is known. */
public final class Growth {
  /** Of the index finger, mm a day. */
  public static final double PER_DAY = 0.105;

  private Growth() {}

  /** mm a day. */
  public static double perDay(Digit digit) {
    return PER_DAY
        * switch (digit) {
          case THUMB -> 0.92;
          case INDEX -> 1.00;
          case MIDDLE -> 1.06;
          case RING -> 1.02;
          case LITTLE -> 0.90;
        };
  }

  /** Regrowth to be expected after some days, mm. */
  public static double after(Digit digit, long days) {
    return perDay(digit) * Math.max(0, days);
  }
}
