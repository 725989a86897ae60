package ongle.app.structure;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import ongle.app.sets.PlannedSet;
import ongle.app.web.Numbers;
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
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  static OutlookWords of(PlannedSet planned, NailPlan plan, Outlook outlook, int day) {
    LocalDate built = planned.set().getCreatedAt().toLocalDate();
    Outlook.Day on = outlook.on(day);
    String apex =
        on.apexBeforeStressLine() >= 0
            ? "the apex stands " + Numbers.mm(on.apexBeforeStressLine()) + " behind the stress line"
            : "the apex has passed the stress line by " + Numbers.mm(-on.apexBeforeStressLine());
    Margins.Margin first = on.margins().first();
    return new OutlookWords(
        due(built, Interval.OfFinger.of(plan), plan),
        planned
            .plan()
            .interval()
            .first()
            .map(
                finger ->
                    "The set is due on "
                        + built.plusDays(finger.due()).format(DATE)
                        + ", day "
                        + finger.due()
                        + ", for the "
                        + finger.plan().nail().finger().label()
                        + ".")
            .orElse(""),
        List.of(
            built.plusDays(day).format(DATE)
                + ", day "
                + day
                + ". The gap at the cuticle is "
                + Numbers.mm(on.gap())
                + "; "
                + apex
                + ".",
            "Weakest point: "
                + StructureWords.weakest(first)
                + ", margin "
                + StructureWords.value(first)
                + "."));
  }

  private static String due(LocalDate built, Interval.OfFinger finger, NailPlan plan) {
    if (finger.notAdvised()) {
      return "Not advised as planned: it holds " + finger.holds() + " days. See what would help.";
    }
    if (finger.due() >= Outlook.LOOKED_AHEAD) {
      return "Infill due after " + Outlook.LOOKED_AHEAD + " days or later.";
    }
    String on =
        "Infill due on " + built.plusDays(finger.due()).format(DATE) + ", day " + finger.due();
    return on
        + finger
            .cause()
            .map(
                cause ->
                    finger.whole()
                        ? ": the margin "
                            + StructureWords.margin(cause).toLowerCase(Locale.ROOT)
                            + " has fallen too low."
                        : ": it holds "
                            + finger.holds()
                            + " of "
                            + plan.wearing().days()
                            + " days.")
            .orElse(": the gap passes " + Numbers.mm(Outlook.WIDEST_GAP) + ".");
  }
}
