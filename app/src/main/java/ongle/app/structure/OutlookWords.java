package ongle.app.structure;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import ongle.app.sets.PlannedSet;
import ongle.app.web.Numbers;
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
        "Infill due " + due(built, outlook.due()) + ".",
        planned
            .plan()
            .dueFirst()
            .map(
                nail ->
                    "The set is due "
                        + due(built, nail.outlook().due())
                        + ", for the "
                        + nail.nail().finger().label()
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
            "Least margin "
                + StructureWords.value(first)
                + ": it would "
                + StructureWords.wouldGive(first, plan)
                + "."));
  }

  private static String due(LocalDate built, Outlook.Due due) {
    return due.cause()
        .map(
            cause ->
                "on "
                    + built.plusDays(due.day()).format(DATE)
                    + ", day "
                    + due.day()
                    + ": the margin "
                    + StructureWords.margin(cause).toLowerCase(Locale.ROOT)
                    + " has fallen too low")
        .orElseGet(
            () ->
                due.day() >= Outlook.LOOKED_AHEAD
                    ? "after " + Outlook.LOOKED_AHEAD + " days or later"
                    : "on "
                        + built.plusDays(due.day()).format(DATE)
                        + ", day "
                        + due.day()
                        + ": the gap passes "
                        + Numbers.mm(Outlook.WIDEST_GAP));
  }
}
