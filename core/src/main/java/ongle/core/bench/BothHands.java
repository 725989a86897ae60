package ongle.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import ongle.core.Lookup;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Portion;
import ongle.core.schedule.Job;

/** Both hands, taken through the stages of an appointment with the salon's routine. */
final class BothHands {
  private final SetPlan plan;
  private final BenchWish wish;
  private final List<NailPlan> nails;
  private final Map<Hand, HandSteps> hands = new EnumMap<>(Hand.class);
  private Stage stage = Stage.PREPARE;

  /**
   * @param nails that are worked on
   */
  BothHands(
      SetPlan plan,
      BenchWish wish,
      List<NailPlan> nails,
      Map<Finger, Portion> portions,
      Map<Finger, Infill> infills) {
    this.plan = plan;
    this.wish = wish;
    this.nails = nails;
    for (Hand hand : Hand.values()) {
      List<NailPlan> of =
          nails.stream().filter(nail -> nail.nail().finger().hand() == hand).toList();
      if (!of.isEmpty()) {
        hands.put(hand, new HandSteps(wish, hand, of, portions, infills));
      }
    }
    wish.routine().lines().forEach(this::add);
  }

  /** Steps of a hand in their order; none where nothing is done on it. */
  List<Step> steps(Hand hand) {
    return Optional.ofNullable(hands.get(hand)).map(HandSteps::steps).orElse(List.of());
  }

  private void add(Routine.Line line) {
    Optional<StepKind> atOnce = line.kind().filter(kind -> kind.scope() == StepKind.Scope.SET);
    if (atOnce.isPresent()) {
      atOnce(atOnce.get(), line.name());
      return;
    }
    switch (line.code()) {
      case Routine.FIT_AND_BUILD -> build();
      case Routine.FILING -> file();
      case Routine.COATS -> coat();
      default -> each(stage, hand -> hand.add(line));
    }
  }

  private void build() {
    each(Stage.FIT, hand -> hand.building.fit());
    if (nails.size() > 1 && hands.values().stream().anyMatch(hand -> hand.building.compares())) {
      atOnce(StepKind.COMPARE, Optional.empty());
    }
    each(Stage.FIT, hand -> hand.building.blend());
    if (wish.worker().own()) {
      lay(nail -> !HandWork.thumb(nail), stage -> stage);
      lay(HandWork::thumb, Stage::ofThumbs); // they hold the tools until then
    } else {
      lay(nail -> true, stage -> stage);
    }
  }

  private void lay(Predicate<NailPlan> which, UnaryOperator<Stage> as) {
    hands.values().forEach(hand -> hand.building.on(which));
    // Frames that are not filed are just the first of the product: no hand waits for the other's.
    boolean apart =
        wish.schools().order() == NailOrder.HAND_BY_HAND
            || hands.values().stream().anyMatch(hand -> hand.building.refines());
    each(as.apply(apart ? Stage.FRAME : Stage.BODY), hand -> hand.building.frames());
    if (apart) {
      each(as.apply(Stage.REFINE), hand -> hand.building.refine());
    }
    each(as.apply(Stage.BODY), hand -> hand.building.bodies());
  }

  private void file() {
    each(Stage.FILE, hand -> {});
    washed(HandWash.BEFORE_FILING);
    each(Stage.FILE, hand -> hand.finishing.filing());
  }

  private void coat() {
    washed(HandWash.AFTER_FILING);
    boolean capped = hands.values().stream().anyMatch(hand -> hand.finishing.capped());
    each(capped ? Stage.UNDER_CLEAR : Stage.COAT, hand -> hand.finishing.underTop());
    if (capped) {
      each(Stage.SMOOTH, hand -> hand.finishing.smooth());
    }
    each(Stage.COAT, hand -> hand.finishing.top());
  }

  private void washed(HandWash when) {
    if (wish.schools().wash() == when
        && nails.stream().anyMatch(nail -> wish.job(nail.nail().finger()).builds())) {
      atOnce(StepKind.WASH_HANDS, Optional.empty());
    }
  }

  private void each(Stage reached, Consumer<HandSteps> what) {
    stage = reached;
    for (HandSteps hand : hands.values()) {
      hand.begin(reached);
      what.accept(hand);
    }
  }

  private void atOnce(StepKind kind, Optional<String> name) {
    Job job =
        Job.work(kind.name(), (int) Math.round(kind.seconds() * wish.factor(kind, Hand.LEFT)))
            .in(stage.ordinal());
    Step step =
        Step.ofBoth(
            kind,
            name,
            nails.stream().map(nail -> nail.nail().finger()).toList(),
            kind == StepKind.COMPARE || kind == StepKind.WASH_HANDS ? job.onceSettled() : job,
            nails.stream()
                .filter(nail -> kind == StepKind.COMPARE && fresh(nail))
                .flatMap(
                    nail ->
                        Targets.of(kind, Optional.empty(), nail, Optional.empty(), Optional.empty())
                            .stream())
                .toList(),
            kind == StepKind.SANITISE ? notBuiltOn() : List.of());
    hands.values().forEach(hand -> hand.add(step));
  }

  private boolean fresh(NailPlan nail) {
    return Lookup.of(hands, nail.nail().finger().hand()).building.fresh(nail);
  }

  private List<StepCaution> notBuiltOn() {
    List<StepCaution> cautions = new ArrayList<>();
    plan.nails().stream()
        .filter(NailPlan::stopped)
        .forEach(
            nail ->
                cautions.add(
                    new StepCaution.NotBuiltOn(
                        nail.nail().finger(), nail.stop().orElseThrow().why())));
    return cautions;
  }
}
