package ongle.app.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.app.drawing.ComparisonDrawing;
import ongle.app.drawing.NailDrawing;
import ongle.app.drawing.OutlookDrawing;
import ongle.app.drawing.PinchDrawing;
import ongle.app.drawing.TenDrawing;
import ongle.app.editing.Edited;
import ongle.app.frame.NumberField;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.history.SetHistory;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.products.Products;
import ongle.app.sets.SetNail;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.check.AsBuilt;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.Comparison;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.plan.Remedy;
import ongle.core.plan.SetPlan;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Outlook;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/**
 * What the workbench shows: the nail in the view asked for, what it carries and what would help.
 */
@Component
class StructurePage {
  /** What can be set by hand, in the order it is offered. */
  private static final List<Quantity> FIELDS =
      List.of(
          Quantity.EXTENSION,
          Quantity.APEX_THICKNESS,
          Quantity.APEX_POSITION,
          Quantity.EDGE_THICKNESS,
          Quantity.SIDE_THICKNESS,
          Quantity.BARREL_DEPTH);

  private final SetReader reader;
  private final SetHistory history;
  private final Products products;

  StructurePage(SetReader reader, SetHistory history, Products products) {
    this.products = products;
    this.reader = reader;
    this.history = history;
  }

  /**
   * What is shown, kept in the address and sent along with every edit.
   *
   * @param look what of the nail
   * @param ghost what it is compared with: last, school-…, version-…; empty for nothing
   * @param light whether the reflection is drawn
   * @param day of the wear, in the weeks ahead
   * @param remedy previewed, counted from 0; null for none
   */
  record Shown(String look, String ghost, Boolean light, Integer day, Integer remedy) {
    LookAt at() {
      return LookAt.at(look == null ? LookAt.NAIL.path() : look)
          .orElseThrow(() -> new NotFound("view " + look));
    }

    String compared() {
      return ghost == null ? "" : ghost;
    }

    /** The same once a previewed remedy is done or dropped. */
    Shown settled() {
      return new Shown(look, ghost, light, day, null);
    }

    boolean lit() {
      return light != null && light;
    }
  }

  /** One side of a comparison to choose. */
  record GhostChoice(String code, String label) {}

  /** Puts the nail and everything beside it where the templates look for it. */
  void show(Edited edited, Finger finger, Shown shown, Seat seat, Model model) {
    PlannedSet planned = edited.planned();
    LookAt look = shown.at();
    SetPage.show(
        planned,
        Stage.STRUCTURE,
        Stage.STRUCTURE.path() + "?look=" + look.path(),
        finger,
        seat,
        model);
    NailPlan plan = planned.of(finger);
    SetNail nail = planned.set().nail(finger);
    model.addAttribute("id", planned.id());
    model.addAttribute("finger", finger);
    model.addAttribute("plan", plan);
    model.addAttribute("edit", edited.edit());
    model.addAttribute("look", look);
    model.addAttribute("looks", LookAt.values());
    model.addAttribute("ghost", shown.compared());
    model.addAttribute("light", shown.lit());
    SetHistory.Standing standing = history.standing(planned.set());
    model.addAttribute("standing", standing);
    model.addAttribute("ghosts", ghosts(planned, standing));
    model.addAttribute(
        "fields",
        FIELDS.stream()
            .filter(quantity -> quantity != Quantity.BARREL_DEPTH || !plan.overlay())
            .map(
                quantity ->
                    NumberField.stored(
                            nail,
                            quantity,
                            computed(plan, quantity),
                            Words.say("structure.computed"))
                        .after(edited))
            .toList());
    model.addAttribute("byHand", !plan.item().adjustments().values().isEmpty());
    model.addAttribute("findings", Findings.of(plan, neighbours(planned, plan)));
    model.addAttribute("remedies", offers(Remedy.of(planned.plan(), plan, products.all())));
    model.addAttribute("remediesFor", remediesFor(plan));
    model.addAttribute("school", planned.set().choices().apex());
    model.addAttribute("schools", ApexSchool.values());
    model.addAttribute("ownPlace", ownPlace(plan));
    model.addAttribute("arch", planned.set().choices().arch());
    model.addAttribute("arches", UpperArch.values());
    model.addAttribute("across", planned.set().choices().across());
    model.addAttribute("acrosses", CrossThickness.values());
    model.addAttribute("wearDays", planned.set().choices().wearDays());
    model.addAttribute("prep", PrepStep.values());
    model.addAttribute("skipped", planned.set().choices().skipped());
    if (!plan.stopped()) {
      showLook(look, planned, plan, shown, seat, model);
    } else {
      model.addAttribute("scene", null);
    }
  }

