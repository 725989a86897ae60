package ongle.app.consent;

import java.util.regex.Pattern;

/** A signature as it was drawn: strokes of points in a box, as an SVG path. */
final class Signature {
  /** Longest that is kept, characters. */
  static final int LONGEST = 16_000;

  /** Fewer points are a dot or a slip of the pen. */
  private static final int FEWEST_POINTS = 8;

  private static final Pattern POINT = Pattern.compile("[ML]\\d{1,3}(\\.\\d)? \\d{1,3}(\\.\\d)?");

  private Signature() {}

  /** Whether it is a path of straight strokes, and more than a dot. */
  static boolean isDrawn(String path) {
    if (path.length() > LONGEST || !path.startsWith("M")) {
      return false;
    }
    String[] points = path.split("(?=[ML])");
    for (String point : points) {
      if (!POINT.matcher(point).matches()) {
        return false;
      }
    }
    return points.length >= FEWEST_POINTS;
  }
}
