package ongle.core.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Quantity;
import ongle.core.product.Product;

/**
 * What the technician set by hand on one nail instead of what is computed.
 *
 * @param values in each quantity's unit; only {@link #QUANTITIES}
 * @param tip to take instead of the advised one
 * @param way to build, instead of the one ranked first
 * @param product to build with, instead of the set's
 */
public record Adjustments(
    Map<Quantity, Double> values,
    Optional<TipNumber> tip,
    Optional<BuildWay> way,
    Optional<Product> product) {

  /** With the set's product. */
  public Adjustments(
      Map<Quantity, Double> values, Optional<TipNumber> tip, Optional<BuildWay> way) {
    this(values, tip, way, Optional.empty());
  }

  /** A number of a kit, by the kit's code. */
  public record TipNumber(String kit, String number) {}

  /** What can be set by hand. */
  public static final Set<Quantity> QUANTITIES =
      Set.of(
          Quantity.EXTENSION,
          Quantity.APEX_POSITION,
          Quantity.APEX_THICKNESS,
          Quantity.EDGE_THICKNESS,
          Quantity.SIDE_THICKNESS,
          Quantity.BARREL_DEPTH);

  public static final Adjustments NONE =
      new Adjustments(Map.of(), Optional.empty(), Optional.empty());

  /**
   * @throws IllegalArgumentException if a quantity is not one of {@link #QUANTITIES} or its value
   *     out of range
   */
  public Adjustments {
    Map<Quantity, Double> checked = new EnumMap<>(Quantity.class);
    values.forEach(
        (quantity, value) -> {
          if (!QUANTITIES.contains(quantity)) {
            throw new IllegalArgumentException(quantity + " is not set by hand");
          }
          checked.put(quantity, quantity.check(value));
        });
    values = Map.copyOf(checked);
  }

  /** The same with one value set by hand. */
  public Adjustments with(Quantity quantity, double value) {
    Map<Quantity, Double> changed = new EnumMap<>(Quantity.class);
    changed.putAll(values);
    changed.put(quantity, value);
    return new Adjustments(changed, tip, way, product);
  }

  /** The same built of a product of its own. */
  public Adjustments with(Product own) {
    return new Adjustments(values, tip, way, Optional.of(own));
  }

  /** The same with these left to the plan. */
  public Adjustments without(Set<Quantity> quantities) {
    Map<Quantity, Double> changed = new EnumMap<>(Quantity.class);
    changed.putAll(values);
    changed.keySet().removeAll(quantities);
    return new Adjustments(changed, tip, way, product);
  }

  public OptionalDouble of(Quantity quantity) {
    Double value = values.get(quantity);
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }
}
