package ongle.app.times;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import ongle.core.bench.LearnedTime;
import ongle.core.bench.StepKind;
import org.jspecify.annotations.Nullable;

/** How long a step took in a finished appointment. */
@Entity
class StepTime {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private @Nullable Long setId; // none once the client was erased
  private int run;

  /** Null where nobody was named. */
  private @Nullable Long technicianId;

  @Enumerated(EnumType.STRING)
  private StepKind kind;

  private double usual;
  private double took;

  /** Whether it was put back: it stays on record, and teaches nothing. */
  private boolean forgotten;

  protected StepTime() {}

  StepTime(long setId, int run, @Nullable Long technicianId, LearnedTime.Sample sample) {
    this.setId = setId;
    this.run = run;
    this.technicianId = technicianId;
    kind = sample.kind();
    usual = sample.usual();
    took = sample.took();
  }

  LearnedTime.Sample sample() {
    return new LearnedTime.Sample(kind, usual, took);
  }

  void forget() {
    forgotten = true;
  }
}
