package ongle.app.wear;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;

/**
 * Nails alike in everything the salon's own figures are counted by, added up; one note a nail, the
 * last that is known of it.
 */
@Entity
class Tally {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private int tenth;
  private String product;
  private String shape;
  private String way;
  private String technician;
  private boolean leftOut;
  private int beyond;
  private int nails;
  private int failed;
  private int broken;
  private int days;
  private double foretold;

  protected Tally() {}

  Tally(Alike alike) {
    tenth = alike.tenth();
    product = alike.product();
    shape = alike.shape();
    way = alike.way();
    technician = alike.technician();
    leftOut = alike.leftOut();
    beyond = alike.beyond();
  }

  /**
   * What nails are alike in.
   *
   * @param tenth of the chance they were foretold to be whole with, 0 to 9
   * @param technician empty for nobody in particular
   * @param beyond how long they were built, whole mm beyond the stress line
   */
  record Alike(
      int tenth,
      String product,
      String shape,
      String way,
      String technician,
      boolean leftOut,
      int beyond) {}

  /**
   * Adds a nail, or takes it away again.
   *
   * @param times 1 or −1
   */
  void add(WearNote note, int times) {
    nails += times;
    failed += note.isFine() ? 0 : times;
    broken += !note.isFine() && note.getKind().broke() ? times : 0;
    days += times * Math.max(1, note.getDays());
    foretold += times * note.getForetold();
  }

  int tenth() {
    return tenth;
  }

  String product() {
    return product;
  }

  String shape() {
    return shape;
  }

  String way() {
    return way;
  }

  String technician() {
    return technician;
  }

  boolean leftOut() {
    return leftOut;
  }

  int beyond() {
    return beyond;
  }

  int nails() {
    return nails;
  }

  /** How many of them failed in any way. */
  int failed() {
    return failed;
  }

  /** How many of those cracked or broke, which is what is foretold. */
  int broken() {
    return broken;
  }

  /** They were worn, together. */
  int days() {
    return days;
  }

  /** Chances they were foretold with, added up. */
  double foretold() {
    return foretold;
  }
}
