package ongle.core.portion;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import ongle.core.product.Handling;
import ongle.core.product.Product;

/**
 * Something a salon keeps on its shelf and uses up.
 *
 * @param code name in files and addresses
 * @param label name on screen
 * @param measure it is bought and counted by
 */
public record Material(String code, String label, Measure measure) {
  /** What it is counted by. */
  public enum Measure {
    GRAM("g"),
    MILLILITRE("ml");

    private final String symbol;

    Measure(String symbol) {
      this.symbol = symbol;
    }

    public String symbol() {
      return symbol;
    }
  }

  public static final Material ACRYLIC_LIQUID =
      new Material("acrylic-liquid", "acrylic liquid", Measure.MILLILITRE);
  public static final Material COLOUR =
      new Material("colour", "gel polish colour", Measure.MILLILITRE);
  public static final Material TOP_COAT = new Material("top-coat", "top coat", Measure.MILLILITRE);

  /** A drop of primer for one nail, ml; a planning figure of our own. */
  public static final double PRIMER_A_NAIL = 0.02;

  /** A pad of remover for one finger and round, ml; a planning figure of our own. */
  public static final double REMOVER_A_PAD = 1.5;

  public static final Material PRIMER = new Material("primer", "primer", Measure.MILLILITRE);
  public static final Material REMOVER =
      new Material("remover", "remover for soaking", Measure.MILLILITRE);

  /** What is built with: powder by the gram, all else by the millilitre. */
  public static Material of(Product product) {
    return product.handling() == Handling.POWDER_AND_LIQUID
        ? new Material(product.code(), product.label() + " powder", Measure.GRAM)
        : new Material(product.code(), product.label(), Measure.MILLILITRE);
  }

  /** Everything Ongle works out an amount of, where these are built with. */
  public static List<Material> all(List<Product> products) {
    return Stream.concat(
            products.stream().map(Material::of),
            Arrays.stream(new Material[] {ACRYLIC_LIQUID, COLOUR, TOP_COAT, PRIMER, REMOVER}))
        .toList();
  }
}
