package ongle.app.times;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** What was foretold of a finished appointment, and how long it took. */
@Entity
class VisitTime {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long setId;
  private int run;
  private int foretold;
  private int took;

  protected VisitTime() {}

  VisitTime(long setId, int run, int foretold, int took) {
    this.setId = setId;
    this.run = run;
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
