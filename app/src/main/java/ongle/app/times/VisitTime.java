package ongle.app.times;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** What was foretold of a finished appointment, and how long it took. */
@Entity
class VisitTime {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private @Nullable Long setId; // none once the client was erased
  private int run;

  /** Null where nobody was named. */
  private @Nullable Long technicianId;

  private int foretold;
  private int took;

  protected VisitTime() {}

  VisitTime(long setId, int run, @Nullable Long technicianId, int foretold, int took) {
    this.setId = setId;
    this.run = run;
    this.technicianId = technicianId;
    this.foretold = foretold;
    this.took = took;
  }

  /** s. */
  int foretold() {
    return foretold;
  }

  /** s. */
  int took() {
    return took;
  }
}
