package ongle.app.drawing;

import java.util.List;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.wear.Outlook;

/** The weeks behind and ahead on one line for each nail. */
public final class WearDrawing {
  private static final double LEFT = 84;
  private static final double WIDE = 900;
  private static final double RIGHT = 165;
  private static final double ROW = 27;
  private static final double TOP = 34;
  private static final double TYPE = 13;
  private static final int WEEK = 7;

  private WearDrawing() {}

  /**
   * One nail.
   *
   * @param due day of its infill
   * @param seen days it was seen whole
   * @param failed days something happened
   * @param chance not to crack until the due day, 0 to 1
   */
  public record Row(
      Finger finger, int due, List<Integer> seen, List<Integer> failed, double chance) {}

  /**
   * @param today day of the set, counted from the day it was built
   */
  public static Scene of(List<Row> rows, int today) {
    double height = TOP + rows.size() * ROW + 8;
    Scene.Builder scene = new Scene.Builder(TYPE);
    for (int day = 0; day <= Outlook.LOOKED_AHEAD; day += WEEK) {
      scene.line("week-line", x(day), TOP - 8, x(day), height - 8);
      scene.text(
          "wear-text",
          x(day),
          TOP - 16,
          "middle",
          day == 0 ? Words.say("wear.built") : Words.say("wear.week", "week", day / WEEK));
    }
    scene.text("wear-text", WIDE - 4, TOP - 16, "end", Words.say("wear.lasts"));
    for (int i = 0; i < rows.size(); i++) {
      Row row = rows.get(i);
      double y = TOP + (i + 0.5) * ROW;
      scene.text(
          "wear-text",
          LEFT - 12,
          y + 4,
          "end",
          row.finger().name() + " " + Words.of(row.finger().digit()));
      // What failed is worn no longer, and nothing is foretold of it.
      boolean failed = !row.failed().isEmpty();
      int worn = failed ? row.failed().get(0) : today;
      scene.line("wear-worn", x(0), y, x(Math.min(worn, row.due())), y);
      if (worn > row.due()) {
        scene.line("wear-overdue", x(row.due()), y, x(worn), y);
      } else if (!failed) {
        scene.line("wear-ahead", x(today), y, x(row.due()), y);
      }
      scene.line("wear-due", x(row.due()), y - 8, x(row.due()), y + 8);
      row.seen().forEach(day -> scene.circle("wear-whole", x(day), y, 5));
      row.failed().forEach(day -> scene.circle("wear-failed", x(day), y, 7));
      scene.text(
          "wear-chance",
          WIDE - 4,
          y + 4,
          "end",
          failed ? "–" : Words.say("wear.chance", "share", 100 * row.chance()));
    }
    if (today <= Outlook.LOOKED_AHEAD) {
      scene.line("wear-today", x(today), TOP - 10, x(today), height - 4);
    }
    return scene.build(
        0, 0, WIDE, height, Words.say("wear.line"), Words.say("wear.line.about", "day", today));
  }

  private static double x(int day) {
    double held = Math.max(0, Math.min(Outlook.LOOKED_AHEAD, day));
    return LEFT + held / Outlook.LOOKED_AHEAD * (WIDE - LEFT - RIGHT);
  }
}
