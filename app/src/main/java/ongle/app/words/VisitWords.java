package ongle.app.words;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import ongle.app.sets.NailSet;
import ongle.app.sets.Taken;
import ongle.app.web.Numbers;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;

/** What was taken when, how and by whom, in words. */
public final class VisitWords {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

  private VisitWords() {}

  /** "10 Mar, 10:42, by calliper, Sunniva". */
  public static String taken(Taken value) {
    return (value.takenAt() == null ? "" : value.takenAt().format(MOMENT) + ", ")
        + value.how().label()
        + (value.takenBy() == null ? "" : ", " + value.takenBy());
  }

  /** What a value was at that visit; empty if it was not taken. */
  public static Optional<String> before(NailSet visit, Finger finger, Quantity quantity) {
    return visit
        .nail(finger)
        .taken(quantity)
        .map(
            value ->
                "Last visit, "
                    + visit.getCreatedAt().format(DAY)
                    + ": "
                    + Numbers.withUnit(quantity, value.amount())
                    + ", "
                    + value.how().label()
                    + (value.takenBy() == null ? "." : ", " + value.takenBy() + "."));
  }
}
