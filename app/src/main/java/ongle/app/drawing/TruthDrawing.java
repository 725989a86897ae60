package ongle.app.drawing;

import java.util.List;
import ongle.app.words.Words;
import ongle.core.wear.Rate;

/** What was foretold against what came: on the line the salon's promises are true. */
public final class TruthDrawing {
  private static final double LEFT = 60;
  private static final double TOP = 20;
  private static final double SIDE = 300;
  private static final double TYPE = 13;

  private TruthDrawing() {}

  /**
   * Nails foretold about alike.
   *
   * @param foretold 0 to 1
   */
  public record Point(double foretold, Rate held) {}

  public static Scene of(List<Point> points) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    for (int i = 0; i <= 10; i += 2) {
      double share = i / 10.0;
      scene.line("week-line", x(share), y(0), x(share), y(1));
      scene.line("week-line", x(0), y(share), x(1), y(share));
      scene.text("wear-text", x(share), y(0) + 18, "middle", 10 * i + " %");
      scene.text("wear-text", x(0) - 8, y(share) + 4, "end", 10 * i + " %");
    }
    scene.line("wear-today", x(0), y(0), x(1), y(1));
    for (Point point : points) {
      double at = x(point.foretold());
      scene.line("truth-band", at, y(point.held().low()), at, y(point.held().high()));
      scene.circle(point.held().few() ? "wear-few" : "wear-whole", at, y(point.held().value()), 5);
    }
    scene.text("wear-text", x(0.5), y(0) + 36, "middle", Words.say("wear.truth.foretold"));
    scene.text("wear-text", x(0), TOP - 8, "start", Words.say("wear.truth.held"));
    return scene.build(
        0,
        0,
        LEFT + SIDE + 20,
        TOP + SIDE + 46,
        Words.say("wear.truth.plot"),
        Words.say("wear.truth.plot.about"));
  }

  private static double x(double share) {
    return LEFT + share * SIDE;
  }

  private static double y(double share) {
    return TOP + (1 - share) * SIDE;
  }
}
