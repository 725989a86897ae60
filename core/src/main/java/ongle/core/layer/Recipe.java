package ongle.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.core.Code;
import ongle.core.product.Handling;
import ongle.core.product.Product;

/**
 * The layers of a nail in order.
 *
 * @param code it is kept by
 * @param layers from the plate out, each as often as it is laid
 */
public record Recipe(String code, List<LayerKind> layers) implements Code {
  /** Clear left over an inlay once it is filed, mm. */
  public static final double OVER_INLAY = 0.15;

  /** An inlay stays this far back from the free edge, or it chips, mm. */
  public static final double INLAY_BACK = 0.5;

  /** As the salon's habits say: its primer, its way of building, its colour. */
  public static final Recipe AS_HABITS = new Recipe("habits", List.of(LayerKind.BODY));

  public static final Recipe BASE_THEN_BEAD =
      new Recipe(
          "base-then-bead",
          List.of(
              LayerKind.PRIMER,
              LayerKind.BASE,
              LayerKind.SLIP,
              LayerKind.BODY,
              LayerKind.COLOUR,
              LayerKind.TOP));

  public static final Recipe COLOUR_UNDER_CLEAR =
      new Recipe(
          "colour-under-clear",
          List.of(
              LayerKind.PRIMER,
              LayerKind.BASE,
              LayerKind.BODY,
              LayerKind.COLOUR,
              LayerKind.CAP,
              LayerKind.TOP));

  public static final Recipe CLEAR_COLOUR_CLEAR =
      new Recipe(
          "clear-colour-clear",
          List.of(
              LayerKind.PRIMER,
              LayerKind.SLIP,
              LayerKind.FRAME,
              LayerKind.BODY,
              LayerKind.COLOUR,
              LayerKind.CAP,
              LayerKind.TOP));

  public static final Recipe COLOURED_BUILDER =
      new Recipe(
          "coloured-builder",
          List.of(LayerKind.PRIMER, LayerKind.SLIP, LayerKind.BODY, LayerKind.TOP));

  public static final Recipe TWO_POWDERS =
      new Recipe("two-powders", List.of(LayerKind.PRIMER, LayerKind.BODY, LayerKind.TOP));

  public static final Recipe INLAY_UNDER_CLEAR =
      new Recipe(
          "inlay-under-clear",
          List.of(
              LayerKind.PRIMER,
              LayerKind.BASE,
              LayerKind.SLIP,
              LayerKind.BODY,
              LayerKind.INLAY,
              LayerKind.CAP,
              LayerKind.TOP));

  public static final Recipe POLISH =
      new Recipe("polish", List.of(LayerKind.BASE, LayerKind.COLOUR, LayerKind.TOP));

  /** Those every salon starts with, for nails that are built; the first if nothing is said. */
  public static final List<Recipe> SHIPPED =
      List.of(
          AS_HABITS,
          BASE_THEN_BEAD,
          COLOUR_UNDER_CLEAR,
          CLEAR_COLOUR_CLEAR,
          COLOURED_BUILDER,
          TWO_POWDERS,
          INLAY_UNDER_CLEAR);

  /**
   * @throws IllegalArgumentException if there are none, one lies under what has to be under it, or
   *     an inlay has nothing over it
   */
  public Recipe {
    layers = List.copyOf(layers);
    for (int i = 1; i < layers.size(); i++) {
      if (layers.get(i).compareTo(layers.get(i - 1)) < 0) {
        throw new IllegalArgumentException(
            layers.get(i) + " lies under " + layers.get(i - 1) + ", not over it");
      }
    }
    if (layers.isEmpty() || layers.contains(LayerKind.INLAY) && !layers.contains(LayerKind.CAP)) {
      throw new IllegalArgumentException("nothing is laid, or an inlay lies bare");
    }
  }

  public static Optional<Recipe> ofCode(String code) {
    return SHIPPED.stream().filter(recipe -> recipe.code.equals(code)).findFirst();
  }

  public boolean has(LayerKind kind) {
    return layers.contains(kind);
  }

  /** How often a layer is laid. */
  public int times(LayerKind kind) {
    return (int) layers.stream().filter(kind::equals).count();
  }

  /** The same with its colour in so many coats; with none, without. */
  public Recipe coloured(int coats) {
    List<LayerKind> painted = new ArrayList<>();
    for (LayerKind layer : layers) {
      if (layer != LayerKind.COLOUR) {
        painted.add(layer);
      } else if (!painted.contains(LayerKind.COLOUR)) {
        for (int i = 0; i < coats; i++) {
          painted.add(layer);
        }
      }
    }
    return new Recipe(code, painted);
  }

  /** What lies under and over the body, mm: part of the nail's thickness, not on top of it. */
  public double besidesBody() {
    return layers.stream().mapToDouble(LayerKind::thickness).sum();
  }

  /** Whether it can be laid with a product: what sets by itself knows no cured coats under it. */
  public boolean suits(Product product) {
    return code.equals(TWO_POWDERS.code)
        ? product.handling() == Handling.POWDER_AND_LIQUID
        : !product.setsByItself() || !has(LayerKind.BASE) && !has(LayerKind.SLIP);
  }

  /** Whether the acrylic of the cuticle is another powder than that of the rest. */
  public boolean twoPowders() {
    return code.equals(TWO_POWDERS.code);
  }
}
