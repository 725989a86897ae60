package ongle.app.check;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.app.words.Words;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;

/** What a check came to in a few words a finger, for paper and record. */
public final class CheckWords {
  private CheckWords() {}

  /** Of each nail built on, for the strip. */
  public static Map<Finger, String> figures(SetCheck check) {
    Map<Finger, String> figures = new EnumMap<>(Finger.class);
    check.nails().forEach((finger, nail) -> figures.put(finger, Words.of(nail.verdict(), "short")));
    return figures;
  }

  /** Of the nails that were measured or looked at, in the order of the seat. */
  public static List<String> of(SetCheck check, Seat seat) {
    return check.inOrder(Finger.asSeenFrom(seat)).stream()
        .filter(nail -> nail.verdict() != NailCheck.Verdict.UNSEEN)
        .map(CheckWords::of)
        .toList();
  }

  private static String of(NailCheck nail) {
    String verdict = Words.of(nail.verdict(), "short");
    return nail.seen()
        ? Words.say(
            "check.nail",
            "finger",
            nail.plan().nail().finger().name(),
            "length",
            nail.built().value(Quantity.BUILT_LENGTH),
            "apex",
            nail.built().value(Quantity.BUILT_APEX),
            "verdict",
            verdict)
        : Words.say(
            "check.nail.by-eye", "finger", nail.plan().nail().finger().name(), "verdict", verdict);
  }
}