  private void showLook(
      LookAt look, PlannedSet planned, NailPlan plan, Shown shown, Seat seat, Model model) {
    SetPlan set = planned.plan();
    switch (look) {
      case NAIL ->
          model.addAttribute(
              "scene",
              NailDrawing.of(
                  plan, new NailDrawing.Shown(true, shown.lit(), ghost(planned, plan, shown), 0)));
      case SCHOOLS -> {
        List<Comparison> apex = Comparison.ofApex(set, plan);
        List<Comparison> arch = Comparison.ofArch(set, plan);
        model.addAttribute("scene", ComparisonDrawing.of(plan, apex));
        model.addAttribute("archScene", ComparisonDrawing.of(plan, arch));
        model.addAttribute("apexRows", SchoolRow.of(apex));
        model.addAttribute("archRows", SchoolRow.of(arch));
        model.addAttribute("acrossRows", SchoolRow.of(Comparison.ofCrossThickness(set, plan)));
      }
      case BARREL -> {
        model.addAttribute("scene", PinchDrawing.of(plan));
        model.addAttribute("pinches", PinchRow.of(plan.pinching()));
        model.addAttribute("barrelFrom", StructureWords.barrelFrom(plan));
      }
      case TEN -> {
        model.addAttribute("scene", TenDrawing.margins(planned.plan(), seat, plan.nail().finger()));
        model.addAttribute("weakest", planned.plan().weakest().orElse(null));
        model.addAttribute(
            "others",
            Finger.asSeenFrom(seat).stream()
                .filter(other -> other != plan.nail().finger() && !planned.of(other).stopped())
                .toList());
      }
      case WEEKS -> {
        // Once it is measured, a nail wears as it was built.
        Map<Quantity, Double> measured =
            planned.set().built().getOrDefault(plan.nail().finger(), Map.of());
        NailPlan worn = measured.isEmpty() ? plan : plan.as(new AsBuilt(plan, measured).build());
        Outlook outlook = worn.outlook();
        model.addAttribute("asBuilt", !measured.isEmpty());
        int day =
            Math.max(0, Math.min(Outlook.LOOKED_AHEAD, shown.day() == null ? 0 : shown.day()));
        model.addAttribute("day", day);
        model.addAttribute("lastDay", Outlook.LOOKED_AHEAD);
        model.addAttribute("outlook", OutlookWords.of(planned, worn, outlook, day));
        model.addAttribute(
            "graph", OutlookDrawing.of(plan.nail().finger(), outlook, plan.wearing().days(), day));
        model.addAttribute(
            "scene",
            NailDrawing.of(
                worn,
                new NailDrawing.Shown(false, false, Optional.empty(), outlook.on(day).gap())));
      }
      case ROUND -> model.addAttribute("scene", NailDrawing.of(plan, NailDrawing.Shown.AT_WORK));
    }
  }

  /** The school that puts the apex where its shape has it; null where it lies there already. */
  private static ApexSchool ownPlace(NailPlan plan) {
    return plan.shape().apexShare().stream()
        .boxed()
        .flatMap(
            share ->
                Stream.of(ApexSchool.values())
                    .filter(
                        school ->
                            school.position().isPresent()
                                && Math.abs(school.position().getAsDouble() / 100 - share) < 0.01))
        .filter(school -> school != plan.wish().school())
        .findFirst()
        .orElse(null);
  }

  /** The neighbours on the same hand that are built on. */
  private static List<Neighbour> neighbours(PlannedSet planned, NailPlan plan) {
    if (plan.stopped()) {
      return List.of();
    }
    List<Finger> hand = Finger.of(plan.nail().finger().hand());
    int at = hand.indexOf(plan.nail().finger());
    List<Neighbour> neighbours = new ArrayList<>();
    for (int beside : new int[] {at - 1, at + 1}) {
      if (beside >= 0 && beside < hand.size() && !planned.of(hand.get(beside)).stopped()) {
        neighbours.add(Neighbour.of(planned.plan(), plan, planned.of(hand.get(beside))));
      }
    }
    return neighbours;
  }

