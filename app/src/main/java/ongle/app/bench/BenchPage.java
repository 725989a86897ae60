package ongle.app.bench;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.lamps.Lamps;
import ongle.app.layers.Layers;
import ongle.app.people.People;
import ongle.app.shelf.Shelf;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitChoices;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.School;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Construction;
import ongle.core.bench.CuticleTool;
import ongle.core.bench.FilingRoutine;
import ongle.core.bench.FingerJob;
import ongle.core.bench.FormOff;
import ongle.core.bench.HandWash;
import ongle.core.bench.NailOrder;
import ongle.core.bench.Primer;
import ongle.core.bench.Rework;
import ongle.core.bench.Softener;
import ongle.core.bench.TipAttachment;
import ongle.core.bench.TipPriming;
import ongle.core.bench.TopCoat;
import ongle.core.bench.Visit;
import ongle.core.bench.Watched;
import ongle.core.bench.Worker;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;

/** The page of the stage Bench: what is chosen, and one of three views of what follows. */
@Component
class BenchPage {
  private final BenchDesk bench;
  private final Lamps lamps;
  private final Shelf shelf;
  private final Layers layers;
  private final People people;

  BenchPage(BenchDesk bench, Lamps lamps, Shelf shelf, Layers layers, People people) {
    this.people = people;
    this.layers = layers;
    this.bench = bench;
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

  /** A habit to choose. */
  record Habit(String name, String label, List<? extends School> all, School chosen) {}

  /** All of it is read in one go. */
  @Transactional(readOnly = true)
  void show(long id, Finger finger, View look, Seat seat, Model model) {
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
    model.addAttribute("jobs", FingerJob.values());
    model.addAttribute("visits", Visit.values());
    model.addAttribute("lamps", lamps.all());
    model.addAttribute("lampTaken", plan.wish().lamp().code());
    model.addAttribute("habits", habits(desk.choices()));
    model.addAttribute("recipes", offered(plan.wish()));
    model.addAttribute("colours", layers.coats(LayerKind.COLOUR));
    model.addAttribute("people", people.all());
    model.addAttribute("painted", plan.wish().finish().colour().map(Coat::code).orElse("clear"));
    model.addAttribute("watched", plan.watched().stream().map(this::watched).toList());
    model.addAttribute("refusals", plan.refusals().stream().map(Words::of).toList());
    if (!plan.regrowthAsked().isEmpty()) {
      model.addAttribute(
          "regrowthAsked",
          Words.say(
              "bench.regrowth-asked",
              "count",
              plan.regrowthAsked().size(),
              "fingers",
              plan.regrowthAsked()));
    }
    plan.betterVisit().ifPresent(visit -> model.addAttribute("betterVisit", visit));
    model.addAttribute("underWay", bench.begun(id));
    model.addAttribute("worked", bench.worked(id));
    switch (look) {
      case PRODUCT -> ProductView.show(desk, bench.needs(plan), shelf.currency(), seat, model);
      case TIME -> TimeView.show(plan, model);
      case STEPS -> model.addAttribute("chapters", StepsView.of(plan));
    }
  }

  /** What can be chosen, and what is: one put away since is still planned with. */
  private List<Recipe> offered(BenchWish wish) {
    return Stream.of(
            layers.recipes().stream(), Stream.of(wish.recipe()), wish.recipes().values().stream())
        .flatMap(each -> each)
        .distinct()
        .toList();
  }

  /** A lamp is called by its name. */
  private String watched(Watched watched) {
    return Words.of(
        watched instanceof Watched.OtherLamp other
            ? new Watched.OtherLamp(other.what(), lamps.of(other.lamp()).label())
            : watched);
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
        new Habit(
            "tipPriming",
            Words.say("bench.habit.tipPriming"),
            List.of(TipPriming.values()),
            choices.tipPriming()),
        new Habit(
            "formOff",
            Words.say("bench.habit.formOff"),
            List.of(FormOff.values()),
            choices.formOff()),
        new Habit(
            "topCoat",
            Words.say("bench.habit.topCoat"),
            List.of(TopCoat.values()),
            choices.topCoat()),
        new Habit(
            "wash", Words.say("bench.habit.wash"), List.of(HandWash.values()), choices.wash()),
        new Habit(
            "worker", Words.say("bench.habit.worker"), List.of(Worker.values()), choices.worker()),
        new Habit("mix", Words.say("bench.habit.mix"), List.of(Mix.values()), choices.mix()),
        new Habit(
            "brush", Words.say("bench.habit.brush"), List.of(Brush.values()), choices.brush()));
  }
}
