package ongle.app.structure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ongle.app.editing.Change;
import ongle.app.editing.Edited;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.frame.SetPage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.products.Products;
import ongle.app.web.Edit;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Remedy;
import ongle.core.plan.StructureCopy;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Structure: one nail large, what it carries and what would help. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/structure")
class StructureController {
  private final SetReader reader;
  private final SetEditor editor;
  private final StructurePage page;
  private final Products products;

  StructureController(SetReader reader, SetEditor editor, StructurePage page, Products products) {
    this.products = products;
    this.reader = reader;
    this.editor = editor;
    this.page = page;
  }

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(reader.planned(id)), SetPage.chosen(finger, seat), shown, seat, model);
    return "structure/page";
  }

  /** Another view of the same nail, or the same with something to compare. */
  @GetMapping("/{finger}/show")
  String look(
      @PathVariable long id,
      @PathVariable Finger finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(reader.planned(id)), finger, shown, seat, model);
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
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(
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
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(reader.planned(id, finger, held(values))), finger, shown, seat, model);
    return "structure/parts :: tried";
  }

  /** A handle let go of: its values saved, unless another window changed them meanwhile. */
  @PostMapping("/{finger}/handle")
  String letGo(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Map<String, String> values,
      StructurePage.Shown shown,
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
    page.show(editor.type(id, finger, typed), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  /** Back to what is computed, for one nail. */
  @PostMapping("/{finger}/computed")
  String computed(
      @PathVariable long id,
      @PathVariable Finger finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(editor.make(id, Change.computed(finger))), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  @PostMapping("/school")
  String school(
      @PathVariable long id,
      @RequestParam Optional<ApexSchool> school,
      @RequestParam Optional<UpperArch> arch,
      @RequestParam Optional<CrossThickness> across,
      @RequestParam Finger finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned =
        editor.make(
            id,
            Stream.of(school.map(Change::apex), arch.map(Change::arch), across.map(Change::across))
                .flatMap(Optional::stream)
                .toList());
    page.show(Edited.saved(planned), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  /** How long it has to last, and what of the preparation is left out. */
  @PostMapping("/wear")
  String wear(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String days,
      @RequestParam(required = false) Set<PrepStep> done,
      @RequestParam Finger finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<Double> typed =
        Numbers.parse(days, Quantity.WEAR_DAYS).filter(Quantity.WEAR_DAYS::allows);
    Edit edit =
        typed.isPresent()
            ? new Edit.Saved()
            : new Edit.Refused(
                Words.say("number.wanted", "range", Numbers.range(Quantity.WEAR_DAYS)));
    List<Change> changes = new ArrayList<>();
    typed.ifPresent(wanted -> changes.add(Change.lastFor((int) Math.round(wanted))));
    Set<PrepStep> skipped = new java.util.TreeSet<>(List.of(PrepStep.values()));
    skipped.removeAll(done == null ? Set.of() : done);
    changes.add(Change.leaveOut(skipped));
    page.show(new Edited(edit, null, editor.make(id, changes)), finger, shown, seat, model);
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
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    // By its code, not by its place alone: another window may have changed the list.
    Optional<Remedy> wanted =
        Remedy.of(planned.plan(), planned.of(finger), products.all()).stream()
            .filter(remedy -> remedy.code().equals(what))
            .findFirst();
    PlannedSet then =
        wanted.map(remedy -> editor.make(id, Change.remedy(finger, remedy))).orElse(planned);
    Edit edit =
        wanted.isPresent()
            ? new Edit.Saved()
            : new Edit.Refused(Words.say("structure.plan-changed"));
    page.show(new Edited(edit, null, then), finger, shown.settled(), seat, model);
    return "structure/parts :: answer";
  }

  /** Carries this nail's structure over to others, in proportion. */
  @PostMapping("/{finger}/copy")
  String copy(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(required = false) Set<Finger> to,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    Map<Finger, Map<Quantity, Double>> values = new EnumMap<>(Finger.class);
    for (Finger other : to == null ? Set.<Finger>of() : to) {
      if (other != finger && !planned.of(other).stopped()) {
        values.put(
            other,
            StructureCopy.inProportion(planned.plan(), planned.of(finger), planned.of(other)));
      }
    }
    page.show(Edited.saved(editor.make(id, Change.byHand(values))), finger, shown, seat, model);
    return "structure/parts :: answer";
  }

  private static Map<Quantity, Double> held(Map<String, String> values) {
    Map<Quantity, Double> held = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Adjustments.QUANTITIES) {
      String typed = values.get(quantity.name());
      if (typed != null) {
        Numbers.parse(typed, quantity)
            .ifPresent(value -> held.put(quantity, quantity.range().held(value)));
      }
    }
    return held;
  }
}
