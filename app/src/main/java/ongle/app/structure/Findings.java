package ongle.app.structure;

import java.util.ArrayList;
import java.util.List;
import ongle.app.web.Numbers;
import ongle.core.nail.Quantity;
import ongle.core.plan.FingerLength;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.plan.Remedy;
import ongle.core.shape.LengthWish;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Cause;
import ongle.core.structure.Endurance;
import ongle.core.structure.LightLine;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;
import ongle.core.structure.Pinch;
import ongle.core.structure.Profile;

/**
 * The workbench's verdict in the salon's words, with the figures behind it.
 *
 * @param verdict one line
 * @param holds whether it carries what it must to the last day
 * @param why why the apex is as thick as it is, here and against the neighbours
 * @param notes what follows from it or is worth knowing
 * @param figures names and values behind it
 */
public record Findings(
    String verdict, boolean holds, List<String> why, List<String> notes, List<Figure> figures) {

  /** A figure, what it is called, and where it comes from. */
  public record Figure(String name, String value, String from) {}

  static Findings of(NailPlan plan, List<Neighbour> neighbours, List<Remedy> remedies) {
    if (plan.stopped()) {
      return new Findings("Not to be built on", false, List.of(), plan.cautions(), List.of());
    }
    return new Findings(
        verdict(plan),
        plan.endurance().holds(),
        why(plan, neighbours),
        notes(plan, remedies),
        figures(plan));
  }

  private static String verdict(NailPlan plan) {
    Endurance endurance = plan.endurance();
    if (endurance.holds()) {
      Margins.Margin first = endurance.weakest();
      return "Holds "
          + plan.wearing().days()
          + " days; first it would "
          + StructureWords.wouldGive(first, plan);
    }
    Margins.Margin shortest = endurance.shortest();
    String when =
        endurance.first().shortest().holds()
            ? " before day " + plan.wearing().days()
            : " from the first day";
    return "Too weak" + when + ": it would " + StructureWords.wouldGive(shortest, plan);
  }

  private static List<String> why(NailPlan plan, List<Neighbour> neighbours) {
    List<String> why = new ArrayList<>();
    ApexSolver.Apex advised = plan.advised();
    String thickness = Numbers.thickness(advised.thickness());
    if (!advised.holds()) {
      why.add(
          "No apex up to "
              + Numbers.thickness(ApexSolver.THICKEST)
              + " is enough: it would still "
              + StructureWords.would(advised.binding().orElse(Cause.CRACK))
              + ". "
              + thickness
              + " is what it takes not to crack.");
    } else if (advised.binding().isEmpty()) {
      why.add(thickness + " is the thinnest worth building, and this nail needs no more.");
    } else {
      why.add(
          thickness
              + " because any thinner it would "
              + StructureWords.would(advised.binding().get())
              + " under everyday loads within "
              + plan.wearing().days()
              + " days.");
    }
    neighbours.stream()
        .filter(neighbour -> Math.abs(neighbour.apexes()) > ApexSolver.SAME_WITHIN / 2)
        .map(neighbour -> StructureWords.against(plan, neighbour))
        .forEach(why::add);
    return why;
  }

  private static List<String> notes(NailPlan plan, List<Remedy> remedies) {
    List<String> notes = new ArrayList<>();
    ApexSolver.Apex advised = plan.advised();
    Profile profile = plan.build().profile();
    double built = profile.apexThickness();
    if (plan.length().set().caps()) {
      notes.add(shortened(plan));
    }
    if (!plan.endurance().holds()
        && LengthWish.leastFor(plan.nail()) > 0
        && plan.extension() <= LengthWish.leastFor(plan.nail()) + 0.05) {
      notes.add(
          "This is the least a bitten nail is built for, to cover its fingertip: the fingertip takes"
              + " most of the load there. Plan an early infill.");
    }
    if (advised.tooThin(built)) {
      notes.add("Too thin: " + Numbers.thickness(advised.thickness()) + " would carry it.");
    } else if (advised.tooThick(built) && plan.endurance().holds()) {
      notes.add(
          "Thicker than it needs to be: " + Numbers.thickness(advised.thickness()) + " is enough.");
    }
    if (plan.apexTooFarForward()) {
      notes.add(
          "Apex too far forward for "
              + plan.wearing().days()
              + " days: by then it has wandered past the stress line.");
    }
    if (profile.beak()) {
      notes.add("The edge is as thick as the apex: a beak. Thin it from below.");
    } else if (profile.thickEdge()) {
      notes.add("A thick edge: it shows down the barrel and makes the nail heavy.");
    }
    remedies.stream()
        .map(Remedy::change)
        .filter(Remedy.DeepenBarrel.class::isInstance)
        .map(Remedy.DeepenBarrel.class::cast)
        .forEach(
            deepen ->
                notes.add(
                    "Barrel too flat for "
                        + Numbers.mm(plan.length().asked())
                        + ": it takes "
                        + Numbers.withUnit(Quantity.BARREL_DEPTH, deepen.percent())
                        + "."));
    if (plan.extension() > 0) {
      Pinch pinch = Pinch.whereFull(plan.build());
      if (pinch.narrowerBy() < -0.05) {
        notes.add(
            "Flatter at the tip than the plate: as built it would spread "
                + Numbers.mm(-pinch.narrowerBy())
                + " wider than the growth points allow.");
      }
    }
    if (!plan.readsAsShape()) {
      notes.add(
          "Too short to read as "
              + plan.shape().label()
              + "; "
              + plan.nearestShape().label()
              + " is the nearest that does.");
    }
    Arches arches = plan.arches();
    if (arches.highestElsewhere()) {
      notes.add(
          "As plate and form are tilted, the highest point to the eye lies "
              + Numbers.mm(arches.highestAt())
              + " from the cuticle, not at the apex.");
    }
    for (double at : LightLine.breaks(arches)) {
      notes.add("The light line breaks " + Numbers.mm(at) + " from the cuticle.");
    }
    return notes;
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
    return plan.length().set() == FingerLength.Decision.STRENGTH
            && plan.length().setBy() == plan.nail().finger()
        ? from + " What would carry more is below."
        : from;
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
            "Loads",
            Numbers.format(LoadedNail.PRESS, 0)
                + " N down, "
                + Numbers.format(LoadedNail.PRY, 0)
                + " N up",
            "at the tip; it gives "
                + Numbers.format(1 / endurance.first().tipStiffness(), 2)
                + " mm a newton"));
    Arches arches = plan.arches();
    figures.add(
        new Figure(
            "Upper arch",
            Numbers.mm(arches.rise()) + " rise",
            arches.parallel()
                ? "upper and lower arch run parallel to the eye"
                : "upper and lower arch close by "
                    + Numbers.format(arches.angleBetween(), 0)
                    + "°"));
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
}
