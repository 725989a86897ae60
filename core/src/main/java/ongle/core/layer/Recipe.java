package ongle.core.layer;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.Code;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;

/**
 * The layers of a nail in order.
 *
 * @param code it is kept by
 * @param label what the salon calls its own
 * @param layers from the plate out, each as often as it is laid
 * @param coats what layers are laid with, where it is not the usual
 */
public record Recipe(String code, String label, List<LayerKind> layers, Map<LayerKind, Coat> coats)
    implements Code {
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
      new Recipe(
          "two-powders",
          List.of(LayerKind.PRIMER, LayerKind.BODY, LayerKind.CUTICLE, LayerKind.TOP));

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
   * @throws IllegalArgumentException if there are none, one lies under what has to be under it, an
   *     inlay has nothing over it, or a coat is for another layer
   */
  public Recipe {
    layers = List.copyOf(layers);
    coats = Map.copyOf(coats);
    coats.forEach(
        (layer, coat) -> {
          if (coat.kind() != Coat.usual(layer).kind()) {
            throw new IllegalArgumentException(coat.code() + " is for no " + layer);
          }
        });
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

  /** One that ships, laid with what is usual. */
  public Recipe(String code, List<LayerKind> layers) {
    this(code, "", layers, Map.of());
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

  /** What a layer is laid with. */
  public Coat coat(LayerKind kind) {
    return Optional.ofNullable(coats.get(kind)).orElseGet(() -> Coat.usual(kind));
  }

  /** What a layer is laid with, where the recipe names it. */
  public Optional<Coat> named(LayerKind kind) {
    return Optional.ofNullable(coats.get(kind));
  }

  /** What its layers besides the building product are laid with, the lowest first. */
  public List<Coat> laidWith() {
    return layers.stream()
        .filter(kind -> kind == LayerKind.BASE_RUBBED || Coat.KINDS.contains(kind))
        .map(this::coat)
        .distinct()
        .toList();
  }

  /** What its coats need of a lamp. */
  public List<LightCure> lights() {
    return layers.stream()
        .filter(LayerKind::cured)
        .flatMap(kind -> coat(kind).light().stream())
        .distinct()
        .toList();
  }

  /** The same, laid with these as far as it has such layers. */
  public Recipe with(Map<LayerKind, Coat> others) {
    Map<LayerKind, Coat> all = new EnumMap<>(LayerKind.class);
    all.putAll(coats);
    all.putAll(others);
    return new Recipe(code, label, layers, all);
  }

  /** The same with no acid in its primer. */
  public Recipe mild() {
    Map<LayerKind, Coat> mild = new EnumMap<>(LayerKind.class);
    coats.forEach(
        (kind, coat) -> {
          if (!coat.acid()) {
            mild.put(kind, coat);
          }
        });
    return new Recipe(code, label, layers, mild);
  }

  /** The same with a colour in so many coats; with none, without. */
  public Recipe coloured(Coat colour, int coats) {
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
    return new Recipe(code, label, painted, this.coats).with(Map.of(LayerKind.COLOUR, colour));
  }

  /** What lies under and over the body, mm: part of the nail's thickness, not on top of it. */
  public double besidesBody() {
    return layers.stream()
        .filter(kind -> kind.thickness() > 0)
        .mapToDouble(kind -> coat(kind).thickness())
        .sum();
  }

  /** Whether it can be laid with a product: what sets by itself knows no cured coats under it. */
  public boolean suits(Product product) {
    boolean powder = product.handling() == Handling.POWDER_AND_LIQUID;
    return powder
        ? !has(LayerKind.BASE) && !has(LayerKind.SLIP) && !has(LayerKind.FRAME)
        : !twoPowders();
  }

  /** The same without what only a product that is brushed on has: a slip layer and a frame. */
  public Recipe of(Product product) {
    return product.handling() == Handling.BRUSHED
        ? this
        : new Recipe(
            code,
            label,
            layers.stream()
                .filter(kind -> kind != LayerKind.SLIP && kind != LayerKind.FRAME)
                .toList(),
            coats);
  }

  /** Whether the acrylic of the cuticle is another powder than that of the rest. */
  public boolean twoPowders() {
    return has(LayerKind.CUTICLE);
  }
}
