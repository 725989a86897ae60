package ongle.app.bench;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.drawing.PortionDrawing;
import ongle.app.drawing.StepDrawing;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.shelf.LotUse;
import ongle.app.shelf.Shelf;
import ongle.app.words.BenchWords;
import ongle.app.words.Dates;
import ongle.app.words.FitWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.NailState;
import ongle.core.bench.Presses;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import ongle.core.product.Handling;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The guide on the desk: one step after another, with its clocks. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/bench/guide")
class GuideController {
  private static final int SHOWN_AHEAD = 3;

  /** So long after a press taking it back is the likeliest next. */
  private static final Duration UNDO = Duration.ofSeconds(10);

  private final BenchDesk bench;
  private final Shelf shelf;
  private final ZoneId zone;

  GuideController(BenchDesk bench, Shelf shelf, Clock clock) {
    this.bench = bench;
    this.shelf = shelf;
    this.zone = clock.getZone();
  }

  /**
   * A clock as it is shown; the browser counts it down.
   *
   * @param soon what to say shortly before it is over; null for nothing
   * @param late what to do where it was missed; null for nothing
   */
  record ClockRow(
      String what,
      String where,
      long opens,
      long closes,
      @Nullable String soon,
      @Nullable String late) {}

  /** A step that is coming. */
  record NextRow(String title, String where) {}

  /** What one hand is at. */
  record HandRow(String hand, String state) {}

  /**
   * How far a finger is, in the order the hands are seen.
   *
   * @param state what its nail is like; null before it is worked on
   */
  record FingerRow(String finger, int behind, int total, boolean now, @Nullable NailState state) {}

  /** A finger of a step that is done on several. */
  record TickRow(String finger, String label, String figure, boolean ticked) {}

  /** A step that could come before the current one. */
  record InsteadRow(String step, String hand) {}

  @GetMapping
  String page(@PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    BenchDesk.Sitting sitting = bench.sitting(id);
    show(sitting, seat, model);
    SetPage.show(
        sitting.visit().planned(), Stage.BENCH, "bench", finger(sitting, seat), seat, model);
    return "bench/guide";
  }

  /** How it stands now, for a screen that was asleep or another one’s press. */
  @GetMapping("/now")
  String now(@PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    show(bench.sitting(id), seat, model);
    return "bench/guide :: desk";
  }

  @PostMapping("/begin")
  String begin(@PathVariable long id, @RequestParam(defaultValue = "false") boolean anew) {
    if (anew) {
      bench.startOver(id);
    } else {
      bench.begin(id);
    }
    return "redirect:/sets/" + id + "/bench/guide";
  }

  @PostMapping("/done")
  String done(
      @PathVariable long id,
      @RequestParam String step,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(bench.done(id, step), seat, model);
    return "bench/guide :: desk";
  }

  /** A press that was forgotten: the step took as long as the last of its kind. */
  @PostMapping("/done-as-last")
  String doneAsLast(
      @PathVariable long id,
      @RequestParam String step,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(bench.doneAsLast(id, step), seat, model);
    return "bench/guide :: desk";
  }

  /** Ticks a part or a finger of the current step. */
  @PostMapping("/tick")
  String tick(
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam String part,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    return pressed(id, (guide, now) -> guide.press().tick(step, part, now), seat, model);
  }

  @PostMapping("/skip")
  String skip(
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam(defaultValue = "") String reason,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    return pressed(id, (guide, now) -> guide.press().skip(step, reason, now), seat, model);
  }

  @PostMapping("/back")
  String back(@PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    return pressed(id, (guide, now) -> guide.press().back(now), seat, model);
  }

  /** Takes the other hand's next step before the one advised. */
  @PostMapping("/first")
  String first(
      @PathVariable long id,
      @RequestParam String step,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    return pressed(id, (guide, now) -> guide.press().first(step, now), seat, model);
  }

  /** Pause and go on, notes, product on skin, heat. */
  @PostMapping("/note")
  String note(
      @PathVariable long id,
      @RequestParam Event.Type type,
      @RequestParam(defaultValue = "") String step,
      @RequestParam(defaultValue = "") String text,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    return pressed(id, (guide, now) -> guide.press().note(type, step, text, now), seat, model);
  }

  private String pressed(
      long id, BiFunction<Guide, Instant, Presses.Answer> what, Seat seat, Model model) {
    show(bench.press(id, what), seat, model);
    return "bench/guide :: desk";
  }

