package ongle.app.drawing;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.structure.FailureMode;
import ongle.core.wear.Outlook;

/** The margins over the weeks ahead, each against its own aim. */
public final class OutlookDrawing {
  private static final double WIDTH = 100;
  private static final double HEIGHT = 17;
  private static final double LEFT = 8;
  private static final double TOP = 2.5;

  /** Margins beyond this many times their aim are drawn at the top. */
  private static final double MAX = 3;

  private OutlookDrawing() {}

  /**
   * @param planned day the infill is planned
   * @param day looked at
   */
  public static Scene of(Finger finger, Outlook outlook, int planned, int day) {
    Scene.Builder scene = new Scene.Builder(1.7);
    double type = scene.type();
    double last = Outlook.LOOKED_AHEAD;
    scene.line("axis-line", LEFT, TOP + HEIGHT, LEFT + WIDTH, TOP + HEIGHT);
    for (int week = 0; 7 * week <= last; week++) {
      double x = x(7 * week);
      scene.line("extend", x, TOP, x, TOP + HEIGHT + 0.6);
      scene.text("note", x, TOP + HEIGHT + 2.4, "middle", Words.say("drawing.week", "week", week));
    }
    scene.line("aim", LEFT, y(1), LEFT + WIDTH, y(1));
    scene.text("note", LEFT - 0.8, y(1) + 0.35 * type, "end", Words.say("drawing.aim"));
    scene.line("due-line", LEFT, y(Outlook.SHARE_OF_AIM), LEFT + WIDTH, y(Outlook.SHARE_OF_AIM));
    scene.text(
        "note", LEFT - 0.8, y(Outlook.SHARE_OF_AIM) + 0.9 * type, "end", Words.say("drawing.due"));
    double before = Double.NEGATIVE_INFINITY;
    for (FailureMode cause : byEnd(outlook)) {
      List<Point> line =
          outlook.days().stream()
              .map(on -> new Point(x(on.day()), y(on.margins().of(cause).ofAim())))
              .toList();
      scene.open("cause " + css(cause), line);
      double named = Math.max(line.get(line.size() - 1).y(), before + 1.1 * type);
      before = named;
      scene.text(
          "cause-name " + css(cause),
          LEFT + WIDTH + 0.8,
          named + 0.35 * type,
          "start",
          Words.of(cause));
    }
    scene.line("chosen-day", x(day), TOP - 1, x(day), TOP + HEIGHT);
    scene.line("planned-day", x(planned), TOP, x(planned), TOP + HEIGHT);
    scene.text(
        "dim-figure", x(planned), TOP - 0.5 * type, "middle", Words.say("drawing.infill-planned"));
    double due = x(outlook.due().day());
    scene.line("stress", due, TOP, due, TOP + HEIGHT);
    scene.text(
        "stress-name", due + 0.5, TOP + HEIGHT - 0.5 * type, "start", Words.say("drawing.due"));
    return scene.build(
        0,
        0,
        LEFT + WIDTH + 14,
        TOP + HEIGHT + 3.4,
        Words.say("drawing.outlook", "finger", finger, "days", Outlook.LOOKED_AHEAD),
        Words.say("drawing.outlook.about", "day", outlook.due().day()));
  }

  /** From the highest line to the lowest where they end, so that no name covers another. */
  private static List<FailureMode> byEnd(Outlook outlook) {
    return Stream.of(FailureMode.values())
        .sorted(
            Comparator.comparingDouble(
                cause ->
                    -Math.min(MAX, outlook.on(Outlook.LOOKED_AHEAD).margins().of(cause).ofAim())))
        .toList();
  }

  private static double x(double day) {
    return LEFT + WIDTH * day / Outlook.LOOKED_AHEAD;
  }

  private static double y(double ofAim) {
    return TOP + HEIGHT * (1 - Math.min(MAX, ofAim) / MAX);
  }

  private static String css(FailureMode cause) {
    return "cause-" + cause.name().toLowerCase(java.util.Locale.ROOT);
  }
}
