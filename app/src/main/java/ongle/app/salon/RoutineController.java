package ongle.app.salon;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.CleanText;
import ongle.app.web.Edit;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.bench.Routine;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The salon's steps: in its order and by its names, as far as safety and chemistry let it. */
@Controller
@Needs(Right.SALON)
@RequestMapping("/salon/steps")
class RoutineController {
  private final SalonSettings settings;

  RoutineController(SalonSettings settings) {
    this.settings = settings;
  }

  /**
   * A line of the routine.
   *
   * @param notEarlier why it cannot come earlier; null when it can
   * @param notLater why it cannot come later; null when it can
   */
  record Row(
      String code,
      String name,
      boolean renamed,
      boolean own,
      String time,
      String notEarlier,
      String notLater) {}

  /** A step of one's own as typed. */
  record OwnStep(String name, String seconds, String after) {
    static final OwnStep NOTHING = new OwnStep("", "60", "");

    /** A field that was not sent is empty. */
    OwnStep {
      name = CleanText.orEmpty(name);
      seconds = CleanText.orEmpty(seconds);
      after = CleanText.orEmpty(after);
    }
  }

  @GetMapping
  String page(Model model) {
    return show(OwnStep.NOTHING, model);
  }

  @PostMapping("/move")
  String move(@RequestParam String code, @RequestParam int by, Model model) {
    return change(routine -> routine.moved(code, by), OwnStep.NOTHING, model);
  }

  @PostMapping("/rename")
  String rename(@RequestParam String code, @RequestParam String name, Model model) {
    model.addAttribute("nameTyped", name);
    model.addAttribute("nameOf", code);
    return change(routine -> routine.renamed(code, name), OwnStep.NOTHING, model);
  }

  @PostMapping("/add")
  String add(@RequestParam UUID formKey, OwnStep own, Model model) {
    String code = "own-" + formKey.toString().substring(0, 8);
    return change(
        routine ->
            routine.has(code)
                ? routine // sent twice
                : routine.withOwn(code, own.name(), seconds(own), own.after()),
        own,
        model);
  }

  /** 0, which no step takes, for what is no number. */
  private static int seconds(OwnStep own) {
    return Numbers.parse(own.seconds()).map(Double::intValue).orElse(0);
  }

  @PostMapping("/remove")
  String remove(@RequestParam String code, Model model) {
    return change(routine -> routine.without(code), OwnStep.NOTHING, model);
  }

  /** Back to the usual steps. */
  @PostMapping("/usual")
  String usual(Model model) {
    return change(routine -> Routine.USUAL, OwnStep.NOTHING, model);
  }

  private String change(UnaryOperator<Routine> how, OwnStep typed, Model model) {
    Optional<String> why = settings.work(how);
    model.addAttribute("edit", why.isPresent() ? new Edit.Refused(why.get()) : new Edit.Saved());
    why.ifPresent(text -> model.addAttribute("why", text));
    show(why.isPresent() ? typed : OwnStep.NOTHING, model);
    return "salon/steps :: answered";
  }

  private String show(OwnStep typed, Model model) {
    Routine routine = settings.routine();
    model.addAttribute("lines", rows(routine));
    model.addAttribute("own", typed);
    model.addAttribute("formKey", UUID.randomUUID());
    model.addAttribute("longest", Routine.LONGEST_NAME);
    return "salon/steps";
  }

  private static List<Row> rows(Routine routine) {
    List<Routine.Line> lines = routine.lines();
    return lines.stream()
        .map(
            line ->
                new Row(
                    line.code(),
                    Words.of(line),
                    line.name().isPresent() && !line.own(),
                    line.own(),
                    line.own() ? Words.say("salon.own-seconds", "seconds", line.ownSeconds()) : "",
                    line == lines.get(0)
                        ? Words.say("salon.first-step")
                        : routine.fixed(line.code(), -1).map(Words::of).orElse(null),
                    line == lines.get(lines.size() - 1)
                        ? Words.say("salon.last-step")
                        : routine.fixed(line.code(), 1).map(Words::of).orElse(null)))
        .toList();
  }
}
