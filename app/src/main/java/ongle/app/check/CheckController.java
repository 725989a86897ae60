package ongle.app.check;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.drawing.NailDrawing;
import ongle.app.drawing.Scene;
import ongle.app.editing.Edited;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.frame.NumberField;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.planning.PlannedSet;
import ongle.app.sets.Taken;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.NotFound;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import ongle.core.bench.FilingRoutine;
import ongle.core.check.AsBuilt;
import ongle.core.check.Fault;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.structure.FailureMode;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What was built, against what was planned: ten nails, measure by measure, finger by finger. */
@Controller
@RequestMapping("/sets/{id}/check")
class CheckController {
  private final VisitPlanner visits;
  private final SetEditor editor;
  private final Checks checks;

  CheckController(VisitPlanner visits, SetEditor editor, Checks checks) {
    this.visits = visits;
    this.editor = editor;
    this.checks = checks;
  }

  /**
   * A place of the grid.
   *
   * @param field null on a nail that is not built on
   */
  record Cell(Finger finger, @Nullable NumberField field) {}

  /** One measure over the ten. */
  record Row(Quantity quantity, List<Cell> cells) {}

  /** One cause, as planned and as built; the share of its aim. */
  record MarginRow(String cause, String planned, String built, boolean less) {}

  /**
   * One nail looked at.
   *
   * @param scene as built, its plan behind it
   * @param steps what is off, in the order it is filed
   * @param due the day its infill is due, as built beside as planned
   */
  record Look(
      Finger finger,
      NailCheck.Verdict verdict,
      @Nullable Scene scene,
      List<String> steps,
      List<MarginRow> margins,
      @Nullable String due) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(visits.of(id), finger.orElse(null), seat, model);
    return "check/page";
  }

  @GetMapping(path = "/built.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv(@PathVariable long id) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("check-" + id + ".csv").build().toString())
        .body(CheckCsv.write(checks.of(visits.of(id).planned())).getBytes(StandardCharsets.UTF_8));
  }

  /** One nail, as its fields are come to. */
  @GetMapping("/{finger}/look")
  String look(@PathVariable long id, @PathVariable Finger finger, Model model) {
    PlannedVisit visit = visits.of(id);
    model.addAttribute("look", look(visit, checks.of(visit.planned()), finger));
    return "check/page :: look";
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
    if (!AsBuilt.QUANTITIES.contains(quantity)) {
      throw new NotFound("a measure of " + quantity);
    }
    Edited edited =
        editor.type(id, finger, List.of(new Typed(quantity, value, seen, how, technician)));
    PlannedVisit visit = visits.of(edited.planned());
    show(visit, finger, seat, model);
    model.addAttribute("edit", edited.edit());
    model.addAttribute("field", field(edited.planned(), finger, quantity).after(edited));
    return "check/page :: answer";
  }

  /** Measured again, after filing; what stood there is kept. */
  @PostMapping("/again")
  String again(@PathVariable long id) {
    checks.again(id);
    return "redirect:/sets/" + id + "/check";
  }

  @PostMapping("/good")
  String good(@PathVariable long id) {
    checks.close(id);
    return "redirect:/sets/" + id + "/check";
  }

  private void show(PlannedVisit visit, @Nullable Finger asked, Seat seat, Model model) {
    PlannedSet planned = visit.planned();
    SetCheck check = checks.of(planned);
    List<Finger> order = Finger.asSeenFrom(seat);
    Finger finger =
        asked != null
            ? asked
            : order.stream()
                .filter(each -> check.of(each).filter(nail -> !nail.seen()).isPresent())
                .findFirst()
                .orElse(order.get(0));
    model.addAttribute(
        "page",
        SetPage.of(planned, Stage.CHECK, Stage.CHECK.path(), finger, seat).with(figures(check)));
    model.addAttribute(
        "rows",
        AsBuilt.QUANTITIES.stream()
            .map(
                quantity ->
                    new Row(
                        quantity,
                        order.stream()
                            .map(
                                each ->
                                    new Cell(
                                        each,
                                        check.of(each).isPresent()
                                            ? field(planned, each, quantity)
                                            : null))
                            .toList()))
            .toList());
    model.addAttribute("look", look(visit, check, finger));
    model.addAttribute("good", checks.good(planned, check));
    model.addAttribute("begun", check.nails().values().stream().anyMatch(NailCheck::seen));
    model.addAttribute("out", check.outOfTheTen().map(Words::of).orElse(null));
    List<CheckRound> rounds = checks.rounds(planned.id());
    model.addAttribute(
        "rounds",
        rounds.stream()
            .map(
                round ->
                    Words.say(
                        round.isGood() ? "check.round.good" : "check.round",
                        "number",
                        round.number(),
                        "at",
                        Dates.of(round.at(), "time")))
            .toList());
  }

  private static NumberField field(PlannedSet planned, Finger finger, Quantity quantity) {
    double wanted = AsBuilt.planned(planned.of(finger), quantity);
    NumberField field =
        NumberField.stored(
            planned.set().nail(finger), quantity, wanted, Words.say("check.as-planned"));
    boolean anotherNail =
        quantity == Quantity.BUILT_LENGTH
            && planned
                .set()
                .nail(finger)
                .value(quantity)
                .filter(length -> length > wanted + NailCheck.NO_NAIL_OF_THIS_SET)
                .isPresent();
    return anotherNail ? field.noting(Words.say("check.another-nail")) : field;
  }

  static Map<Finger, String> figures(SetCheck check) {
    Map<Finger, String> figures = new EnumMap<>(Finger.class);
    check.nails().forEach((finger, nail) -> figures.put(finger, Words.of(nail.verdict(), "short")));
    return figures;
  }

  private static Look look(PlannedVisit visit, SetCheck check, Finger finger) {
    Optional<NailCheck> of = check.of(finger);
    if (of.isEmpty()) {
      return new Look(finger, NailCheck.Verdict.UNSEEN, null, List.of(), List.of(), null);
    }
    NailCheck nail = of.get();
    NailDrawing.Ghost planned =
        new NailDrawing.Ghost(
            Words.say("check.the-plan"), nail.plan().build(), nail.plan().arches(), true);
    List<MarginRow> margins = new ArrayList<>();
    for (FailureMode cause : FailureMode.values()) {
      double was = nail.plan().endurance().of(cause).ofAim();
      double is = nail.endurance().of(cause).ofAim();
      margins.add(
          new MarginRow(
              Words.of(cause),
              Words.say("check.of-aim", "share", 100 * was),
              Words.say("check.of-aim", "share", 100 * is),
              is < 1 && is < was));
    }
    int due = nail.outlook().due().day();
    return new Look(
        finger,
        nail.verdict(),
        NailDrawing.of(
            nail.plan().as(nail.built().build()),
            new NailDrawing.Shown(false, false, Optional.of(planned), 0)),
        steps(nail, visit.choices().filing()),
        nail.seen() ? margins : List.of(),
        nail.seen()
            ? Words.say("check.due", "built", due, "planned", nail.plan().outlook().due().day())
            : null);
  }

  /** What is off, in the salon's order of filing. */
  private static List<String> steps(NailCheck nail, FilingRoutine routine) {
    return nail.faults().stream()
        .sorted(Comparator.comparingInt(fault -> place(fault.kind().zone(), routine)))
        .map(CheckController::says)
        .toList();
  }

  private static int place(Fault.Zone zone, FilingRoutine routine) {
    return routine == FilingRoutine.SIDES_FIRST && zone == Fault.Zone.SIDES ? -1 : zone.ordinal();
  }

  static String says(Fault fault) {
    return Words.say(
        "check.says." + fault.kind().name(),
        "by",
        fault.by(),
        "may",
        fault.may(),
        "held",
        String.valueOf(fault.held()));
  }
}
