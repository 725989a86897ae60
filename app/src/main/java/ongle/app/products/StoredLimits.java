package ongle.app.products;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.product.Limits;

/** A maker's limits as stored beside what they are for. */
@Embeddable
public class StoredLimits {
  @Column(name = "limit_longest")
  private Double longest;

  @Column(name = "limit_lamp")
  private String lamp;

  @Column(name = "free_of")
  private String freeOf;

  protected StoredLimits() {}

  public StoredLimits(Limits limits) {
    longest = limits.longest().isPresent() ? limits.longest().getAsDouble() : null;
    lamp = limits.lamp().orElse(null);
    freeOf = limits.freeOf().isEmpty() ? null : String.join(", ", limits.freeOf());
  }

  /**
   * @param stored null where nothing is said
   */
  public static Limits read(StoredLimits stored) {
    return stored == null
        ? Limits.NONE
        : new Limits(
            stored.longest == null ? OptionalDouble.empty() : OptionalDouble.of(stored.longest),
            Optional.ofNullable(stored.lamp),
            stored.freeOf == null ? List.of() : LimitsForm.names(stored.freeOf));
  }
}
