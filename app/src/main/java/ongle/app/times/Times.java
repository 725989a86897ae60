package ongle.app.times;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ongle.core.bench.Guide;
import ongle.core.bench.LearnedTime;
import ongle.core.bench.StepKind;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Learns from finished appointments how long steps take here. */
@Service
public class Times {
  /** A set of ten leaves about eighty: enough for the last ten of every kind. */
  private static final Limit LOOKED_AT = Limit.of(2000);

  private static final Limit FORETOLD = Limit.of(10);

  private final StepTimeRepository steps;
  private final VisitTimeRepository visits;

  /** Asked with every plan of a visit, changed by a finished one. */
  private volatile @Nullable Map<StepKind, Double> factors;

  Times(StepTimeRepository steps, VisitTimeRepository visits) {
    this.steps = steps;
    this.visits = visits;
  }

  /** What is known, by kind of step. */
  @Transactional(readOnly = true)
  public Map<StepKind, LearnedTime> learned() {
    return LearnedTime.of(
        steps.findByForgottenFalseOrderByIdDesc(LOOKED_AT).stream().map(StepTime::sample).toList());
  }

  /** The same as factors on the usual time. */
  public Map<StepKind, Double> factors() {
    @Nullable Map<StepKind, Double> known = factors;
    if (known == null) {
      known =
          learned().entrySet().stream()
              .collect(Collectors.toMap(Map.Entry::getKey, of -> of.getValue().factor()));
      factors = known;
    }
    return known;
  }

  /** Takes over what a finished appointment teaches; within the change that finishes it. */
  public void note(long setId, int run, Guide guide) {
    askAnew();
    List<LearnedTime.Sample> samples = LearnedTime.samples(guide);
    for (int i = samples.size() - 1; i >= 0; i--) {
      steps.save(new StepTime(setId, run, samples.get(i)));
    }
    Duration took =
        Duration.between(
            guide.events().get(0).at(), guide.events().get(guide.events().size() - 1).at());
    visits.save(
        new VisitTime(
            setId,
            run,
            guide.plan().schedule().makespan(),
            (int) took.minus(guide.pausedFor(guide.events().get(0).at())).toSeconds()));
  }

  /** Puts a kind of step back to its usual time. */
  @Transactional
  public void forget(StepKind kind) {
    steps.findByKindAndForgottenFalse(kind).forEach(StepTime::forget);
    askAnew();
  }

  /** What was known counts until the change is kept, and no longer. */
  private void askAnew() {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            factors = null;
          }
        });
  }

  /** How the last appointments went against their forecast, the last first. */
  @Transactional(readOnly = true)
  List<VisitTime> foretold() {
    return visits.findByOrderByIdDesc(FORETOLD);
  }
}
