package ongle.core.layer;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ongle.core.Range;
import ongle.core.product.Bought;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import org.jspecify.annotations.Nullable;

/**
 * What goes under and over the build: a primer, base, colour, inlay, clear or top coat.
 *
 * @param code name in files and addresses
 * @param label name on screen, of the salon's own
 * @param number the maker's, of a shade; empty where there is none
 * @param kind the layer it is for
 * @param thickness one of it is laid, mm
 * @param light what one needs of a lamp; empty for what is not cured
 * @param coats of it, usually, 1 to {@link #MOST}
 * @param wiped whether it keeps a film that is wiped
 * @param acid whether it is a primer with acid
 * @param limits of its maker
 */
public record Coat(
    String code,
    String label,
    String number,
    LayerKind kind,
    double thickness,
    Optional<LightCure> light,
    int coats,
    boolean wiped,
    boolean acid,
    Limits limits)
    implements Bought {
  /** Kinds of layer that have a bottle of their own. */
  public static final List<LayerKind> KINDS =
      List.of(
          LayerKind.PRIMER,
          LayerKind.BASE,
          LayerKind.INLAY,
          LayerKind.COLOUR,
          LayerKind.CAP,
          LayerKind.TOP);

  /** Coats laid of one thing. */
  public static final int MOST = 3;

  /** Thickness of one, mm. */
  public static final Range THICKNESS = new Range(0, 2);

  private static final Set<Integer> EITHER = Set.of(365, 405);

  /** What a thin clear coat needs of a lamp; ours, as all figures of the usual ones. */
  private static final LightCure THIN = new LightCure(0.3, 0.3, 2.4, 0.4, EITHER, 0.5);

  public static final Coat PRIMER = usual("primer", LayerKind.PRIMER, 1, null);
  public static final Coat BASE = usual("base", LayerKind.BASE, 1, THIN);
  public static final Coat INLAY = usual("inlay", LayerKind.INLAY, 1, null);
  public static final Coat PALE = usual("pale", LayerKind.COLOUR, 2, colour(1.2));

  /** Dark colour covers later and lets less light through. */
  public static final Coat DARK = usual("dark", LayerKind.COLOUR, 3, colour(2.4));

  public static final Coat CLEAR_GEL =
      usual("clear-gel", LayerKind.CAP, 1, Product.HARD_GEL.light().orElseThrow());
  public static final Coat TOP = usual("top-coat", LayerKind.TOP, 1, THIN);

  /** Those every salon starts with; of each kind the first if nothing is said. */
  public static final List<Coat> SHIPPED = List.of(PRIMER, BASE, INLAY, PALE, DARK, CLEAR_GEL, TOP);

  /**
   * @throws IllegalArgumentException if its kind has none, it is cured and no light given or the
   *     other way round, or a number is out of its range
   */
  public Coat {
    THICKNESS.check("thickness", thickness);
    if (!KINDS.contains(kind) || kind.cured() != light.isPresent()) {
      throw new IllegalArgumentException(kind + " is no such coat");
    }
    if (coats < 1 || coats > MOST) {
      throw new IllegalArgumentException("1 to " + MOST + " coats, not " + coats);
    }
  }

  private static Coat usual(String code, LayerKind kind, int coats, @Nullable LightCure light) {
    return new Coat(
        code,
        "",
        "",
        kind,
        kind.thickness(),
        Optional.ofNullable(light),
        coats,
        kind == LayerKind.TOP,
        false,
        Limits.NONE);
  }

  private static LightCure colour(double dose) {
    return new LightCure(0.12, 0.08, dose, 0.3, EITHER, 0.5);
  }

  /**
   * What is taken of a kind where nothing is said.
   *
   * @throws IllegalArgumentException if it has no bottle of its own
   */
  public static Coat usual(LayerKind kind) {
    LayerKind wanted = kind == LayerKind.BASE_RUBBED ? LayerKind.BASE : kind;
    return SHIPPED.stream()
        .filter(coat -> coat.kind == wanted)
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException(kind.name()));
  }

  public static Optional<Coat> ofCode(String code) {
    return SHIPPED.stream().filter(coat -> coat.code.equals(code)).findFirst();
  }

  /** The colours every salon starts with. */
  public static Stream<Coat> colours() {
    return SHIPPED.stream().filter(coat -> coat.kind == LayerKind.COLOUR);
  }

  @Override
  public boolean shipped() {
    return SHIPPED.contains(this);
  }
}
