package ongle.app.wear;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;

/** How the sets did that a lot went into, added up. */
@Entity
class LotTally {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private String material;
  private String number;
  private int sets;
  private int failed;
  private double nailWeeks;

  protected LotTally() {}

  LotTally(String material, String number) {
    this.material = material;
    this.number = number;
  }

  /** Adds what came to be known of a set. */
  void add(int moreSets, int moreFailed, double moreWeeks) {
    sets += moreSets;
    failed += moreFailed;
    nailWeeks += moreWeeks;
  }

  String material() {
    return material;
  }

  String number() {
    return number;
  }

  int sets() {
    return sets;
  }

  int failed() {
    return failed;
  }

  double nailWeeks() {
    return nailWeeks;
  }
}
