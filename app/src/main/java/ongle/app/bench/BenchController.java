package ongle.app.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import ongle.app.drawing.LaneDrawing;
import ongle.app.drawing.PortionDrawing;
import ongle.app.drawing.Scene;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.lamps.Lamps;
import ongle.app.shelf.Shelf;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitChoices;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.Edit;
import ongle.app.words.BenchWords;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.School;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Construction;
import ongle.core.bench.CuticleTool;
import ongle.core.bench.FilingRoutine;
import ongle.core.bench.NailOrder;
import ongle.core.bench.OrderChoice;
import ongle.core.bench.Primer;
import ongle.core.bench.Rework;
import ongle.core.bench.Softener;
import ongle.core.bench.Step;
import ongle.core.bench.TipAttachment;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.portion.Need;
import ongle.core.portion.Portion;
import ongle.core.schedule.Schedule;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Product, cure, steps and time of a set, before the first nail is touched. */
@Controller
@RequestMapping("/sets/{id}/bench")
class BenchController {
  private final BenchDesk bench;
  private final VisitPlanner visits;
  private final Lamps lamps;
  private final Shelf shelf;

  BenchController(BenchDesk bench, VisitPlanner visits, Lamps lamps, Shelf shelf) {
    this.bench = bench;
    this.visits = visits;
    this.lamps = lamps;
    this.shelf = shelf;
  }

  /** What is looked at. */
  enum View {
    PRODUCT,
    TIME,
    STEPS;

    public String path() {
      return name().toLowerCase(java.util.Locale.ROOT);
    }
  }

  /**
   * What one nail takes.
   *
   * @param scene null where nothing is laid
   * @param old what becomes of what is on it
   */
  record NailRow(
      Finger finger,
      Scene scene,
      String volume,
      String zones,
      List<String> doses,
      String laid,
      List<String> old) {}

  /**
   * What the set takes of one material.
   *
   * @param shelf what the shelf says to it
   * @param good whether it is all there, or not counted
   */
  record AmountRow(String label, String amount, String shelf, boolean good, String cost) {}

  /** An order of nails to choose. */
  record OrderRow(NailOrder order, String time, String risk, boolean chosen, boolean advised) {}

  /** A step in the list. */
  record StepRow(
      Step step,
      String where,
      String title,
      String time,
      List<String> figures,
      String tool,
      List<String> hints,
      List<String> cautions) {}

  /**
   * Steps that follow each other in one part of the appointment.
   *
   * @param at when it begins, from the beginning
   */
  record Chapter(String label, String at, List<StepRow> steps) {}

