package ongle.app.drawing;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ongle.app.words.Dates;
import ongle.app.words.Numbers;
import ongle.core.wear.Trend;

/** Plate length against time, visit by visit, with what failed at each. */
public final class YearsDrawing {
  private static final double LEFT = 60;
  private static final double WIDE = 900;
  private static final double RIGHT = 20;
  private static final double TOP = 18;
  private static final double HIGH = 150;
  private static final double FAILED = 34;
  private static final double TYPE = 13;

  /** Lengths the drawing shows at least, mm. */
  private static final double LEAST = 2;

  /** Marks on the line of days. */
  private static final int MARKS = 6;

  private YearsDrawing() {}

  /**
   * One visit.
   *
   * @param day counted from the first
   * @param plate mean length of the plates, mm
   * @param failed nails of the set built then that failed
   */
  public record Visit(int day, double plate, int failed) {}

  /**
   * @param trend empty where none is sure
   */
  public static Scene of(LocalDate first, List<Visit> visits, Optional<Trend> trend, String title) {
    int days = Math.max(1, visits.stream().mapToInt(Visit::day).max().orElse(1));
    double low = visits.stream().mapToDouble(Visit::plate).min().orElse(0);
    double high = visits.stream().mapToDouble(Visit::plate).max().orElse(0);
    double middle = (low + high) / 2;
    double half = Math.max(LEAST, high - low) / 2 + 0.3;
    double from = Math.floor(middle - half);
    double to = Math.ceil(middle + half);
    Scene.Builder scene = new Scene.Builder(TYPE);
    for (double mm = from; mm <= to; mm++) {
      double y = y(mm, from, to);
      scene.line("week-line", LEFT, y, WIDE - RIGHT, y);
      scene.text("wear-text", LEFT - 8, y + 4, "end", Numbers.format(mm, 0) + " mm");
    }
    for (int i = 0; i <= MARKS; i++) {
      int day = Math.round((float) days * i / MARKS);
      scene.text(
          "wear-text",
          x(day, days),
          TOP + HIGH + FAILED + 22,
          i == 0 ? "start" : i == MARKS ? "end" : "middle",
          Dates.of(first.plusDays(day), "day"));
    }
    trend.ifPresent(
        line ->
            scene.line(
                "wear-today",
                x(0, days),
                y(line.on(0), from, to),
                x(days, days),
                y(line.on(days), from, to)));
    for (Visit visit : visits) {
      scene.circle("wear-whole", x(visit.day(), days), y(visit.plate(), from, to), 4);
      if (visit.failed() > 0) {
        scene.circle("wear-failed", x(visit.day(), days), TOP + HIGH + FAILED / 2, 7);
        scene.text(
            "wear-text",
            x(visit.day(), days) + 11,
            TOP + HIGH + FAILED / 2 + 5,
            "start",
            String.valueOf(visit.failed()));
      }
    }
    return scene.build(
        0, 0, WIDE, TOP + HIGH + FAILED + 30, title, Numbers.format(high, 1) + " mm");
  }

  private static double x(int day, int days) {
    return LEFT + 8 + (WIDE - LEFT - RIGHT - 16) * day / days;
  }

  private static double y(double mm, double from, double to) {
    return TOP + (to - mm) / (to - from) * HIGH;
  }
}
