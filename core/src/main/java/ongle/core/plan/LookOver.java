package ongle.core.plan;

import java.util.Objects;
import java.util.Optional;
import ongle.core.nail.EarlierProduct;

/**
 * What was found on one finger besides plate and skin, and decided.
 *
 * @param earlier product on the nail
 * @param buildAnyway the technician's reason to build although the skin says postpone
 */
public record LookOver(EarlierProduct earlier, Optional<String> buildAnyway) {
  public static final LookOver NOTHING = new LookOver(EarlierProduct.NONE, Optional.empty());

  public LookOver {
    Objects.requireNonNull(earlier);
    buildAnyway = buildAnyway.map(String::strip).filter(reason -> !reason.isEmpty());
  }
}
