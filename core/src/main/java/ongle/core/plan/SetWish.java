package ongle.core.plan;

import java.util.Objects;
import ongle.core.fitting.TipKit;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;

/**
 * What is wanted for the whole set.
 *
 * @param shape of every nail
 * @param length how long, in one of three ways
 * @param product to build with
 * @param school where the apex goes unless a nail says otherwise
 * @param across how the product thins to the sides
 * @param kit tips to choose from
 */
public record SetWish(
    NailShape shape,
    LengthWish length,
    Product product,
    ApexSchool school,
    CrossThickness across,
    TipKit kit) {
  public SetWish {
    Objects.requireNonNull(shape);
    Objects.requireNonNull(length);
    Objects.requireNonNull(product);
    Objects.requireNonNull(school);
    Objects.requireNonNull(across);
    Objects.requireNonNull(kit);
  }
}
