package ongle.app.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.app.web.Numbers;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Quantity;
import ongle.core.plan.FingerLength;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Cause;
import ongle.core.structure.Endurance;
import ongle.core.structure.LightLine;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;
import ongle.core.structure.Profile;
import ongle.core.wear.PrepStep;

/**
 * The workbench's verdict in the salon's words, with the figures behind it.
 *
 * @param verdict one line
 * @param level holds, shorter (holds, but not as long as wished) or weak
 * @param why why the apex is as thick as it is, here and against the neighbours
 * @param notes what follows from it or is worth knowing
 * @param figures names and values behind it
 */
public record Findings(
    String verdict, String level, List<String> why, List<String> notes, List<Figure> figures) {

  /** A figure, what it is called, and where it comes from. */
  public record Figure(String name, String value, String from) {}

  static Findings of(NailPlan plan, List<Neighbour> neighbours) {
    if (plan.stopped()) {
      return new Findings("Not to be built on", "weak", List.of(), plan.cautions(), List.of());
    }
    Interval.OfFinger interval = Interval.OfFinger.of(plan);
    return new Findings(
        verdict(interval),
        interval.whole() ? "holds" : interval.notAdvised() ? "weak" : "shorter",
        why(plan, neighbours),
        notes(plan, interval),
        figures(plan));
  }

  private static String verdict(Interval.OfFinger interval) {
    NailPlan plan = interval.plan();
    int wished = plan.wearing().days();
    Endurance endurance = plan.endurance();
    if (interval.whole()) {
      return "Holds "
          + wished
          + " days. Weakest point: "
          + StructureWords.weakest(endurance.weakest())
          + ".";
    }
    String weakest = " Weakest point: " + StructureWords.weakest(endurance.shortest()) + ".";
    if (!interval.notAdvised()) {
      return "Holds " + interval.holds() + " of " + wished + " days: infill then." + weakest;
    }
    return interval.holds() == 0
        ? "Not advised as planned: too weak from the first day." + weakest
        : "Not advised as planned: holds only " + interval.holds() + " days." + weakest;
  }

  private static List<String> why(NailPlan plan, List<Neighbour> neighbours) {
    List<String> why = new ArrayList<>();
    why.add(StructureWords.because(plan));
    if (!plan.advised().holds()) {
      why.add("No thicker apex would help here: it would only be a hump.");
    }
    neighbours.stream()
        .filter(neighbour -> Math.abs(neighbour.apexes()) > ApexSolver.SAME_WITHIN / 2)
        .map(neighbour -> StructureWords.against(plan, neighbour))
        .forEach(why::add);
    return why;
  }

  private static List<String> notes(NailPlan plan, Interval.OfFinger interval) {
    List<String> notes = new ArrayList<>();
    ApexSolver.Apex advised = plan.advised();
    double built = plan.build().profile().apexThickness();
    if (plan.length().set().caps()) {
      notes.add(shortened(plan));
    }
    FingerLength length = plan.length();
    if (!interval.whole() && length.least() > 0 && plan.extension() <= length.least() + 0.05) {
      notes.add(
          "This just covers the fingertip, and that is the least a bitten nail is built for. As it"
              + " grows out it is caught more: infill early.");
    }
    if (advised.tooThin(built)) {
      notes.add("Too thin: " + Numbers.thickness(advised.thickness()) + " would carry it.");
    } else if (advised.tooThick(built) && plan.endurance().holds()) {
      notes.add(
          "Thicker than it needs to be: " + Numbers.thickness(advised.thickness()) + " is enough.");
    }
    skippedSteps(plan).ifPresent(notes::add);
    if (plan.apexTooFarForward()) {
      notes.add(
          "Apex too far forward for "
              + plan.wearing().days()
              + " days: by then it has wandered past the stress line.");
    }
    if (!plan.readsAsShape()) {
      notes.add(
          "Too short to read as "
              + plan.shape().label()
              + "; "
              + plan.nearestShape().label()
              + " is the nearest that does.");
    }
    if (!plan.item().adjustments().values().isEmpty()) {
      byHand(plan, notes);
    }
    return notes;
  }

  /** What the eye would find in what was set by hand; the plan does not warn of its own choice. */
  private static void byHand(NailPlan plan, List<String> notes) {
    Profile profile = plan.build().profile();
    if (profile.beak()) {
      notes.add("The edge is as thick as the apex: a beak. Thin it from below.");
    } else if (profile.thickEdge()) {
      notes.add("A thick edge: it shows down the barrel and makes the nail heavy.");
    }
    if (plan.extension() > 0) {
      CrossCurve barrel = plan.build().fullBarrel();
      double spreads =
          barrel.chord() - barrel.pinchedTo(plan.nail().crossCurve().depthRatio()).chord();
      if (spreads > 0.05) {
        notes.add(
            "Flatter at the tip than the plate: it would spread "
                + Numbers.mm(spreads)
                + " wider than the growth points allow.");
      }
    }
    for (double at : LightLine.breaks(plan.arches())) {
      notes.add("The light line breaks " + Numbers.mm(at) + " from the cuticle.");
    }
  }

  /** What leaving steps of the preparation out costs this nail. */
  private static Optional<String> skippedSteps(NailPlan plan) {
    if (plan.wearing().skipped().isEmpty()) {
      return Optional.empty();
    }
    double left = plan.endurance().of(Cause.LIFT).value();
    double full = left / plan.wearing().prepQuality();
    return Optional.of(
        "Left out: "
            + PrepStep.named(plan.wearing().skipped())
            + ". Hold on the plate "
            + Numbers.format(100 * plan.wearing().prepQuality(), 0)
            + " %"
            + (full > 20
                ? "."
                : ": margin against lifting "
                    + Numbers.format(left, 2)
                    + " instead of "
                    + Numbers.format(full, 2)
                    + "."));
  }

  private static String shortened(NailPlan plan) {
    String from =
        "Shortened from "
            + Numbers.mm(plan.length().asked())
            + " to "
            + Numbers.mm(plan.extension())
            + ", "
            + plan.length().set().label()
            + (plan.length().setBy() == plan.nail().finger()
                ? ""
                : " on the " + plan.length().setBy().label())
            + ".";
    return plan.limitsItself() ? from + " What would carry more is below." : from;
  }

  private static List<Figure> figures(NailPlan plan) {
    List<Figure> figures = new ArrayList<>();
    Endurance endurance = plan.endurance();
    for (Cause cause : Cause.values()) {
      Margins.Margin worse = endurance.of(cause);
      figures.add(
          new Figure(
              StructureWords.margin(cause),
              StructureWords.value(endurance.first().of(cause))
                  + " first, "
                  + StructureWords.value(endurance.last().of(cause))
                  + " last day",
              "aim "
                  + Numbers.format(cause.aim(), 1)
                  + "; worst "
                  + Numbers.format(
                      worse.there(), cause == Cause.CRACK || cause == Cause.PLATE ? 1 : 2)
                  + StructureWords.unit(cause)
                  + " "
                  + Numbers.mm(worse.at())
                  + " from the cuticle, against "
                  + StructureWords.limit(cause, plan)));
    }
    figures.add(
        new Figure(
            "Loads at the tip",
            load(LoadedNail.PRESS, endurance)
                + " N down, "
                + load(LoadedNail.PRY, endurance)
                + " N up",
            "first and last day: "
                + percent(endurance.first().loadShare())
                + " and "
                + percent(endurance.last().loadShare())
                + " of "
                + Numbers.format(LoadedNail.PRESS, 0)
                + " and "
                + Numbers.format(LoadedNail.PRY, 0)
                + " N: this finger takes "
                + percent(plan.term().load().share())
                + ", and it stands out "
                + Numbers.mm(Math.max(0, plan.extension() - plan.nail().overhang()))
                + " beyond the fingertip"));
    Arches arches = plan.arches();
    figures.add(
        new Figure(
            "Upper arch",
            Numbers.mm(arches.rise()) + " rise",
            (arches.parallel()
                    ? "upper and lower arch run parallel to the eye"
                    : "upper and lower arch close by "
                        + Numbers.format(arches.angleBetween(), 0)
                        + "°")
                + (arches.highestElsewhere()
                    ? "; as plate and form are tilted, the highest point to the eye lies "
                        + Numbers.mm(arches.highestAt())
                        + " from the cuticle"
                    : "")));
    figures.add(
        new Figure(
            "Product on this nail",
            Numbers.format(plan.appliedVolume(), 0) + " mm³",
            "laid on; "
                + Numbers.format(plan.volumes().total(), 0)
                + " mm³ stay: cuticle "
                + Numbers.format(plan.volumes().cuticle(), 0)
                + ", body "
                + Numbers.format(plan.volumes().body(), 0)
                + ", extension "
                + Numbers.format(plan.volumes().extension(), 0)));
    figures.add(
        new Figure(
            "Thinnest apex",
            Numbers.thickness(
                plan.wish().figures().floor().at(plan.overlay() ? 0 : plan.extension())),
            "the longer, the higher: what hands build at this length"));
    figures.add(
        new Figure(
            "Form on this plate",
            Numbers.format(arches.formTilt() - plan.nail().growthPitch(), 0) + "°",
            "tilt against the plate; the arch asks "
                + Numbers.format(arches.formTilt(), 0)
                + "°, the plate grows "
                + Numbers.format(plan.nail().growthPitch(), 0)
                + "°"));
    figures.add(
        new Figure(
            "Growth",
            Numbers.format(plan.wearing().growth().perDay(plan.nail().finger().digit()), 3)
                + " mm a day",
            plan.wearing().growth().observations() == 0
                ? "the usual for this finger until regrowth is measured"
                : "the usual and "
                    + plan.wearing().growth().observations()
                    + " measured nails, which weigh "
                    + Numbers.withUnit(
                        Quantity.PLATE_SHARE, 100 * plan.wearing().growth().weight())));
    return figures;
  }

  private static String load(double full, Endurance endurance) {
    return Numbers.format(full * endurance.first().loadShare(), 1)
        + "–"
        + Numbers.format(full * endurance.last().loadShare(), 1);
  }

  private static String percent(double share) {
    return Numbers.format(100 * share, 0) + " %";
  }
}
