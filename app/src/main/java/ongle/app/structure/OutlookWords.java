package ongle.app.structure;

import java.time.LocalDate;
import java.util.List;
import ongle.app.planning.PlannedSet;
import ongle.app.words.Words;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Margins;
import ongle.core.wear.Outlook;

/**
 * The weeks ahead in words.
 *
 * @param due when this nail's infill is due and why
 * @param setDue when the set's is, and because of which finger
 * @param today what the day looked at is like
 */
record OutlookWords(String due, String setDue, List<String> today) {
  static OutlookWords of(PlannedSet planned, NailPlan plan, Outlook outlook, int day) {
    LocalDate built = planned.set().getCreatedAt().toLocalDate();
    Outlook.Day on = outlook.on(day);
    String apex =
        Words.say(
            on.apexBeforeStressLine() >= 0 ? "structure.apex.behind" : "structure.apex.past",
            "by",
            Math.abs(on.apexBeforeStressLine()));
    Margins.Margin first = on.margins().first();
    return new OutlookWords(
        due(built, Interval.OfFinger.of(plan), plan),
        planned
            .plan()
            .interval()
            .first()
            .map(
                finger ->
                    Words.say(
                        "structure.set-due",
                        "on",
                        built.plusDays(finger.due()),
                        "day",
                        finger.due(),
                        "finger",
                        finger.plan().nail().finger()))
            .orElse(""),
        List.of(
            Words.say(
                "structure.on-day",
                "on",
                built.plusDays(day),
                "day",
                day,
                "gap",
                on.gap(),
                "apex",
                apex),
            Words.say(
                "structure.on-day.weakest",
                "weakest",
                StructureWords.weakest(first),
                "margin",
                StructureWords.value(first))));
  }

  private static String due(LocalDate built, Interval.OfFinger finger, NailPlan plan) {
    if (finger.notAdvised()) {
      return Words.say("structure.due.not-advised", "days", finger.holds());
    }
    if (finger.due() >= Outlook.LOOKED_AHEAD) {
      return Words.say("structure.due.late", "days", Outlook.LOOKED_AHEAD);
    }
    String because =
        finger
            .cause()
            .map(
                cause ->
                    finger.whole()
                        ? Words.say("structure.due.margin", "cause", cause)
                        : Words.say(
                            "structure.due.holds",
                            "days",
                            finger.holds(),
                            "wished",
                            plan.wearing().days()))
            .orElseGet(() -> Words.say("structure.due.gap", "gap", Outlook.WIDEST_GAP));
    return Words.say(
        "structure.due",
        "on",
        built.plusDays(finger.due()),
        "day",
        finger.due(),
        "because",
        because);
  }
}