  private static Finger finger(BenchDesk.Sitting sitting, Seat seat) {
    return sitting
        .guide()
        .flatMap(Guide::current)
        .map(step -> step.fingers().get(0))
        .orElse(Finger.asSeenFrom(seat).get(0));
  }

  private void show(BenchDesk.Sitting sitting, Seat seat, Model model) {
    model.addAttribute("id", sitting.visit().planned().id());
    model.addAttribute("clientId", sitting.visit().planned().client().getId());
    model.addAttribute("client", sitting.visit().planned().client().getName());
    model.addAttribute(
        "refusals", sitting.visit().plan().refusals().stream().map(Words::of).toList());
    model.addAttribute("said", sitting.said());
    model.addAttribute("clockTrouble", bench.clockTrouble().orElse(null));
    model.addAttribute("clockSpeed", bench.clockSpeed());
    model.addAttribute("serverNow", sitting.now().toEpochMilli());
    model.addAttribute("guide", sitting.guide().orElse(null));
    if (!sitting.noted().isEmpty()) {
      model.addAttribute("record", VisitRecord.of(sitting.noted(), zone));
    }
    sitting
        .guide()
        .ifPresent(
            guide -> {
              show(sitting, guide, sitting.now(), seat, model);
              model.addAttribute("ten", ten(guide, sitting.now(), seat));
              guide
                  .lastPress()
                  .ifPresent(at -> model.addAttribute("undoUntil", at.plus(UNDO).toEpochMilli()));
            });
  }

  private void show(BenchDesk.Sitting sitting, Guide guide, Instant now, Seat seat, Model model) {
    Optional<Step> current = guide.current();
    model.addAttribute("step", current.orElse(null));
    current.ifPresent(
        step -> {
          model.addAttribute("stepTitle", BenchWords.title(step));
          model.addAttribute("where", BenchWords.where(step));
          model.addAttribute("tool", BenchWords.tool(step));
          model.addAttribute("hints", BenchWords.hints(step));
          model.addAttribute(
              "cautions",
              step.movement().isEmpty()
                  ? BenchWords.cautions(step)
                  : step.cautions().stream().map(Words::of).toList());
          model.addAttribute("ready", guide.ready().toEpochMilli());
          model.addAttribute("due", guide.due().toEpochMilli());
          Set<String> ticked = guide.ticked();
          List<PartRow> parts = PartRow.of(step, guide.plan(), ticked);
          Step part =
              step.singly().stream()
                  .filter(one -> !ticked.contains(one.id()))
                  .findFirst()
                  .orElse(step);
          Optional<Finger> next =
              part.fingers().stream().filter(finger -> !ticked.contains(finger.name())).findFirst();
          model.addAttribute(
              "scene",
              StepDrawing.of(part, guide.plan(), seat, next, BenchWords::value).orElse(null));
          List<TickRow> ticks = ticks(step, guide.plan(), ticked);
          model.addAttribute(
              "figures",
              parts.size() > 1
                  ? List.of()
                  : ticks.isEmpty()
                      ? BenchWords.figures(step, guide.plan())
                      : next.map(finger -> BenchWords.figures(step, guide.plan(), finger))
                          .orElse(List.of()));
          model.addAttribute("parts", parts);
          model.addAttribute("movement", parts.size() > 1);
          model.addAttribute("ticks", ticks);
          twin(step, guide.plan()).ifPresent(twin -> model.addAttribute("twin", twin));
          model.addAttribute("intoLamp", guide.leadsIntoLamp(step));
          guide.lastLike().ifPresent(like -> model.addAttribute("asLast", BenchWords.clock(like)));
          if (step.kind() == StepKind.SANITISE) {
            model.addAttribute(
                "short",
                Stream.concat(
                        bench.lacking(guide.plan()).stream(), lookedOver(guide.plan()).stream())
                    .toList());
          }
          model.addAttribute(
              "portion",
              step.dose()
                  .filter(
                      dose ->
                          part.product()
                              .filter(product -> product.handling() != Handling.TUBE)
                              .isPresent())
                  .map(PortionDrawing::portion)
                  .orElse(null));
        });
    model.addAttribute(
        "clocks",
        guide.clocks(now).stream()
            .map(
                clock ->
                    new ClockRow(
                        Words.of(clock.what()),
                        BenchWords.where(clock.step()),
                        clock.opens().toEpochMilli(),
                        clock.closes().toEpochMilli(),
                        Words.maybe(clock.what(), "soon").orElse(null),
                        Words.maybe(clock.what(), "late").orElse(null)))
            .toList());
    model.addAttribute(
        "next",
        guide.next(SHOWN_AHEAD).stream()
            .map(step -> new NextRow(BenchWords.title(step), BenchWords.where(step)))
            .toList());
    model.addAttribute("hands", List.of(hand(guide, Hand.RIGHT, now), hand(guide, Hand.LEFT, now)));
    model.addAttribute("finish", Dates.of(guide.finish(now).atZone(zone), "time"));
    model.addAttribute("behind", guide.pressed());
    model.addAttribute("total", guide.presses());
    model.addAttribute("paused", guide.paused());
    model.addAttribute("finished", guide.finished(now));
    guide
        .instead(now)
        .ifPresent(
            step ->
                model.addAttribute(
                    "instead",
                    new InsteadRow(step.id(), Words.of(step.hand().orElseThrow(), "hand"))));
    guide.urgent().ifPresent(what -> model.addAttribute("urgent", Words.of(what)));
    model.addAttribute("took", sitting.took().stream().map(this::took).toList());
  }

