package ongle.app.demo;

import java.util.Locale;

/** A signature as somebody of that name might draw it: loops that run along a line. */
final class DemoSignature {
  private static final double LINE = 140;
  private static final double LEFT = 50;
  private static final double RIGHT = 550;
  private static final int POINTS_A_LETTER = 9;

  private DemoSignature() {}

  /** An SVG path of straight strokes, one stroke a word. */
  static String of(String name) {
    StringBuilder path = new StringBuilder();
    double letter = Math.min(34, (RIGHT - LEFT) / name.length());
    double x = LEFT;
    boolean begins = true;
    for (char each : name.toCharArray()) {
      if (each == ' ') {
        begins = true;
      } else {
        boolean tall = Character.isUpperCase(each) || "bdfhklt".indexOf(each) >= 0;
        double high = (tall ? 75 : 28) + each % 7;
        double wide = letter * (0.5 + each % 5 * 0.12);
        for (int i = 0; i < POINTS_A_LETTER; i++) {
          double turn = 2 * Math.PI * i / POINTS_A_LETTER;
          path.append(
              String.format(
                  Locale.ROOT,
                  "%s%.1f %.1f",
                  begins ? "M" : "L",
                  x + letter * i / POINTS_A_LETTER + wide / 2 * Math.sin(turn),
                  LINE - high / 2 * (1 - Math.cos(turn))));
          begins = false;
        }
      }
      x += letter;
    }
    return path.toString();
  }
}