  /** A habit to choose. */
  record Habit(String name, String label, List<? extends School> all, School chosen) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @RequestParam(defaultValue = "PRODUCT") View look,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(id, SetPage.chosen(finger, seat), look, seat, model);
    return "bench/page";
  }

  /** Chooses otherwise: by the name of what is chosen. */
  @PostMapping("/choose")
  String choose(
      @PathVariable long id,
      @RequestParam Finger finger,
      @RequestParam View look,
      @RequestParam Map<String, String> values,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<String> why = visits.choose(id, values);
    show(id, finger, look, seat, model);
    why.ifPresent(
        text -> {
          model.addAttribute("why", text);
          model.addAttribute("typed", values);
        });
    model.addAttribute("edit", why.isPresent() ? new Edit.Refused(why.get()) : new Edit.Saved());
    return "bench/page :: answer";
  }

  /** Lets every new set begin with these habits. */
  @PostMapping("/habits")
  String habits(
      @PathVariable long id,
      @RequestParam Finger finger,
      @RequestParam View look,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    visits.beginLike(id);
    show(id, finger, look, seat, model);
    model.addAttribute("edit", new Edit.Saved());
    model.addAttribute("habitsKept", true);
    return "bench/page :: answer";
  }

  private void show(long id, Finger finger, View look, Seat seat, Model model) {
    PlannedVisit desk = bench.visit(id);
    BenchPlan plan = desk.plan();
    model.addAttribute(
        "page",
        SetPage.of(desk.planned(), Stage.BENCH, "bench?look=" + look, finger, seat)
            .with(figures(plan)));
    model.addAttribute("finger", finger);
    model.addAttribute("look", look);
    model.addAttribute("looks", View.values());
    model.addAttribute("choices", desk.choices());
    model.addAttribute("lamps", lamps.all());
    model.addAttribute("lampTaken", plan.wish().lamp().code());
    model.addAttribute("habits", habits(desk.choices()));
    model.addAttribute("refusals", plan.refusals().stream().map(Words::of).toList());
    plan.betterVisit().ifPresent(visit -> model.addAttribute("betterVisit", visit));
    model.addAttribute("underWay", bench.begun(id));
    model.addAttribute("worked", bench.worked(id));
    switch (look) {
      case PRODUCT -> product(desk, seat, model);
      case TIME -> time(plan, model);
      case STEPS -> model.addAttribute("chapters", steps(plan));
    }
  }

  /** What this visit lays on each nail, mm³; nothing where it lays none. */
  private static Map<Finger, String> figures(BenchPlan plan) {
    Map<Finger, String> figures = new EnumMap<>(Finger.class);
    plan.portions()
        .forEach((finger, laid) -> figures.put(finger, Numbers.format(laid.applied().total(), 0)));
    return figures;
  }

  private static List<Habit> habits(VisitChoices choices) {
    return List.of(
        new Habit(
            "softener",
            Words.say("bench.habit.softener"),
            List.of(Softener.values()),
            choices.softener()),
        new Habit(
            "cuticleTool",
            Words.say("bench.habit.cuticleTool"),
            List.of(CuticleTool.values()),
            choices.cuticleTool()),
        new Habit(
            "primer", Words.say("bench.habit.primer"), List.of(Primer.values()), choices.primer()),
        new Habit(
            "attachment",
            Words.say("bench.habit.attachment"),
            List.of(TipAttachment.values()),
            choices.attachment()),
        new Habit(
            "construction",
            Words.say("bench.habit.construction"),
            List.of(Construction.values()),
            choices.construction()),
        new Habit(
            "order", Words.say("bench.habit.order"), List.of(NailOrder.values()), choices.order()),
        new Habit(
            "filing",
            Words.say("bench.habit.filing"),
            List.of(FilingRoutine.values()),
            choices.filing()),
        new Habit(
            "rework", Words.say("bench.habit.rework"), List.of(Rework.values()), choices.rework()),
        new Habit("mix", Words.say("bench.habit.mix"), List.of(Mix.values()), choices.mix()),
        new Habit(
            "brush", Words.say("bench.habit.brush"), List.of(Brush.values()), choices.brush()));
  }

  private static AmountRow amount(Need need, String currency) {
    return new AmountRow(
        Words.of(need.material()),
        BenchWords.amount(need.material(), need.amount()),
        BenchWords.shelf(need),
        need.standing().served(),
        currency.isEmpty() || need.cost().isEmpty()
            ? ""
            : BenchWords.money(need.cost().getAsDouble(), currency));
  }

  /** Empty where nothing is laid and nothing comes off. */
  private static Optional<NailRow> row(BenchPlan plan, NailPlan nail) {
    Finger finger = nail.nail().finger();
    Optional<Portion> portion = Optional.ofNullable(plan.portions().get(finger));
    List<String> old = new ArrayList<>();
    plan.removal(nail).map(BenchWords::removal).ifPresent(old::add);
    Optional.ofNullable(plan.infills().get(finger)).map(BenchWords::infill).ifPresent(old::add);
    if (portion.isEmpty() && old.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new NailRow(
            finger,
            portion.map(laid -> PortionDrawing.of(nail, laid)).orElse(null),
            portion
                .map(laid -> Words.say("drawing.portions.about", "volume", laid.applied().total()))
                .orElse(""),
            portion.map(BenchWords::zones).orElse(""),
            portion.map(BenchWords::doses).orElse(List.of()),
            portion
                .map(laid -> BenchWords.portion(laid) + " · " + BenchWords.cure(plan, nail))
                .orElse(""),
            old));
  }

  private void product(PlannedVisit desk, Seat seat, Model model) {
    BenchPlan plan = desk.plan();
    List<NailRow> rows =
        desk.planned().inOrder(Finger.asSeenFrom(seat)).stream()
            .filter(nail -> !nail.stopped())
            .flatMap(nail -> row(plan, nail).stream())
            .toList();
    model.addAttribute("rows", rows);
    List<Need> needs = bench.needs(plan);
    String currency = shelf.currency();
    model.addAttribute("amounts", needs.stream().map(need -> amount(need, currency)).toList());
    model.addAttribute(
        "cost",
        currency.isEmpty() || needs.isEmpty()
            ? ""
            : BenchWords.money(
                needs.stream().mapToDouble(need -> need.cost().orElse(0)).sum(), currency));
    model.addAttribute("unpriced", needs.stream().anyMatch(need -> need.cost().isEmpty()));
    Collection<Portion> laid = plan.portions().values();
    model.addAttribute(
        "together",
        laid.isEmpty()
            ? ""
            : Numbers.format(
                    laid.stream().mapToDouble(each -> each.applied().total()).sum() / 1000, 2)
                + " ml, "
                + Numbers.format(laid.stream().mapToDouble(Portion::mass).sum(), 2)
                + " g");
    if (laid.stream().anyMatch(each -> each.product().setsByItself())) {
      model.addAttribute("setting", BenchWords.setting(plan.wish()));
    }
  }

  private static void time(BenchPlan plan, Model model) {
    // The full search goes on beside the quick ones of the orders compared.
    CompletableFuture<Schedule> full =
        plan.refusals().isEmpty() ? CompletableFuture.supplyAsync(plan::schedule) : null;
    List<OrderChoice> all = OrderChoice.all(plan);
    List<OrderRow> rows = new ArrayList<>();
    for (OrderChoice choice : all) {
      rows.add(
          new OrderRow(
              choice.order(),
              BenchWords.minutes(choice.schedule().makespan()),
              BenchWords.risk(choice),
              choice.order() == plan.wish().schools().order(),
              rows.isEmpty()));
    }
    model.addAttribute("orders", rows);
    if (full != null) {
      Schedule schedule = full.join();
      model.addAttribute("lanes", LaneDrawing.of(plan, schedule));
      model.addAttribute("length", BenchWords.minutes(schedule.makespan()));
      model.addAttribute("idle", BenchWords.minutes(schedule.idle()));
      model.addAttribute("bound", BenchWords.minutes(schedule.lowerBound()));
    }
  }

  /** In the order they come, parted where another part of the appointment begins. */
  private static List<Chapter> steps(BenchPlan plan) {
    List<Chapter> chapters = new ArrayList<>();
    if (plan.refusals().isEmpty()) {
      for (Schedule.Slot slot : plan.roughly().slots()) {
        Step step = plan.step(slot.job().id()).orElseThrow();
        String label = chapter(step);
        if (chapters.isEmpty() || !chapters.get(chapters.size() - 1).label().equals(label)) {
          chapters.add(new Chapter(label, clock(slot.start()), new ArrayList<>()));
        }
        chapters.get(chapters.size() - 1).steps().add(row(step, plan));
      }
    }
    return chapters;
  }

  /** Fitting and building go hand in hand; the lamp belongs to what goes on beside it. */
  private static String chapter(Step step) {
    return switch (step.kind().phase()) {
      case FIT, BUILD -> Words.say("bench.chapter.build");
      case FILE, FINISH -> Words.say("bench.chapter.finish");
      case PREPARE, REMOVE, OWN -> Words.say("bench.chapter.prepare");
    };
  }

  private static StepRow row(Step step, BenchPlan plan) {
    return new StepRow(
        step,
        BenchWords.where(step),
        BenchWords.title(step),
        clock(step.job().seconds()),
        BenchWords.figures(step, plan),
        BenchWords.tool(step),
        BenchWords.hints(step),
        BenchWords.cautions(step));
  }

  private static String clock(int seconds) {
    return BenchWords.clock(Duration.ofSeconds(seconds));
  }
}
