package ongle.core.plan;

import java.util.Objects;
import java.util.Optional;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.OldBuild;

/**
 * What was found on one finger besides plate and skin, and decided.
 *
 * @param earlier product on the nail
 * @param old what is known of the build on it
 * @param buildAnyway the technician's reason to build although the skin says postpone
 */
public record LookOver(EarlierProduct earlier, OldBuild old, Optional<String> buildAnyway) {
  public static final LookOver NOTHING =
      new LookOver(EarlierProduct.NONE, OldBuild.UNASKED, Optional.empty());

  public LookOver {
    Objects.requireNonNull(earlier);
    Objects.requireNonNull(old);
    buildAnyway = buildAnyway.map(String::strip).filter(reason -> !reason.isEmpty());
  }
}
