package ongle.core.nail;

import java.util.Arrays;
import java.util.List;

/** One of the client's ten fingers; L1 is the left thumb, R5 the right little finger. */
public enum Finger {
  L1,
  L2,
  L3,
  L4,
  L5,
  R1,
  R2,
  R3,
  R4,
  R5;

  private static final List<Finger> FROM_OPPOSITE = List.of(R5, R4, R3, R2, R1, L1, L2, L3, L4, L5);
  private static final List<Finger> FROM_CLIENT = List.of(L5, L4, L3, L2, L1, R1, R2, R3, R4, R5);

  public Hand hand() {
    return ordinal() < 5 ? Hand.LEFT : Hand.RIGHT;
  }

  public Digit digit() {
    return Digit.values()[ordinal() % 5];
  }

  /** The same finger of the other hand. */
  public Finger twin() {
    return values()[(ordinal() + 5) % 10];
  }

  public static Finger of(Hand hand, Digit digit) {
    return values()[(hand == Hand.LEFT ? 0 : 5) + digit.ordinal()];
  }

  /** The five of one hand, thumb first. */
  public static List<Finger> of(Hand hand) {
    return Arrays.stream(values()).filter(finger -> finger.hand() == hand).toList();
  }

  /** The ten from left to right as the person in that seat sees them. */
  public static List<Finger> asSeenFrom(Seat seat) {
    return seat == Seat.OPPOSITE ? FROM_OPPOSITE : FROM_CLIENT;
  }
}
