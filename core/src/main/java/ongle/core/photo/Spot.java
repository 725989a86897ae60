package ongle.core.photo;

/**
 * A place, in a picture in pixels from its upper left corner, or on the card's plane in mm; y runs
 * down in both.
 */
public record Spot(double x, double y) {
  public Spot minus(Spot other) {
    return new Spot(x - other.x, y - other.y);
  }

  public Spot plus(Spot other) {
    return new Spot(x + other.x, y + other.y);
  }

  public Spot times(double factor) {
    return new Spot(x * factor, y * factor);
  }

  public double dot(Spot other) {
    return x * other.x + y * other.y;
  }

  /** Above 0 where the other lies clockwise of this, as y runs down. */
  public double cross(Spot other) {
    return x * other.y - y * other.x;
  }

  public double length() {
    return Math.hypot(x, y);
  }

  /** A quarter turn clockwise, as seen in the picture. */
  public Spot turnedRight() {
    return new Spot(-y, x);
  }
}
