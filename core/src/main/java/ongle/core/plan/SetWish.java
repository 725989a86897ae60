package ongle.core.plan;

import java.util.Objects;
import ongle.core.fitting.Fitting;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Wearing;

/**
 * What is wanted for the whole set.
 *
 * @param shape of every nail
 * @param length how long, in one of three ways
 * @param product to build with
 * @param school where the apex goes unless a nail says otherwise
 * @param arch how the upper arch runs
 * @param across how the product thins to the sides
 * @param fitting kits to choose from, and tips or forms where either would do
 * @param wearer whose hands
 * @param wearing what it has to last through
 * @param figures the salon's planning figures
 */
public record SetWish(
    NailShape shape,
    LengthWish length,
    Product product,
    ApexSchool school,
    UpperArch arch,
    CrossThickness across,
    Fitting fitting,
    Wearer wearer,
    Wearing wearing,
    SalonFigures figures) {
  public SetWish {
    Objects.requireNonNull(shape);
    Objects.requireNonNull(length);
    Objects.requireNonNull(product);
    Objects.requireNonNull(school);
    Objects.requireNonNull(arch);
    Objects.requireNonNull(across);
    Objects.requireNonNull(fitting);
    Objects.requireNonNull(wearer);
    Objects.requireNonNull(wearing);
    Objects.requireNonNull(figures);
  }

  /** A wish with the usual planning figures. */
  public SetWish(
      NailShape shape,
      LengthWish length,
      Product product,
      ApexSchool school,
      UpperArch arch,
      CrossThickness across,
      Fitting fitting,
      Wearer wearer,
      Wearing wearing) {
    this(
        shape, length, product, school, arch, across, fitting, wearer, wearing, SalonFigures.USUAL);
  }

  /** A wish with the shape's own upper arch, to last as long as usual. */
  public SetWish(
      NailShape shape,
      LengthWish length,
      Product product,
      ApexSchool school,
      CrossThickness across,
      Fitting fitting,
      Wearer wearer) {
    this(
        shape, length, product, school, UpperArch.OF_SHAPE, across, fitting, wearer, Wearing.USUAL);
  }

  /** The same in another shape. */
  public SetWish with(NailShape other) {
    return new SetWish(
        other, length, product, school, arch, across, fitting, wearer, wearing, figures);
  }

  /** The same built of another product. */
  public SetWish with(Product other) {
    return new SetWish(
        shape, length, other, school, arch, across, fitting, wearer, wearing, figures);
  }

  /** The same with the apex placed otherwise. */
  public SetWish with(ApexSchool other) {
    return new SetWish(
        shape, length, product, other, arch, across, fitting, wearer, wearing, figures);
  }

  /** The same with another upper arch. */
  public SetWish with(UpperArch other) {
    return new SetWish(
        shape, length, product, school, other, across, fitting, wearer, wearing, figures);
  }

  /** The same spread across otherwise. */
  public SetWish with(CrossThickness other) {
    return new SetWish(
        shape, length, product, school, arch, other, fitting, wearer, wearing, figures);
  }

  /** The same to last through something else. */
  public SetWish with(Wearing other) {
    return new SetWish(
        shape, length, product, school, arch, across, fitting, wearer, other, figures);
  }
}
