package ongle.app.times;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.store.Instances;
import ongle.core.bench.Guide;
import ongle.core.bench.LearnedTime;
import ongle.core.bench.StepKind;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Learns from finished appointments how long steps take whom. */
@Service
public class Times {
  private static final String TIMES = "times";

  /** A set of ten leaves about eighty: enough for the last ten of every kind. */
  private static final Limit LOOKED_AT = Limit.of(2000);

  private static final Limit FORETOLD = Limit.of(10);

  private final StepTimeRepository steps;
  private final VisitTimeRepository visits;
  private final Instances instances;

  /** By technician, asked with every plan of a visit, changed by a finished one. */
  private final Map<Optional<Long>, Map<StepKind, Double>> factors = new ConcurrentHashMap<>();

  Times(StepTimeRepository steps, VisitTimeRepository visits, Instances instances) {
    this.steps = steps;
    this.visits = visits;
    this.instances = instances;
    instances.forget(TIMES, factors::clear);
  }

  /**
   * What is known, by kind of step.
   *
   * @param technician whose times; null for nobody in particular
   */
  @Transactional(readOnly = true)
  public Map<StepKind, LearnedTime> learned(@Nullable Long technician) {
    return LearnedTime.of(
        steps.of(number(technician), LOOKED_AT).stream().map(StepTime::sample).toList());
  }

  /** The same as factors on the usual time. */
  public Map<StepKind, Double> factors(@Nullable Long technician) {
    return factors.computeIfAbsent(
        Optional.ofNullable(technician),
        of ->
            learned(technician).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> each.getValue().factor())));
  }

  /** Takes over what a finished appointment teaches; within the change that finishes it. */
  public void note(long setId, int run, @Nullable Long technician, Guide guide) {
    askAnew();
    List<LearnedTime.Sample> samples = LearnedTime.samples(guide);
    for (int i = samples.size() - 1; i >= 0; i--) {
      steps.save(new StepTime(setId, run, technician, samples.get(i)));
    }
    Duration took =
        Duration.between(
            guide.events().get(0).at(), guide.events().get(guide.events().size() - 1).at());
    visits.save(
        new VisitTime(
            setId,
            run,
            technician,
            guide.plan().schedule().makespan(),
            (int) took.minus(guide.pausedFor(guide.events().get(0).at())).toSeconds()));
  }

  /** Puts a kind of step back to its usual time. */
  @Needs(Right.HANDS)
  @Transactional
  public void forget(@Nullable Long technician, StepKind kind) {
    steps.of(number(technician), kind).forEach(StepTime::forget);
    askAnew();
  }

  private static long number(@Nullable Long technician) {
    return technician == null ? 0 : technician;
  }

  /** What was known counts until the change is kept, and no longer. */
  private void askAnew() {
    instances.tellWhenKept(TIMES);
  }

  /** How the last appointments went against their forecast, the last first. */
  @Transactional(readOnly = true)
  List<VisitTime> foretold(@Nullable Long technician) {
    return visits.of(number(technician), FORETOLD);
  }
}
