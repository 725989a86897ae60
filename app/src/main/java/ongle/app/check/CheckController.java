package ongle.app.check;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.app.drawing.NailDrawing;
import ongle.app.drawing.Scene;
import ongle.app.editing.Edited;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.frame.NumberField;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.sets.Taken;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.bench.FilingRoutine;
import ongle.core.check.AsBuilt;
import ongle.core.check.Fault;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.check.Surplus;
import ongle.core.nail.CrossCurve;
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
@Needs(Right.HANDS)
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
   * @param before what was measured of it before filing; null for the first time
   * @param surplus product over and under the plan, a line a zone
   * @param due the day its infill is due, as built beside as planned
   */
  record Look(
      Finger finger,
      NailCheck.Verdict verdict,
      @Nullable Scene scene,
      List<String> steps,
      @Nullable String before,
      List<MarginRow> margins,
      List<SurplusRow> surplus,
      @Nullable String due) {}

  /** Product over and under the plan in one zone, mm³ with their sign. */
  record SurplusRow(Surplus.Zone zone, String left, String right) {}

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
  String look(
      @PathVariable long id,
      @PathVariable Finger finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedVisit visit = visits.of(id);
    model.addAttribute("look", look(visit, checks.of(visit.planned()), finger));
    model.addAttribute(
        "page", SetPage.of(visit.planned(), Stage.CHECK, Stage.CHECK.path(), finger, seat));
    return "check/page :: looked";
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

  /** The barrel by the guide circle that fits it. */
  @PostMapping("/{finger}/circle")
  String circle(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String diameter,
      @ModelAttribute("seat") Seat seat,
      @ModelAttribute("technician") String technician,
      Model model) {
    PlannedSet planned = visits.of(id).planned();
    double width = planned.of(finger).build().fullBarrel().chord();
    Optional<Double> given = Numbers.parse(diameter).filter(each -> each > 0);
    Optional<CrossCurve> fits = given.flatMap(each -> CrossCurve.onCircle(width, each));
    if (fits.isPresent()) {
      String depth = Numbers.plain(fits.get().depth(), Quantity.BUILT_BARREL.decimals());
      return type(
          id,
          finger,
          Quantity.BUILT_BARREL,
          depth,
          NumberField.stored(planned.set().nail(finger), Quantity.BUILT_BARREL, 0, "").seen(),
          Taken.How.TYPED,
          seat,
          technician,
          model);
    }
    show(visits.of(id), finger, seat, model);
    String why =
        given
            .map(each -> Words.say("check.circle.small", "diameter", each, "width", width))
            .orElseGet(() -> Words.say("check.circle.none"));
    model.addAttribute("edit", new Edit.Refused(why));
    model.addAttribute("circle", diameter);
    model.addAttribute("circleWhy", why);
    model.addAttribute("field", field(planned, finger, Quantity.BUILT_BARREL));
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
        SetPage.of(planned, Stage.CHECK, Stage.CHECK.path(), finger, seat)
            .with(CheckWords.figures(check)));
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
    model.addAttribute("good", check.good());
    model.addAttribute("begun", check.nails().values().stream().anyMatch(NailCheck::seen));
    model.addAttribute("out", check.outOfTheTen().map(Words::of).orElse(null));
    model.addAttribute("rounds", checks.said(planned.id()));
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

  private Look look(PlannedVisit visit, SetCheck check, Finger finger) {
    Optional<NailCheck> of = check.of(finger);
    if (of.isEmpty()) {
      return new Look(
          finger, NailCheck.Verdict.UNSEEN, null, List.of(), null, List.of(), List.of(), null);
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
        before(checks.before(visit.planned().id()).getOrDefault(finger, Map.of())),
        nail.seen() ? margins : List.of(),
        surplus(nail),
        nail.seen()
            ? Words.say("check.due", "built", due, "planned", nail.plan().outlook().due().day())
            : null);
  }

  private static @Nullable String before(Map<Quantity, Double> measured) {
    return measured.isEmpty()
        ? null
        : AsBuilt.QUANTITIES.stream()
            .filter(measured::containsKey)
            .map(
                quantity ->
                    Words.of(quantity) + " " + Numbers.format(quantity, measured.get(quantity)))
            .collect(Collectors.joining(", "));
  }

  /** Only what is worth a stroke of the file or a bead. */
  private static List<SurplusRow> surplus(NailCheck nail) {
    List<SurplusRow> rows = new ArrayList<>();
    for (Surplus.Zone zone : Surplus.Zone.values()) {
      double left = nail.net(zone, true);
      double right = nail.net(zone, false);
      if (Math.max(Math.abs(left), Math.abs(right)) >= Surplus.WORTH_A_STROKE) {
        rows.add(new SurplusRow(zone, Numbers.signed(left, 1), Numbers.signed(right, 1)));
      }
    }
    return rows;
  }

  /** What is off, in the salon's order of filing, and then what the eye found. */
  private static List<String> steps(NailCheck nail, FilingRoutine routine) {
    List<String> steps = new ArrayList<>();
    nail.faults().stream()
        .sorted(Comparator.comparingInt(fault -> place(fault.kind().zone(), routine)))
        .map(fault -> says(fault, nail))
        .forEach(steps::add);
    nail.eye()
        .forEach(
            (look, found) -> {
              if (found != ongle.core.check.Look.Found.PASS) {
                steps.add(Words.say("check.seen", "look", look, "found", found));
              }
            });
    return steps;
  }

  private static int place(Fault.Zone zone, FilingRoutine routine) {
    return routine == FilingRoutine.SIDES_FIRST && zone == Fault.Zone.SIDES ? -1 : zone.ordinal();
  }

  private static String says(Fault fault, NailCheck nail) {
    String says =
        Words.say(
            "check.says." + fault.kind().name(),
            "by",
            fault.by(),
            "may",
            fault.may(),
            "held",
            String.valueOf(fault.held()));
    double bead = nail.bead(fault.kind());
    return bead >= Surplus.WORTH_A_STROKE
        ? says + " " + Words.say("check.bead", "volume", bead)
        : says;
  }
}
