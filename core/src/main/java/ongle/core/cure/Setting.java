package ongle.core.cure;

import java.time.Duration;
import ongle.core.Range;
import ongle.core.portion.Mix;

/**
 * How acrylic sets on its own, from the moment a bead is laid. Planning figures of our own at 21 °C
 * and a normal mix, halved for every 12 °C warmer.
 *
 * @param working it can be moved and smoothed
 * @param pinchFrom it turns matt and warm: half hard
 * @param pinchUntil afterwards it cracks
 * @param hard it rings when tapped and can be filed
 */
public record Setting(Duration working, Duration pinchFrom, Duration pinchUntil, Duration hard) {
  /** Rooms acrylic is planned in, °C. */
  public static final Range ROOM = new Range(12, 35);

  public static final double USUAL_ROOM = 21;

  private static final double HALVED_EVERY = 12;
  private static final int WORKING = 75;

  /** However warm the room, a bead can be pressed and drawn as long as laying it takes, s. */
  private static final int SHORTEST_WORKING = 40;

  private static final int PINCH_FROM = 120;
  private static final int PINCH_UNTIL = 210;
  private static final int HARD = 300;

  /**
   * @param room temperature, °C, within {@link #ROOM}
   */
  public static Setting at(double room, Mix mix) {
    ROOM.check("room", room);
    double slower = mix.slower() * Math.pow(2, (USUAL_ROOM - room) / HALVED_EVERY);
    return new Setting(
        Duration.ofSeconds(Math.max(SHORTEST_WORKING, Math.round(WORKING * slower))),
        seconds(PINCH_FROM, slower),
        seconds(PINCH_UNTIL, slower),
        seconds(HARD, slower));
  }

  private static Duration seconds(int usual, double slower) {
    return Duration.ofSeconds(Math.round(usual * slower));
  }
}
