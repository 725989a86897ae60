package ongle.core.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * A building product with the figures the computation needs.
 *
 * @param code name in the set file and in addresses
 * @param label name on screen
 * @param modulus Young's modulus when hard, MPa
 * @param strength flexural strength, MPa
 * @param density g/cm³
 * @param shrinkage share of its volume lost in hardening, 0 to 1
 * @param levelling whether it flows level by itself, so that less has to be filed
 * @param standsFree whether it stays where it is put with nothing under it, so that it can be
 *     sculpted free-hand
 * @param handling how it is taken up and laid
 * @param soaksOff whether solvent softens it; else it only comes off with a file
 * @param light what it needs of a lamp; empty when it sets by itself
 * @param origin where the figures come from
 * @param limits of its maker
 */
public record Product(
    String code,
    String label,
    double modulus,
    double strength,
    double density,
    double shrinkage,
    boolean levelling,
    boolean standsFree,
    Handling handling,
    boolean soaksOff,
    Optional<LightCure> light,
    String origin,
    Limits limits)
    implements Bought {

  /** A planning figure of our own for this kind of product. */
  private static final String OURS = "";

  /** Salon lamps shine at 365 nm, at 405 nm or both; either starts these. */
  private static final Set<Integer> EITHER = Set.of(365, 405);

  public static final Product ACRYLIC =
      new Product(
          "acrylic",
          "acrylic",
          2200,
          75,
          1.18,
          .10,
          false,
          true,
          Handling.POWDER_AND_LIQUID,
          true,
          Optional.empty(),
          OURS);
  public static final Product HARD_GEL =
      new Product(
          "hard-gel",
          "hard-gel",
          1500,
          55,
          1.12,
          .08,
          true,
          false,
          Handling.BRUSHED,
          false,
          Optional.of(new LightCure(1.0, 0.6, 2.4, 0.4, EITHER, 1.0)),
          OURS);

  /** Hard gel that stays where the brush leaves it; carries like the levelling one. */
  public static final Product STIFF_HARD_GEL =
      new Product(
          "stiff-hard-gel",
          "stiff-hard-gel",
          HARD_GEL.modulus,
          HARD_GEL.strength,
          HARD_GEL.density,
          HARD_GEL.shrinkage,
          false,
          false,
          Handling.BRUSHED,
          false,
          HARD_GEL.light,
          OURS);

  public static final Product SOAK_OFF_GEL =
      new Product(
          "soak-off-gel",
          "soak-off-gel",
          700,
          35,
          1.10,
          .07,
          true,
          false,
          Handling.BRUSHED,
          true,
          Optional.of(new LightCure(0.8, 0.5, 2.4, 0.4, EITHER, 0.8)),
          OURS);
  public static final Product POLY_GEL =
      new Product(
          "poly-gel",
          "poly-gel",
          1800,
          60,
          1.15,
          .08,
          false,
          false,
          Handling.TUBE,
          false,
          Optional.of(new LightCure(1.2, 0.8, 2.4, 0.4, EITHER, 0.7)),
          OURS);
  public static final Product SOLID_GEL =
      new Product(
          "solid-gel",
          "solid-gel",
          1600,
          55,
          1.13,
          .07,
          false,
          false,
          Handling.PUTTY,
          true,
          Optional.of(new LightCure(1.2, 0.8, 2.4, 0.4, EITHER, 0.7)),
          OURS);

  /** A soft base that fills and strengthens a little under polish; it builds nothing on. */
  public static final Product LEVELLING_BASE =
      new Product(
          "levelling-base",
          "levelling-base",
          500,
          30,
          1.08,
          .06,
          true,
          false,
          Handling.BRUSHED,
          true,
          Optional.of(new LightCure(0.5, 0.4, 1.6, 0.3, EITHER, 0.6)),
          OURS);

  /** The products every salon starts with. */
  public static final List<Product> STANDARD =
      List.of(ACRYLIC, HARD_GEL, STIFF_HARD_GEL, SOAK_OFF_GEL, POLY_GEL, SOLID_GEL, LEVELLING_BASE);

  /**
   * @throws IllegalArgumentException if a figure is not above 0, or the shrinkage not from 0 to
   *     below 1
   */
  public Product {
    Objects.requireNonNull(code);
    Objects.requireNonNull(label);
    Objects.requireNonNull(handling);
    Objects.requireNonNull(light);
    if (!(modulus > 0) || !(strength > 0) || !(density > 0) || !(shrinkage >= 0 && shrinkage < 1)) {
      throw new IllegalArgumentException(
          "a product needs positive stiffness, strength and density, and a shrinkage below 1");
    }
  }

  /** With no limits said. */
  public Product(
      String code,
      String label,
      double modulus,
      double strength,
      double density,
      double shrinkage,
      boolean levelling,
      boolean standsFree,
      Handling handling,
      boolean soaksOff,
      Optional<LightCure> light,
      String origin) {
    this(
        code,
        label,
        modulus,
        strength,
        density,
        shrinkage,
        levelling,
        standsFree,
        handling,
        soaksOff,
        light,
        origin,
        Limits.NONE);
  }

  /** Whether a nail of it carries the same. */
  public boolean carriesLike(Product other) {
    return modulus == other.modulus && strength == other.strength;
  }

  /** The standard products, of several that carry alike the first. */
  public static List<Product> carryingDifferently() {
    List<Product> different = new ArrayList<>();
    STANDARD.stream()
        .filter(product -> !product.onlyOverlay())
        .filter(product -> different.stream().noneMatch(product::carriesLike))
        .forEach(different::add);
    return different;
  }

  /** Whether it is for the natural nail only and builds nothing on. */
  public boolean onlyOverlay() {
    return code.equals(LEVELLING_BASE.code);
  }

  @Override
  public boolean shipped() {
    return ofCode(code).isPresent();
  }

  /** Whether it hardens with no lamp, on its own clock. */
  public boolean setsByItself() {
    return light.isEmpty();
  }

  public static Optional<Product> ofCode(String code) {
    return STANDARD.stream().filter(product -> product.code().equals(code)).findFirst();
  }

  /** Density before it hardens, g/cm³: it weighs the same and takes more room. */
  public double freshDensity() {
    return density * (1 - shrinkage);
  }
}
