package ongle.app.structure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.drawing.WorkbenchDrawing;
import ongle.app.sets.Edited;
import ongle.app.sets.NumberField;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetEditor;
import ongle.app.sets.SetNail;
import ongle.app.sets.SetPage;
import ongle.app.sets.SetReader;
import ongle.app.sets.Stage;
import ongle.app.sets.Typed;
import ongle.app.web.Edit;
import ongle.app.web.Numbers;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.Adjustments;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The workbench: one nail large, in three views, with what it carries. */
@Controller
@RequestMapping("/sets/{id}/structure")
class StructureController {
  /** What can be set by hand, in the order it is offered. */
  private static final List<Quantity> FIELDS =
      List.of(
          Quantity.APEX_THICKNESS,
          Quantity.APEX_POSITION,
          Quantity.EDGE_THICKNESS,
          Quantity.BARREL_DEPTH);

  private final SetReader reader;
  private final SetEditor editor;

  StructureController(SetReader reader, SetEditor editor) {
    this.reader = reader;
    this.editor = editor;
  }

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(reader.planned(id)), SetPage.chosen(finger, seat), seat, model);
    return "structure/page";
  }

  /** A typed value; saved. */
  @PostMapping("/{finger}/{quantity}")
  String type(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable Quantity quantity,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String seen,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(editor.type(id, finger, List.of(new Typed(quantity, value, seen))), finger, seat, model);
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
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(unchanged(reader.planned(id, finger, held(values))), finger, seat, model);
    return "structure/parts :: tried";
  }

  /** A handle let go of: its values saved, unless another window changed them meanwhile. */
  @PostMapping("/{finger}/handle")
  String letGo(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Map<String, String> values,
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
    show(editor.type(id, finger, typed), finger, seat, model);
    return "structure/parts :: answer";
  }

  /** Back to what is computed, for one nail. */
  @PostMapping("/{finger}/computed")
  String computed(
      @PathVariable long id,
      @PathVariable Finger finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(editor.leaveToPlan(id, finger), finger, seat, model);
    return "structure/parts :: answer";
  }

  @PostMapping("/school")
  String school(
      @PathVariable long id,
      @RequestParam Optional<ApexSchool> school,
      @RequestParam Optional<CrossThickness> across,
      @RequestParam Finger finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    school.ifPresent(wanted -> editor.placeApex(id, wanted));
    across.ifPresent(wanted -> editor.spread(id, wanted));
    show(unchanged(reader.planned(id)), finger, seat, model);
    return "structure/parts :: answer";
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

  private static void show(Edited edited, Finger finger, Seat seat, Model model) {
    PlannedSet planned = edited.planned();
    SetPage.show(planned, Stage.STRUCTURE, finger, seat, model);
    NailPlan plan = planned.of(finger);
    SetNail nail = planned.set().nail(finger);
    model.addAttribute("id", planned.id());
    model.addAttribute("finger", finger);
    model.addAttribute("plan", plan);
    model.addAttribute("edit", edited.edit());
    model.addAttribute("scene", plan.stopped() ? null : WorkbenchDrawing.of(plan, true));
    model.addAttribute(
        "fields",
        FIELDS.stream()
            .map(
                quantity ->
                    edited.shown(
                        NumberField.stored(
                            nail, quantity, computed(planned, plan, quantity), "computed")))
            .toList());
    model.addAttribute("byHand", !nail.adjustments().values().isEmpty());
    model.addAttribute("findings", Findings.of(plan));
    model.addAttribute("school", planned.set().getSchool());
    model.addAttribute("schools", ApexSchool.values());
    model.addAttribute("acrosses", CrossThickness.values());
    model.addAttribute("across", planned.set().getAcross());
  }

  /** What holds while a field is empty. */
  private static double computed(PlannedSet planned, NailPlan plan, Quantity quantity) {
    return switch (quantity) {
      case APEX_THICKNESS -> plan.advisedApex().apexThickness();
      case APEX_POSITION -> planned.set().getSchool().position();
      case EDGE_THICKNESS -> SetPlanner.USUAL_EDGE_THICKNESS;
      case BARREL_DEPTH -> 100 * plan.shape().barrelDepthRatio();
      default ->
          throw new IllegalArgumentException(quantity.label() + " is not set on the workbench");
    };
  }
}
