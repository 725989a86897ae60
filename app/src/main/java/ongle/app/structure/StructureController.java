package ongle.app.structure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ongle.app.drawing.ComparisonDrawing;
import ongle.app.drawing.OutlookDrawing;
import ongle.app.drawing.PinchDrawing;
import ongle.app.drawing.TenDrawing;
import ongle.app.drawing.WorkbenchDrawing;
import ongle.app.sets.Edited;
import ongle.app.sets.NumberField;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetEditor;
import ongle.app.sets.SetHistory;
import ongle.app.sets.SetNail;
import ongle.app.sets.SetPage;
import ongle.app.sets.SetReader;
import ongle.app.sets.SetState;
import ongle.app.sets.Stage;
import ongle.app.sets.Typed;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.app.web.Numbers;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Comparison;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.plan.Remedy;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.StructureCopy;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.Pinch;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Outlook;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The workbench: one nail large, what it carries and what would help. */
@Controller
@RequestMapping("/sets/{id}/structure")
class StructureController {
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
  private final SetEditor editor;
  private final SetHistory history;

  StructureController(SetReader reader, SetEditor editor, SetHistory history) {
    this.reader = reader;
    this.editor = editor;
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

    boolean lit() {
      return light != null && light;
    }
  }

  /** One side of a comparison to choose. */
  record GhostChoice(String code, String label) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(reader.planned(id)), SetPage.chosen(finger, seat), shown, seat, model);
    return "structure/page";
  }

  /** Another view of the same nail, or the same with something to compare. */
  @GetMapping("/{finger}/show")
  String look(
      @PathVariable long id,
      @PathVariable Finger finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(reader.planned(id)), finger, shown, seat, model);
    return "structure/parts :: tried";
  }

  /** A typed value; saved. */
  @PostMapping("/{finger}/{quantity}")
  String type(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable Quantity quantity,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String seen,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(
        editor.type(id, finger, List.of(new Typed(quantity, value, seen))),
        finger,
        shown,
        seat,
        model);
    return "structure/parts :: answer";
  }

  /**
   * What the nail would be like with a handle held there; nothing is saved. Values past their range
   * are held to it, as the hand on the handle expects.
   */
  @GetMapping("/{finger}/try")
  String tryOut(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Map<String, String> values,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(reader.planned(id, finger, held(values))), finger, shown, seat, model);
    return "structure/parts :: tried";
  }

  /** A handle let go of: its values saved, unless another window changed them meanwhile. */
  @PostMapping("/{finger}/handle")
  String letGo(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Map<String, String> values,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    List<Typed> typed =
        held(values).entrySet().stream()
            .map(
                moved ->
                    new Typed(
                        moved.getKey(),
                        Numbers.format(moved.getKey(), moved.getValue()),
                        values.getOrDefault("seen-" + moved.getKey(), "")))
            .toList();
    show(editor.type(id, finger, typed), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  /** Back to what is computed, for one nail. */
  @PostMapping("/{finger}/computed")
  String computed(
      @PathVariable long id,
      @PathVariable Finger finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(editor.leaveToPlan(id, finger), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  @PostMapping("/school")
  String school(
      @PathVariable long id,
      @RequestParam Optional<ApexSchool> school,
      @RequestParam Optional<UpperArch> arch,
      @RequestParam Optional<CrossThickness> across,
      @RequestParam Finger finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    school.ifPresent(wanted -> editor.placeApex(id, wanted));
    arch.ifPresent(wanted -> editor.archAs(id, wanted));
    across.ifPresent(wanted -> editor.spread(id, wanted));
    show(unchanged(reader.planned(id)), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  /** How long it has to last, and what of the preparation is left out. */
  @PostMapping("/wear")
  String wear(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String days,
      @RequestParam(required = false) Set<PrepStep> done,
      @RequestParam Finger finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<Double> typed =
        Numbers.parse(days, Quantity.WEAR_DAYS).filter(Quantity.WEAR_DAYS::allows);
    Edit edit =
        typed.isPresent()
            ? new Edit.Saved()
            : new Edit.Refused("Type a number from " + Numbers.range(Quantity.WEAR_DAYS) + ".");
    typed.ifPresent(wanted -> editor.lastFor(id, (int) Math.round(wanted)));
    Set<PrepStep> skipped = new java.util.TreeSet<>(List.of(PrepStep.values()));
    skipped.removeAll(done == null ? Set.of() : done);
    editor.leaveOut(id, skipped);
    show(new Edited(edit, null, reader.planned(id)), finger, shown, seat, model);
    if (edit instanceof Edit.Refused refused) {
      model.addAttribute("daysTyped", days);
      model.addAttribute("daysWhy", refused.why());
    }
    return "structure/parts :: answer";
  }

  /** Does what a remedy asks. */
  @PostMapping("/{finger}/remedy/{place}")
  String remedy(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable int place,
      @RequestParam String what,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    // By its words, not by its place alone: another window may have changed the list.
    Optional<Remedy> wanted =
        Remedy.of(planned.plan().wish(), planned.of(finger)).stream()
            .filter(remedy -> StructureWords.remedy(remedy.change()).equals(what))
            .findFirst();
    wanted.ifPresent(remedy -> editor.apply(id, finger, remedy));
    Edit edit =
        wanted.isPresent()
            ? new Edit.Saved()
            : new Edit.Refused("The plan has changed meanwhile; see what would help now.");
    show(new Edited(edit, null, reader.planned(id)), finger, plain(shown), seat, model);
    return "structure/parts :: answer";
  }

  /** Carries this nail's structure over to others, in proportion. */
  @PostMapping("/{finger}/copy")
  String copy(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(required = false) Set<Finger> to,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    Map<Finger, Map<Quantity, Double>> values = new EnumMap<>(Finger.class);
    for (Finger other : to == null ? Set.<Finger>of() : to) {
      if (other != finger && !planned.of(other).stopped()) {
        values.put(
            other,
            StructureCopy.inProportion(
                planned.plan().wish(), planned.of(finger), planned.of(other)));
      }
    }
    editor.copyStructure(id, values);
    show(unchanged(reader.planned(id)), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  @PostMapping("/{finger}/undo")
  String undo(
      @PathVariable long id,
      @PathVariable Finger finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(history.undo(id)), finger, plain(shown), seat, model);
    return "structure/parts :: answer";
  }

  @PostMapping("/{finger}/redo")
  String redo(
      @PathVariable long id,
      @PathVariable Finger finger,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(history.redo(id)), finger, plain(shown), seat, model);
    return "structure/parts :: answer";
  }

  /** Keeps what is chosen now under a name. */
  @PostMapping("/{finger}/versions")
  String keep(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String name,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    String kept = name.strip();
    boolean fits = !kept.isEmpty() && kept.length() <= SetState.LONGEST_NAME;
    if (fits) {
      history.keep(id, kept);
    }
    Edit edit =
        fits
            ? new Edit.Saved()
            : new Edit.Refused("Give it a name of up to " + SetState.LONGEST_NAME + " letters.");
    show(new Edited(edit, null, reader.planned(id)), finger, shown, seat, model);
    if (edit instanceof Edit.Refused refused) {
      model.addAttribute("nameTyped", name);
      model.addAttribute("nameWhy", refused.why());
    }
    return "structure/parts :: answer";
  }

  @PostMapping("/{finger}/versions/{version}")
  String returnTo(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable long version,
      Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(history.returnTo(id, version)), finger, plain(shown), seat, model);
    return "structure/parts :: answer";
  }

  private static Shown plain(Shown shown) {
    return new Shown(shown.look(), shown.ghost(), shown.light(), shown.day(), null);
  }

  private static Map<Quantity, Double> held(Map<String, String> values) {
    Map<Quantity, Double> held = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Adjustments.QUANTITIES) {
      String typed = values.get(quantity.name());
      if (typed != null) {
        Numbers.parse(typed, quantity)
            .ifPresent(
                value ->
                    held.put(
                        quantity, Math.max(quantity.least(), Math.min(quantity.most(), value))));
      }
    }
    return held;
  }

  private static Edited unchanged(PlannedSet planned) {
    return new Edited(new Edit.Saved(), null, planned);
  }

  private void show(Edited edited, Finger finger, Shown shown, Seat seat, Model model) {
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
    model.addAttribute("standing", history.standing(planned.id()));
    model.addAttribute("ghosts", ghosts(planned));
    model.addAttribute(
        "fields",
        FIELDS.stream()
            .map(
                quantity ->
                    edited.shown(
                        NumberField.stored(nail, quantity, computed(plan, quantity), "computed")))
            .toList());
    model.addAttribute("byHand", !nail.adjustments().values().isEmpty());
    model.addAttribute("findings", Findings.of(plan, neighbours(planned, plan)));
    model.addAttribute("remedies", remedies(planned, plan));
    model.addAttribute("remediesFor", remediesFor(plan));
    model.addAttribute("school", planned.set().getSchool());
    model.addAttribute("schools", ApexSchool.values());
    model.addAttribute("arch", planned.set().getArch());
    model.addAttribute("arches", UpperArch.values());
    model.addAttribute("across", planned.set().getAcross());
    model.addAttribute("acrosses", CrossThickness.values());
    model.addAttribute("wearDays", planned.set().getWearDays());
    model.addAttribute("prep", PrepStep.values());
    model.addAttribute("skipped", planned.set().getSkipped());
    if (!plan.stopped()) {
      showLook(look, planned, plan, shown, seat, model);
    } else {
      model.addAttribute("scene", null);
    }
  }

  private void showLook(
      LookAt look, PlannedSet planned, NailPlan plan, Shown shown, Seat seat, Model model) {
    var wish = planned.plan().wish();
    switch (look) {
      case NAIL ->
          model.addAttribute(
              "scene",
              WorkbenchDrawing.of(
                  plan,
                  new WorkbenchDrawing.Shown(true, shown.lit(), ghost(planned, plan, shown), 0)));
      case SCHOOLS -> {
        List<Comparison> apex = Comparison.ofApex(wish, plan);
        List<Comparison> arch = Comparison.ofArch(wish, plan);
        model.addAttribute("scene", ComparisonDrawing.of(plan, apex));
        model.addAttribute("archScene", ComparisonDrawing.of(plan, arch));
        model.addAttribute("apexRows", SchoolRow.of(apex));
        model.addAttribute("archRows", SchoolRow.of(arch));
        model.addAttribute("acrossRows", SchoolRow.of(Comparison.ofCrossThickness(wish, plan)));
      }
      case BARREL -> {
        model.addAttribute("scene", PinchDrawing.of(plan));
        model.addAttribute("pinches", PinchRow.of(Pinch.along(plan.build())));
      }
      case TEN -> {
        model.addAttribute(
            "scene", TenDrawing.margins(planned.plan().nails(), seat, plan.nail().finger()));
        model.addAttribute("weakest", planned.plan().weakest().orElse(null));
        model.addAttribute(
            "others",
            Finger.asSeenFrom(seat).stream()
                .filter(other -> other != plan.nail().finger() && !planned.of(other).stopped())
                .toList());
      }
      case WEEKS -> {
        Outlook outlook = plan.outlook();
        int day =
            Math.max(0, Math.min(Outlook.LOOKED_AHEAD, shown.day() == null ? 0 : shown.day()));
        model.addAttribute("day", day);
        model.addAttribute("lastDay", Outlook.LOOKED_AHEAD);
        model.addAttribute("outlook", OutlookWords.of(planned, plan, outlook, day));
        model.addAttribute(
            "graph", OutlookDrawing.of(plan.nail().finger(), outlook, plan.wearing().days(), day));
        model.addAttribute(
            "scene",
            WorkbenchDrawing.of(
                plan,
                new WorkbenchDrawing.Shown(false, false, Optional.empty(), outlook.on(day).gap())));
      }
      case ROUND ->
          model.addAttribute("scene", WorkbenchDrawing.of(plan, WorkbenchDrawing.Shown.AT_WORK));
    }
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
        neighbours.add(Neighbour.of(planned.plan().wish(), plan, planned.of(hand.get(beside))));
      }
    }
    return neighbours;
  }

  /**
   * A remedy as it is offered.
   *
   * @param what to do
   * @param then what it comes to
   */
  record Offer(int place, String what, String then) {}

  /** What the remedies are for; null if nothing is wrong. */
  private static String remediesFor(NailPlan plan) {
    if (plan.stopped()) {
      return null;
    }
    return plan.length().shortenedByStrength()
        ? "What would carry " + Numbers.mm(plan.length().asked())
        : plan.endurance().holds() ? null : "What would help";
  }

  private static List<Offer> remedies(PlannedSet planned, NailPlan plan) {
    List<Offer> offers = new ArrayList<>();
    for (Remedy remedy : Remedy.of(planned.plan().wish(), plan)) {
      offers.add(
          new Offer(
              offers.size(),
              StructureWords.remedy(remedy.change()),
              Numbers.mm(remedy.extension())
                  + " long, apex "
                  + Numbers.thickness(remedy.apex().thickness())
                  + ", least margin "
                  + Numbers.format(remedy.endurance().weakest().value(), 2)));
    }
    return offers;
  }

  private List<GhostChoice> ghosts(PlannedSet planned) {
    List<GhostChoice> choices = new ArrayList<>();
    choices.add(new GhostChoice("", "compare with …"));
    if (planned.lastVisit().isPresent()) {
      choices.add(new GhostChoice("last", "the last visit"));
    }
    for (ApexSchool school : ApexSchool.values()) {
      if (school != planned.set().getSchool()) {
        choices.add(new GhostChoice("school-" + school.name(), "an apex over " + school.label()));
      }
    }
    history
        .standing(planned.id())
        .versions()
        .forEach(
            version ->
                choices.add(
                    new GhostChoice("version-" + version.getId(), "version " + version.getName())));
    return choices;
  }

  /** What the nail is compared with; empty if that is gone or nothing. */
  private Optional<WorkbenchDrawing.Ghost> ghost(PlannedSet planned, NailPlan plan, Shown shown) {
    if (shown.remedy() != null) {
      return previewed(planned, plan, shown.remedy());
    }
    String code = shown.compared();
    Finger finger = plan.nail().finger();
    if (code.equals("last") && planned.lastVisit().isPresent()) {
      return Optional.of(
          ghost("last visit", reader.planned(planned.lastVisit().get().getId()).of(finger)));
    }
    if (code.startsWith("school-")) {
      return Comparison.ofApex(planned.plan().wish(), plan).stream()
          .filter(comparison -> code.equals("school-" + comparison.school().name()))
          .findFirst()
          .map(
              comparison ->
                  new WorkbenchDrawing.Ghost(
                      comparison.school().label(), comparison.build(), comparison.arches()));
    }
    if (code.matches("version-\\d{1,18}")) {
      long version = Long.parseLong(code.substring("version-".length()));
      return history.standing(planned.id()).versions().stream()
          .filter(state -> state.getId() == version)
          .findFirst()
          .map(state -> ghost(state.getName(), history.planned(planned.id(), version).of(finger)));
    }
    return Optional.empty();
  }

  private static WorkbenchDrawing.Ghost ghost(String name, NailPlan plan) {
    return new WorkbenchDrawing.Ghost(name, plan.build(), plan.arches());
  }

  private static Optional<WorkbenchDrawing.Ghost> previewed(
      PlannedSet planned, NailPlan plan, int place) {
    return Remedy.of(planned.plan().wish(), plan).stream()
        .skip(Math.max(0, place))
        .findFirst()
        .map(
            remedy ->
                new WorkbenchDrawing.Ghost(
                    StructureWords.remedy(remedy.change()), remedy.build(), remedy.arches()));
  }

  /** What holds while a field is empty. */
  private static double computed(NailPlan plan, Quantity quantity) {
    return switch (quantity) {
      case EXTENSION -> plan.extension();
      case APEX_THICKNESS -> plan.advised().thickness();
      case APEX_POSITION -> 100 * plan.advised().at() / plan.nail().plateLength();
      case EDGE_THICKNESS -> SetPlanner.USUAL_EDGE_THICKNESS;
      case SIDE_THICKNESS -> plan.build().across().side(plan.build().profile().apexThickness());
      case BARREL_DEPTH -> 100 * plan.shape().barrelDepthRatio();
      default ->
          throw new IllegalArgumentException(quantity.label() + " is not set on the workbench");
    };
  }
}
