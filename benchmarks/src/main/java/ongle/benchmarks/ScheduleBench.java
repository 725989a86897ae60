package ongle.benchmarks;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.NailOrder;
import ongle.core.bench.Step;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Form;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Schools;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.schedule.Hands;
import ongle.core.schedule.Job;
import ongle.core.schedule.Schedule;
import ongle.core.schedule.Scheduler;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A whole appointment of ten nails with every cure, and planning it anew in the middle. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ScheduleBench {
  @Param({"acrylic", "hard-gel", "poly-gel"})
  public String product;

  @Param({"ONE_AT_A_TIME", "FOUR_AND_THUMB"})
  public NailOrder order;

  private static final int BEHIND = 12;

  private BenchPlan plan;
  private List<Event> begun;

  /** Every question is another one: what is known already is answered from memory. */
  private int asked;

  @Setup
  public void planned() {
    FormKit paper =
        new FormKit("paper", "paper", List.of(new Form("1", 12, 1.5, 2, 2, 40, 40, false)));
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      Digit digit = finger.digit();
      Nail nail =
          new Nail(
              finger,
              digit.usualWidth(),
              digit.usualPlateLength(),
              2,
              0.5,
              1.5,
              0,
              0,
              1.5,
              PlateCondition.SOUND,
              SkinState.INTACT);
      items.add(
          new SetPlanner.Item(
              nail, new Adjustments(Map.of(), Optional.empty(), Optional.of(BuildWay.FORM))));
    }
    plan =
        BenchPlan.of(
            SetPlanner.plan(
                new SetWish(
                    NailShape.ALMOND,
                    new LengthWish(LengthWish.Mode.MILLIMETRES, 5),
                    Product.ofCode(product).orElseThrow(),
                    ApexSchool.THIRD,
                    CrossThickness.SALON,
                    new Fitting(List.of(), List.of(paper), Schools.USUAL, Optional.empty()),
                    Wearer.ORDINARY),
                items),
            BenchWish.USUAL.with(order));
    begun = new ArrayList<>(List.of(Event.of(Instant.EPOCH, Event.Type.BEGIN, "")));
    Instant now = Instant.EPOCH;
    for (int i = 0; i < BEHIND; i++) {
      Guide guide = new Guide(plan, begun);
      Step step = guide.current().orElseThrow();
      now = (now.isBefore(guide.ready()) ? guide.ready() : now).plusSeconds(60);
      begun.addAll(guide.press().done(step.id(), now).events());
    }
  }

  @Benchmark
  public Schedule wholeAppointment() {
    return Scheduler.of(
        new Hands(
            jobs(plan.left()), jobs(plan.right()), new Hands.Free(0, -asked++, 0, 0, 0, 0, 3)));
  }

  private static List<Job> jobs(List<Step> steps) {
    return steps.stream().map(Step::job).toList();
  }

  /** The last press came a second later than the time before. */
  @Benchmark
  public Guide planningTheRestAnew() {
    List<Event> events = new ArrayList<>(begun.subList(0, begun.size() - 1));
    Event last = begun.get(begun.size() - 1);
    events.add(new Event(last.at().plusSeconds(asked++), last.type(), last.step(), last.text()));
    return new Guide(plan, events);
  }
}