  /** The fingers of a step that is one movement over several nails, each with its figure. */
  private static List<TickRow> ticks(Step step, BenchPlan plan, Set<String> ticked) {
    return step.tickable().size() != step.fingers().size() || step.parts().size() > 1
        ? List.of()
        : step.fingers().stream()
            .map(
                finger ->
                    new TickRow(
                        finger.name(),
                        Words.of(finger.digit()),
                        figure(step, finger, plan),
                        ticked.contains(finger.name())))
            .toList();
  }

  /** Tip or form, and what is worked to on it. */
  private static String figure(Step step, Finger finger, BenchPlan plan) {
    return Stream.of(
            step.kind().phase() == StepKind.Phase.FIT
                ? plan.plan().of(finger).map(FitWords::takes).orElse("")
                : "",
            BenchWords.ofFinger(step, finger).map(BenchWords::value).orElse(""))
        .filter(text -> !text.isEmpty())
        .collect(Collectors.joining(" · "));
  }

  /** What the same nail of the other hand is worked to; empty where nothing is measured. */
  private static Optional<String> twin(Step step, BenchPlan plan) {
    return step.finger()
        .map(finger -> Finger.of(finger.hand().other(), finger.digit()))
        .flatMap(
            twin ->
                plan.steps().stream()
                    .filter(other -> other.kind() == step.kind())
                    .filter(other -> other.fingers().contains(twin))
                    .flatMap(other -> BenchWords.ofFinger(other, twin).stream())
                    .findFirst()
                    .map(
                        target ->
                            Words.say(
                                "bench.twin",
                                "value",
                                Words.say(
                                    BenchWords.key(target), "value", BenchWords.value(target)))));
  }

  /** What was seen on the nails, to be seen once more before the first tool. */
  private static List<String> lookedOver(BenchPlan plan) {
    return plan.worked().stream()
        .filter(nail -> !nail.nail().condition().sound() || nail.nail().skin() != SkinState.INTACT)
        .map(
            nail ->
                Words.say(
                    "bench.look-again",
                    "finger",
                    nail.nail().finger(),
                    "plate",
                    nail.nail().condition(),
                    "skin",
                    nail.nail().skin()))
        .toList();
  }

  private static List<FingerRow> ten(Guide guide, Instant now, Seat seat) {
    Map<Finger, NailState> states = guide.states(now);
    return Finger.asSeenFrom(seat).stream()
        .map(
            finger -> {
              Guide.Progress progress = guide.of(finger);
              return new FingerRow(
                  finger.name(),
                  progress.behind(),
                  progress.total(),
                  guide.current().filter(step -> step.fingers().contains(finger)).isPresent(),
                  states.get(finger));
            })
        .toList();
  }

  private static HandRow hand(Guide guide, Hand hand, Instant now) {
    String state =
        guide
            .running(hand, now)
            .map(run -> BenchWords.title(run.step()))
            .orElseGet(
                () ->
                    guide.current().filter(step -> step.on(hand)).isPresent()
                        ? Words.say("bench.hand.now")
                        : guide
                            .next(hand)
                            .map(
                                step ->
                                    Words.say("bench.hand.next", "step", BenchWords.title(step)))
                            .orElseGet(() -> Words.say("bench.hand.done")));
    return new HandRow(Words.of(hand, "hand"), state);
  }

  private String took(LotUse use) {
    return shelf
            .material(use.material())
            .map(material -> BenchWords.amount(material, use.amount()) + " " + Words.of(material))
            .orElse(use.material())
        + ", "
        + (use.number().isEmpty()
            ? Words.say("bench.no-lot")
            : Words.say("bench.lot", "lot", use.number()));
  }
}
