package ongle.core.portion;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.Code;
import ongle.core.layer.Coat;
import ongle.core.product.Handling;
import ongle.core.product.Product;

/**
 * Something a salon keeps on its shelf and uses up.
 *
 * @param code name in files and addresses
 * @param product it is; empty where it is none that is built with
 * @param coat of the salon's own it is; empty where it is none
 * @param measure it is bought and counted by
 */
public record Material(String code, Optional<Product> product, Optional<Coat> coat, Measure measure)
    implements Code {
  /** What it is counted by. */
  public enum Measure {
    GRAM("g"),
    MILLILITRE("ml"),
    PIECE("pcs");

    private final String symbol;

    Measure(String symbol) {
      this.symbol = symbol;
    }

    public String symbol() {
      return symbol;
    }
  }

  public static final Material ACRYLIC_LIQUID =
      new Material("acrylic-liquid", Optional.empty(), Measure.MILLILITRE);
  public static final Material COLOUR =
      new Material("colour", Optional.empty(), Measure.MILLILITRE);
  public static final Material TOP_COAT =
      new Material("top-coat", Optional.empty(), Measure.MILLILITRE);

  public static final Material BASE = new Material("base", Optional.empty(), Measure.MILLILITRE);
  public static final Material CLEAR_GEL =
      new Material("clear-gel", Optional.empty(), Measure.MILLILITRE);

  /** The powder of the cuticle zone, where it is another than that of the rest. */
  public static final Material CUTICLE_POWDER =
      new Material("cuticle-powder", Optional.empty(), Measure.GRAM);

  public static final Material INLAY = new Material("inlay", Optional.empty(), Measure.PIECE);

  /** A drop of primer for one nail, ml; a planning figure of our own. */
  public static final double PRIMER_A_NAIL = 0.02;

  /** A pad of remover for one finger and round, ml; a planning figure of our own. */
  public static final double REMOVER_A_PAD = 1.5;

  public static final Material PRIMER =
      new Material("primer", Optional.empty(), Measure.MILLILITRE);
  public static final Material REMOVER =
      new Material("remover", Optional.empty(), Measure.MILLILITRE);

  private Material(String code, Optional<Product> product, Measure measure) {
    this(code, product, Optional.empty(), measure);
  }

  /** What is laid under and over the build: one bottle for all usual ones of a kind. */
  public static Material of(Coat coat) {
    Material usual =
        switch (coat.kind()) {
          case PRIMER -> PRIMER;
          case COLOUR -> COLOUR;
          case INLAY -> INLAY;
          case CAP -> CLEAR_GEL;
          case TOP -> TOP_COAT;
          default -> BASE;
        };
    return coat.shipped()
        ? usual
        : new Material(coat.code(), Optional.empty(), Optional.of(coat), usual.measure);
  }

  /** What is built with: powder by the gram, all else by the millilitre. */
  public static Material of(Product product) {
    return product.handling() == Handling.POWDER_AND_LIQUID
        ? new Material(product.code(), Optional.of(product), Measure.GRAM)
        : new Material(product.code(), Optional.of(product), Measure.MILLILITRE);
  }

  /** Everything Ongle works out an amount of, where these are built and coated with. */
  public static List<Material> all(List<Product> products, List<Coat> coats) {
    return Stream.concat(
            Stream.concat(products.stream().map(Material::of), coats.stream().map(Material::of)),
            Arrays.stream(
                new Material[] {
                  ACRYLIC_LIQUID,
                  COLOUR,
                  TOP_COAT,
                  PRIMER,
                  REMOVER,
                  BASE,
                  CLEAR_GEL,
                  INLAY,
                  CUTICLE_POWDER
                }))
        .toList();
  }
}
