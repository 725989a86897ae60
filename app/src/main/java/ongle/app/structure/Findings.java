package ongle.app.structure;

import java.util.ArrayList;
import java.util.List;
import ongle.app.web.Numbers;
import ongle.core.plan.FingerLength;
import ongle.core.plan.NailPlan;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.FreeEdgeStrength;

/**
 * The workbench's verdict in the salon's words, with the figures behind it.
 *
 * @param verdict one line
 * @param holds whether the free part carries what it must
 * @param notes what follows from it or is worth knowing
 * @param figures names and values behind it
 */
public record Findings(String verdict, boolean holds, List<String> notes, List<Figure> figures) {

  /** A figure, what it is called, and where it comes from. */
  public record Figure(String name, String value, String from) {}

  static Findings of(NailPlan plan) {
    FreeEdgeStrength strength = plan.strength();
    ApexSolver.Apex advised = plan.advisedApex();
    double built = plan.build().profile().apexThickness();
    List<String> notes = new ArrayList<>();
    if (plan.stopped()) {
      return new Findings("Not to be built on", false, plan.cautions(), List.of());
    }
    if (plan.length().set().caps()) {
      notes.add(shortened(plan));
    }
    if (advised.tooThin(built)) {
      notes.add(
          "Thinner than computed: "
              + Numbers.thickness(advised.apexThickness())
              + " would carry it.");
    } else if (advised.tooThick(built) && strength.holds()) {
      notes.add(
          "Thicker than it needs to be: "
              + Numbers.thickness(advised.apexThickness())
              + " is enough.");
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
          "As this plate grows, the highest point to the eye lies "
              + Numbers.mm(arches.highestAt())
              + " from the cuticle, not at the apex.");
    }
    return new Findings(verdict(plan), strength.holds(), notes, figures(plan));
  }

  private static String shortened(NailPlan plan) {
    String from =
        "Shortened from "
            + Numbers.mm(plan.length().wished())
            + " to "
            + Numbers.mm(plan.extension())
            + ", "
            + plan.length().set().label()
            + (plan.length().setBy() == plan.nail().finger()
                ? ""
                : " on the " + plan.length().setBy().label())
            + ".";
    return plan.length().set() == FingerLength.Decision.STRENGTH
        ? from
            + " Even "
            + Numbers.thickness(ApexSolver.THICKEST)
            + " of "
            + plan.build().product().label()
            + " carries no more: deepen the barrel, or take a stiffer product."
        : from;
  }

  private static String verdict(NailPlan plan) {
    FreeEdgeStrength strength = plan.strength();
    if (plan.extension() == 0) {
      return "Overlay: nothing sticks out, so nothing pries";
    }
    double beyond = strength.worstAt() - plan.nail().plateLength();
    String where =
        beyond < 1 ? "at the stress line" : Numbers.mm(beyond) + " beyond the stress line";
    return strength.holds() ? "Holds; it would crack first " + where : "Too weak: cracks " + where;
  }

  private static List<Figure> figures(NailPlan plan) {
    FreeEdgeStrength strength = plan.strength();
    Arches arches = plan.arches();
    List<Figure> figures = new ArrayList<>();
    if (plan.extension() > 0) {
      figures.add(
          new Figure(
              "Margin against cracking",
              Numbers.format(strength.margin(), 2)
                  + " (aim "
                  + Numbers.format(FreeEdgeStrength.AIM, 1)
                  + ")",
              "half the strength of "
                  + plan.build().product().label()
                  + ", "
                  + Numbers.format(plan.build().product().strength(), 0)
                  + " MPa, over the worst stress; half because the load comes every day"));
      figures.add(
          new Figure(
              "Stress at the stress line",
              Numbers.format(strength.stressAtStressLine(), 1) + " MPa",
              Numbers.format(FreeEdgeStrength.PRESS, 0)
                  + " N on the tip, "
                  + Numbers.mm(plan.extension())
                  + " away, on the cross section there; worst anywhere "
                  + Numbers.format(strength.worstStress(), 1)
                  + " MPa"));
    }
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
            Numbers.format(plan.shape().formTilt() - plan.nail().growthPitch(), 0) + "°",
            "tilt against the plate; the shape asks "
                + Numbers.format(plan.shape().formTilt(), 0)
                + "°, the plate grows "
                + Numbers.format(plan.nail().growthPitch(), 0)
                + "°"));
    return figures;
  }
}
