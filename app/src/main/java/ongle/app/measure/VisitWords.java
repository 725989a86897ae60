package ongle.app.measure;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.sets.NailSet;
import ongle.app.sets.Taken;
import ongle.app.words.Dates;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;

/** What was taken when, how and by whom, in words. */
public final class VisitWords {
  private VisitWords() {}

  /** "10 Mar, 10:42, by calliper, Sunniva". */
  public static String taken(Taken value) {
    return Stream.of(
            Optional.ofNullable(value.takenAt()).map(at -> Dates.of(at, "moment")),
            Optional.of(Words.of(value.how())),
            Optional.ofNullable(value.takenBy()))
        .flatMap(Optional::stream)
        .collect(Collectors.joining(", "));
  }

  /** What a value was at that visit; empty if it was not taken. */
  public static Optional<String> before(NailSet visit, Finger finger, Quantity quantity) {
    return visit
        .nail(finger)
        .taken(quantity)
        .map(
            value ->
                Words.say(
                    value.takenBy() == null ? "sets.last-visit" : "sets.last-visit.by",
                    "on",
                    visit.getCreatedAt(),
                    "value",
                    Numbers.withUnit(quantity, value.amount()),
                    "how",
                    value.how(),
                    "by",
                    value.takenBy()));
  }
}
