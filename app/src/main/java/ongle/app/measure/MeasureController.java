package ongle.app.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ongle.app.drawing.HowToMeasureDrawing;
import ongle.app.editing.Change;
import ongle.app.editing.Edited;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.frame.NumberField;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetNail;
import ongle.app.sets.Taken;
import ongle.app.web.Edit;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.Reading;
import ongle.core.nail.Readings;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Measuring: ten nails, quantity by quantity, finger by finger. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/measure")
class MeasureController {
  private final SetReader reader;
  private final SetEditor editor;

  MeasureController(SetReader reader, SetEditor editor) {
    this.reader = reader;
    this.editor = editor;
  }

  /** One quantity over the ten. */
  record Row(Quantity quantity, List<NumberField> fields) {}

  /** What the eye sees on one finger. */
  record LookOver(Finger finger, PlateCondition condition, SkinState skin) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    List<Finger> order = Finger.asSeenFrom(seat);
    // Where the typing goes on: the first finger whose width is not known.
    Finger chosen =
        finger
            .or(
                () ->
                    order.stream()
                        .filter(f -> planned.set().nail(f).value(Quantity.WIDTH).isEmpty())
                        .findFirst())
            .orElse(order.get(0));
    SetPage.show(planned, Stage.MEASURE, chosen, seat, model);
    model.addAttribute(
        "rows",
        rows(planned).stream()
            .map(
                quantity ->
                    new Row(
                        quantity, order.stream().map(f -> field(planned, f, quantity)).toList()))
            .toList());
    model.addAttribute("looks", order.stream().map(f -> look(planned, f)).toList());
    model.addAttribute("skins", SkinState.values());
    showHow(planned, chosen, Quantity.WIDTH, model);
    showProgress(planned, model);
    return "measure/page";
  }

  /** How this quantity is measured on this finger, as a drawing. */
  @GetMapping("/{finger}/{quantity}/how")
  String how(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable Quantity quantity,
      Model model) {
    showHow(reader.planned(id), finger, quantity, model);
    return "measure/page :: how";
  }

  @PostMapping("/{finger}/{quantity}")
  String type(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable Quantity quantity,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String seen,
      @RequestParam(defaultValue = "TYPED") Taken.How how,
      @ModelAttribute("seat") Seat seat,
      @ModelAttribute("technician") String technician,
      Model model) {
    Edited edited =
        editor.type(id, finger, List.of(new Typed(quantity, value, seen, how, technician)));
    PlannedSet planned = edited.planned();
    SetPage.show(planned, Stage.MEASURE, finger, seat, model);
    model.addAttribute("id", id);
    model.addAttribute("edit", edited.edit());
    model.addAttribute("field", field(planned, finger, quantity).after(edited));
    model.addAttribute("estimates", estimatesTouchedBy(planned, finger, quantity));
    showProgress(planned, model);
    return "measure/answer";
  }

  @PostMapping("/{finger}/look")
  String look(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "false") boolean plate,
      @RequestParam(required = false) Set<PlateFinding> finding,
      @RequestParam Optional<SkinState> skin,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    List<Change> changes = new ArrayList<>();
    if (plate) {
      changes.add(Change.plate(finger, new PlateCondition(finding == null ? Set.of() : finding)));
    }
    skin.ifPresent(seen -> changes.add(Change.skin(finger, seen)));
    PlannedSet planned = editor.make(id, changes);
    SetPage.show(planned, Stage.MEASURE, finger, seat, model);
    showProgress(planned, model);
    model.addAttribute("look", look(planned, finger));
    model.addAttribute("edit", new Edit.Saved());
    return plate ? "measure/parts :: looked" : "measure/parts :: after";
  }

  /** Copies to the other hand; the whole page answers, as a whole column changed. */
  @PostMapping("/{finger}/twin")
  String twin(
      @PathVariable long id,
      @PathVariable Finger finger,
      @ModelAttribute("technician") String technician) {
    editor.note(id, Change.copyToTwin(finger, technician));
    return "redirect:/sets/" + id + "/measure?finger=" + finger;
  }

  private static void showHow(PlannedSet planned, Finger finger, Quantity quantity, Model model) {
    Reading reading = reading(planned, finger, quantity);
    Optional<NailSet> last = planned.lastVisit();
    model.addAttribute(
        "how",
        new How(
            finger,
            quantity,
            reading,
            HowToMeasureDrawing.of(planned.of(finger).item().nail(), quantity, reading.value()),
            planned.set().nail(finger).taken(quantity).map(VisitWords::taken).orElse(null),
            last.flatMap(set -> VisitWords.before(set, finger, quantity)).orElse(null)));
  }

  /**
   * A finger, what is measured on it, and the drawing that shows how.
   *
   * @param taken how the value came about; null if there is none
   * @param before what it was at the last visit; null if it is not known
   */
  record How(
      Finger finger,
      Quantity quantity,
      Reading reading,
      ongle.app.drawing.Scene scene,
      String taken,
      String before) {}

  /** What is measured at this visit: the plates, and at a later visit the regrowth. */
  private static List<Quantity> rows(PlannedSet planned) {
    List<Quantity> rows = new ArrayList<>(Readings.OF_A_PLATE);
    if (planned.lastVisit().isPresent()) {
      rows.add(Quantity.REGROWTH);
    }
    return rows;
  }

  private static Reading reading(PlannedSet planned, Finger finger, Quantity quantity) {
    if (quantity != Quantity.REGROWTH) {
      return planned.readings().of(finger, quantity);
    }
    return planned
        .set()
        .nail(finger)
        .value(quantity)
        .map(value -> new Reading(value, Reading.Source.MEASURED))
        .orElseGet(
            () ->
                planned
                    .plan()
                    .wish()
                    .wearing()
                    .growth()
                    .expected(finger.digit(), planned.daysSinceLastVisit()));
  }

  private static void showProgress(PlannedSet planned, Model model) {
    model.addAttribute("measured", planned.set().measuredNails());
    model.addAttribute("estimated", 10 - planned.set().measuredNails());
  }

  private static NumberField field(PlannedSet planned, Finger finger, Quantity quantity) {
    Reading reading = reading(planned, finger, quantity);
    NumberField field =
        NumberField.stored(
            planned.set().nail(finger), quantity, reading.value(), Words.of(reading.source()));
    return planned.readings().unlikelySinceLastVisit(finger, quantity)
        ? field.noting(
            Words.say(
                "measure.last-time",
                "value",
                planned
                    .lastVisit()
                    .flatMap(set -> set.nail(finger).value(quantity))
                    .map(value -> Numbers.format(quantity, value))
                    .orElse("")))
        : field;
  }

  private static LookOver look(PlannedSet planned, Finger finger) {
    SetNail nail = planned.set().nail(finger);
    return new LookOver(finger, nail.getPlateCondition(), nail.getSkin());
  }

  /** Estimates still in sight that this edit may have moved. */
  private static List<NumberField> estimatesTouchedBy(
      PlannedSet planned, Finger edited, Quantity quantity) {
    List<NumberField> touched = new ArrayList<>();
    for (Quantity other : Readings.followers(quantity)) {
      for (Finger finger : Finger.values()) {
        boolean itself = finger == edited && other == quantity;
        if (!itself && !planned.readings().of(finger, other).measured()) {
          touched.add(field(planned, finger, other));
        }
      }
    }
    return touched;
  }
}
