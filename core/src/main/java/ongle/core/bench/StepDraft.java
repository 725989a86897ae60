package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.core.cure.LampTime;
import ongle.core.plan.NailPlan;
import ongle.core.portion.ProductPortion;
import ongle.core.schedule.Job;

/** A step of a hand being put together. */
final class StepDraft {
  /** Share of a window that is planned with; the rest is for hands slower than the plan. */
  private static final float PLANNED_SHARE = 0.8f;

  private final HandWork work;
  private final StepKind kind;
  final List<NailPlan> on;
  final List<Hint> hints = new ArrayList<>();
  final List<StepCaution> cautions = new ArrayList<>();
  Optional<String> id = Optional.empty();
  Optional<String> name = Optional.empty();
  Optional<Step.Variant> variant = Optional.empty();

  /** Its own time, s; 0 for the usual of its kind. */
  int seconds;

  boolean technician = true;
  boolean lamp;
  int settles;
  boolean needsSettled;
  Job.Window window = Job.Window.OPEN;
  Optional<Tool> tool = Optional.empty();
  Optional<Bit> bit = Optional.empty();
  Optional<ProductPortion> dose = Optional.empty();
  int number = 1;
  int of = 1;
  Optional<LampTime> light = Optional.empty();

  StepDraft(HandWork work, StepKind kind, List<NailPlan> on) {
    this.work = work;
    this.kind = kind;
    this.on = on;
  }

  void tool(Tool other) {
    tool = Optional.of(other);
  }

  StepDraft counted(int which, int ofAll) {
    number = which;
    of = ofAll;
    return this;
  }

  void lit(LampTime time) {
    light = Optional.of(time);
    technician = false;
    lamp = true;
    seconds = (int) time.duration().toSeconds();
    tool(new Tool.Lit(work.wish.lamp().label(), time.programme().label()));
  }

  /** Product that the technician cures nail by nail while holding it, which takes the lamp too. */
  void shining(LampTime eachNail) {
    light = Optional.of(eachNail);
    lamp = true;
    seconds = usual() + on.size() * (int) eachNail.duration().toSeconds();
  }

  /** As long as its kind takes on as many nails, more on a large one; in this technician's pace. */
  private int usual() {
    double nails =
        on.stream()
            .mapToDouble(
                nail -> kind.effort(work.area(nail), laid(nail), nail.seen().old().reckoned()))
            .sum();
    return (int) Math.round(kind.seconds() * nails * work.wish.factor(kind, work.hand));
  }

  private double laid(NailPlan nail) {
    return dose.map(ProductPortion::volume).orElseGet(nail::appliedVolume);
  }

  void add() {
    String where =
        on.size() == 1 ? on.get(0).nail().finger().name() : work.hand.name().substring(0, 1);
    String called = id.isPresent() ? id.get() : kind + "." + where + "." + serialOf(where);
    work.steps.add(
        new Step(
            kind,
            name,
            variant,
            Optional.of(work.hand),
            on.stream().map(nail -> nail.nail().finger()).toList(),
            new Job(
                called,
                technician,
                lamp,
                seconds > 0 ? seconds : usual(),
                settles,
                needsSettled,
                planned(),
                new Job.Place(
                    work.stage.ordinal(),
                    false,
                    !technician && work.wish.worker().own(),
                    Job.Place.ANY_LIGHT)),
            window,
            tool,
            bit,
            dose.map(laid -> on.get(0).build().product()),
            dose,
            number,
            of,
            light,
            targets(),
            hints,
            cautions,
            Optional.empty(),
            Optional.empty(),
            List.of()));
  }

  private List<Target> targets() {
    return on.stream()
        .flatMap(
            nail -> Targets.of(kind, dose, nail, work.infill(nail), work.removal(nail)).stream())
        .toList();
  }

  private Job.Window planned() {
    return planned(window);
  }

  /** A window with room for hands slower than the plan. */
  static Job.Window planned(Job.Window window) {
    return window.closes()
        ? new Job.Window(
            window.min(), window.min() + Math.round((window.max() - window.min()) * PLANNED_SHARE))
        : window;
  }

  /** Which of its kind it is on this finger or hand, from 1; so its name outlives a new plan. */
  private long serialOf(String where) {
    String begin = kind + "." + where + ".";
    return 1 + work.steps.stream().filter(step -> step.id().startsWith(begin)).count();
  }
}
