package ongle.core.plan;

import java.util.Objects;
import ongle.core.fitting.Fitting;
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
 * @param fitting kits to choose from, and tips or forms where either would do
 * @param wearer whose hands
 */
public record SetWish(
    NailShape shape,
    LengthWish length,
    Product product,
    ApexSchool school,
    CrossThickness across,
    Fitting fitting,
    Wearer wearer) {
  public SetWish {
    Objects.requireNonNull(shape);
    Objects.requireNonNull(length);
    Objects.requireNonNull(product);
    Objects.requireNonNull(school);
    Objects.requireNonNull(across);
    Objects.requireNonNull(fitting);
    Objects.requireNonNull(wearer);
  }
}
