package ongle.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** What a visit took of one lot. */
@Entity
@Immutable
public class LotUse {
  /** Number of what was taken without a lot being known. */
  private static final String UNKNOWN = "";

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private @Nullable Long setId; // none once the client was erased
  private int run;
  private String material;
  private String number;
  private double amount;

  protected LotUse() {}

  private LotUse(long setId, int run, String material, String number, double amount) {
    this.setId = setId;
    this.run = run;
    this.material = material;
    this.number = number;
    this.amount = amount;
  }

  static LotUse of(long setId, int run, Material material, String number, double amount) {
    return new LotUse(setId, run, material.code(), number, amount);
  }

  /** What a visit took before its shelf was counted here. */
  static LotUse recalled(long setId, String material, String number, double amount) {
    return new LotUse(setId, 0, material, number, amount);
  }

  /** What no lot on the shelf can account for. */
  static LotUse unknown(long setId, int run, Need need, double amount) {
    return new LotUse(setId, run, need.material().code(), UNKNOWN, amount);
  }

  /** Code of the material. */
  public String material() {
    return material;
  }

  /** Number of the lot; empty where none was on the shelf. */
  public String number() {
    return number;
  }

  /** In the material's measure. */
  public double amount() {
    return amount;
  }
}
