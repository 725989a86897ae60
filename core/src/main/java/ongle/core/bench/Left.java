package ongle.core.bench;

import java.util.OptionalDouble;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.OldBuild;
import ongle.core.plan.NailPlan;
import ongle.core.product.Handling;
import ongle.core.product.Product;

/**
 * What a finished visit leaves on a nail: what the next finds there.
 *
 * @param product on it
 * @param build as it was built, or as it was judged where it was left alone
 */
public record Left(EarlierProduct product, OldBuild build) {
  static Left of(FingerJob job, NailPlan nail) {
    EarlierProduct found = nail.seen().earlier();
    OldBuild stays = nail.seen().old().clipping(OptionalDouble.empty());
    return switch (job) {
      case NEW, INFILL, REPAIR -> new Left(kind(nail.build().product()), built(nail));
      case LEAVE -> new Left(found, stays);
      case POLISH -> new Left(found.builds() ? found : EarlierProduct.GEL_POLISH, stays);
      case OFF -> new Left(EarlierProduct.NONE, OldBuild.UNASKED);
    };
  }

  private static OldBuild built(NailPlan nail) {
    double apex = nail.build().profile().apexThickness();
    return OldBuild.UNASKED
        .measuring(OptionalDouble.of(Math.max(OldBuild.THICKNESS.min(), apex)))
        .onTip(nail.fit().way() == BuildWay.TIP);
  }

  /** What whoever takes it off calls it. */
  private static EarlierProduct kind(Product product) {
    return product.handling() == Handling.POWDER_AND_LIQUID
        ? EarlierProduct.ACRYLIC
        : product.handling() == Handling.TUBE
            ? EarlierProduct.POLY_GEL
            : product.soaksOff() ? EarlierProduct.SOAK_OFF_GEL : EarlierProduct.HARD_GEL;
  }
}