  /**
   * A remedy as it is offered.
   *
   * @param code it is sent back by
   * @param what to do
   * @param then what it comes to
   */
  record Offer(int place, String code, String what, String then) {}

  /** What the remedies are for; null if nothing is wrong. */
  private static String remediesFor(NailPlan plan) {
    if (plan.stopped()) {
      return null;
    }
    return plan.limitsItself()
        ? Words.say("structure.would-carry", "length", plan.length().asked())
        : plan.endurance().holds() ? null : Words.say("structure.would-help");
  }

  private static List<Offer> offers(List<Remedy> remedies) {
    List<Offer> offers = new ArrayList<>();
    for (Remedy remedy : remedies) {
      offers.add(
          new Offer(
              offers.size(),
              remedy.code(),
              StructureWords.remedy(remedy),
              Words.say(
                  "structure.remedy.then",
                  "length",
                  remedy.extension(),
                  "apex",
                  remedy.apex().thickness(),
                  "margin",
                  remedy.endurance().weakest().value())));
    }
    return offers;
  }

  private List<GhostChoice> ghosts(PlannedSet planned, SetHistory.Standing standing) {
    List<GhostChoice> choices = new ArrayList<>();
    choices.add(new GhostChoice("", Words.say("structure.compare")));
    if (planned.lastVisit().isPresent()) {
      choices.add(new GhostChoice("last", Words.say("structure.compare.last")));
    }
    for (ApexSchool school : ApexSchool.values()) {
      if (school != planned.set().choices().apex()) {
        choices.add(
            new GhostChoice(
                "school-" + school.name(),
                Words.say("structure.compare.school", "school", school)));
      }
    }
    standing
        .versions()
        .forEach(
            version ->
                choices.add(
                    new GhostChoice(
                        "version-" + version.getId(),
                        Words.say("structure.compare.version", "name", version.getName()))));
    return choices;
  }

  /** What the nail is compared with; empty if that is gone or nothing. */
  private Optional<NailDrawing.Ghost> ghost(PlannedSet planned, NailPlan plan, Shown shown) {
    if (shown.remedy() != null) {
      return previewed(planned, plan, shown.remedy());
    }
    String code = shown.compared();
    Finger finger = plan.nail().finger();
    if (code.equals("last") && planned.lastVisit().isPresent()) {
      return Optional.of(
          ghost(
              Words.say("structure.last-visit"),
              reader.planned(planned.lastVisit().get().getId()).of(finger)));
    }
    if (code.startsWith("school-")) {
      return Comparison.ofApex(planned.plan(), plan).stream()
          .filter(comparison -> code.equals("school-" + comparison.school().name()))
          .findFirst()
          .map(
              comparison ->
                  new NailDrawing.Ghost(
                      Words.of(comparison.school()), comparison.build(), comparison.arches()));
    }
    if (code.matches("version-\\d{1,18}")) {
      long version = Long.parseLong(code.substring("version-".length()));
      return history.standing(planned.set()).versions().stream()
          .filter(state -> state.getId() == version)
          .findFirst()
          .map(state -> ghost(state.getName(), history.planned(planned.id(), version).of(finger)));
    }
    return Optional.empty();
  }

  private static NailDrawing.Ghost ghost(String name, NailPlan plan) {
    return new NailDrawing.Ghost(name, plan.build(), plan.arches());
  }

  private Optional<NailDrawing.Ghost> previewed(PlannedSet planned, NailPlan plan, int place) {
    return Remedy.of(planned.plan(), plan, products.all()).stream()
        .skip(Math.max(0, place))
        .findFirst()
        .map(
            remedy ->
                new NailDrawing.Ghost(
                    StructureWords.remedy(remedy), remedy.build(), remedy.arches()));
  }

  /** What holds while a field is empty. */
  private static double computed(NailPlan plan, Quantity quantity) {
    return switch (quantity) {
      case EXTENSION -> plan.extension();
      case APEX_THICKNESS -> plan.advised().thickness();
      case APEX_POSITION -> 100 * plan.advised().at() / plan.nail().plateLength();
      case EDGE_THICKNESS -> plan.usualEdge();
      case SIDE_THICKNESS -> plan.build().across().side(plan.build().profile().apexThickness());
      case BARREL_DEPTH -> 100 * plan.build().barrelDepthRatio();
      default -> throw new IllegalArgumentException(quantity + " is not set by hand");
    };
  }
}
