package ongle.app.bench;

import java.util.Optional;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.Past;
import ongle.core.bench.Step;

/**
 * Something that happened, as the record tells it; the words are kept, because the plan may change.
 *
 * @param title of the step; empty where it belongs to none
 * @param where it was done
 * @param remark what is worth knowing afterwards; empty where nothing is
 */
record Noted(Event event, String title, String where, String remark) {
  /**
   * @param after where the appointment stands with it
   */
  static Noted of(Event event, Guide after) {
    Optional<Step> step = after.plan().step(event.step());
    return new Noted(
        event,
        step.map(BenchWords::title).orElse(""),
        step.map(BenchWords::where).orElse(""),
        event.type().moves() || event.type() == Event.Type.WHEN_FREE
            ? after.past(event.step()).map(Noted::remark).orElse("")
            : "");
  }

  /**
   * What it costs to have left it out, said at once; empty where nothing was or it costs nothing.
   */
  String costs() {
    return event.type() == Event.Type.SKIPPED ? remark : "";
  }

  /**
   * @param remark what the plan leaves out from the beginning; empty for nothing
   */
  static Noted beginning(Event event, String remark) {
    return new Noted(event, "", "", remark);
  }

  private static String remark(Past past) {
    if (past.skipped().isPresent()) {
      return past.step().singly().stream().anyMatch(part -> part.kind().prepares().isPresent())
          ? Words.say("bench.lifts-sooner")
          : "";
    }
    return past.offWindow()
        ? Words.say("bench.outside-its-time")
        : past.overran() ? Words.say("bench.took-longer") : "";
  }
}
