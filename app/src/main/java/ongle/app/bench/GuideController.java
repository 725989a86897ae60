package ongle.app.bench;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import ongle.app.drawing.PortionDrawing;
import ongle.app.drawing.StepDrawing;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.products.Products;
import ongle.app.shelf.LotUse;
import ongle.app.words.BenchWords;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.Presses;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Seat;
import ongle.core.product.Handling;
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
@RequestMapping("/sets/{id}/bench/guide")
class GuideController {
  private static final int SHOWN_AHEAD = 3;

  private final BenchDesk bench;
  private final Products products;
  private final ZoneId zone;

  GuideController(BenchDesk bench, Products products, Clock clock) {
    this.bench = bench;
    this.products = products;
    this.zone = clock.getZone();
  }

  /** A clock as it is shown; the browser counts it down. */
  record ClockRow(String what, String where, long opens, long closes) {}

  /** A step that is coming. */
  record NextRow(String title, String where) {}

  /** What one hand is at. */
  record HandRow(String hand, String state) {}

  /** How far a finger is, in the order the hands are seen. */
  record FingerRow(String finger, int behind, int total, boolean now) {}

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
              model.addAttribute("ten", ten(guide, seat));
            });
  }

  private void show(BenchDesk.Sitting sitting, Guide guide, Instant now, Seat seat, Model model) {
    Optional<Step> current = guide.current();
    model.addAttribute("step", current.orElse(null));
    current.ifPresent(
        step -> {
          model.addAttribute("stepTitle", BenchWords.title(step));
          model.addAttribute("where", BenchWords.where(step));
          model.addAttribute("figures", BenchWords.figures(step, guide.plan()));
          model.addAttribute("tool", BenchWords.tool(step));
          model.addAttribute("hints", BenchWords.hints(step));
          model.addAttribute("cautions", BenchWords.cautions(step));
          model.addAttribute("ready", guide.ready().toEpochMilli());
          model.addAttribute("due", guide.due().toEpochMilli());
          model.addAttribute(
              "scene", StepDrawing.of(step, guide.plan(), seat, BenchWords::value).orElse(null));
          if (step.kind() == StepKind.SANITISE) {
            model.addAttribute("short", bench.lacking(guide.plan()));
          }
          model.addAttribute(
              "portion",
              step.dose()
                  .filter(
                      dose ->
                          step.product()
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
                        clock.closes().toEpochMilli()))
            .toList());
    model.addAttribute(
        "next",
        guide.next(SHOWN_AHEAD).stream()
            .map(step -> new NextRow(BenchWords.title(step), BenchWords.where(step)))
            .toList());
    model.addAttribute("hands", List.of(hand(guide, Hand.RIGHT, now), hand(guide, Hand.LEFT, now)));
    model.addAttribute("finish", Dates.of(guide.finish(now).atZone(zone), "time"));
    model.addAttribute("behind", guide.past().size());
    model.addAttribute("total", guide.total());
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

  private static List<FingerRow> ten(Guide guide, Seat seat) {
    return Finger.asSeenFrom(seat).stream()
        .map(
            finger -> {
              Guide.Progress progress = guide.of(finger);
              return new FingerRow(
                  finger.name(),
                  progress.behind(),
                  progress.total(),
                  guide.current().filter(step -> step.fingers().contains(finger)).isPresent());
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
    return products
            .material(use.material())
            .map(material -> BenchWords.amount(material, use.amount()) + " " + Words.of(material))
            .orElse(use.material())
        + ", "
        + (use.number().isEmpty()
            ? Words.say("bench.no-lot")
            : Words.say("bench.lot", "lot", use.number()));
  }
}
