package ongle.core.nail;

/** Whose eyes the hands are drawn for: the technician opposite, or the client. */
public enum Seat {
  /** Fingertips point down, the client's right hand is on the left. */
  OPPOSITE,
  /** Fingertips point up, the client's left hand is on the left. */
  CLIENT;

  public Seat turned() {
    return this == OPPOSITE ? CLIENT : OPPOSITE;
  }
}
