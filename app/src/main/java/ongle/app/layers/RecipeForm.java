package ongle.app.layers;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.words.Words;
import ongle.core.Range;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;

/**
 * A recipe as put together: a layer that is not wanted is blank, one as usual says so, else the
 * code of a bottle stands there.
 *
 * @param rubbed base in place of primer, rubbed in
 * @param coats of a colour that is named
 */
record RecipeForm(
    @Named(max = 60) String label,
    String primer,
    String rubbed,
    String base,
    Boolean slip,
    Boolean frame,
    Boolean cuticle,
    String inlay,
    String colour,
    String coats,
    String cap,
    String top) {
  /** What is laid as usual, or as the visit says. */
  static final String USUAL = "usual";

  /** A field that was not sent is empty. */
  RecipeForm {
    label = CleanText.orEmpty(label);
    primer = CleanText.orEmpty(primer);
    rubbed = CleanText.orEmpty(rubbed);
    base = CleanText.orEmpty(base);
    inlay = CleanText.orEmpty(inlay);
    colour = CleanText.orEmpty(colour);
    coats = CleanText.orEmpty(coats);
    cap = CleanText.orEmpty(cap);
    top = CleanText.orEmpty(top);
  }

  static RecipeForm of(Recipe recipe) {
    return new RecipeForm(
        recipe.label(),
        chosen(recipe, LayerKind.PRIMER),
        chosen(recipe, LayerKind.BASE_RUBBED),
        chosen(recipe, LayerKind.BASE),
        recipe.has(LayerKind.SLIP),
        recipe.has(LayerKind.FRAME),
        recipe.has(LayerKind.CUTICLE),
        chosen(recipe, LayerKind.INLAY),
        chosen(recipe, LayerKind.COLOUR),
        String.valueOf(Math.max(1, recipe.times(LayerKind.COLOUR))),
        chosen(recipe, LayerKind.CAP),
        chosen(recipe, LayerKind.TOP));
  }

  private static String chosen(Recipe recipe, LayerKind kind) {
    return recipe.has(kind) ? recipe.named(kind).map(Coat::code).orElse(USUAL) : "";
  }

  /** What is chosen of the layers that have a bottle of their own. */
  Map<LayerKind, String> bottles() {
    Map<LayerKind, String> chosen = new EnumMap<>(LayerKind.class);
    chosen.put(LayerKind.PRIMER, primer);
    chosen.put(LayerKind.BASE_RUBBED, rubbed);
    chosen.put(LayerKind.BASE, base);
    chosen.put(LayerKind.INLAY, inlay);
    chosen.put(LayerKind.COLOUR, colour);
    chosen.put(LayerKind.CAP, cap);
    chosen.put(LayerKind.TOP, top);
    return chosen;
  }

  /**
   * @param code of the recipe it becomes
   * @return empty if anything was wrong
   */
  Optional<Recipe> read(FormReading typed, String code, Layers layers) {
    Map<LayerKind, String> bottles = bottles();
    Map<LayerKind, Coat> with = new EnumMap<>(LayerKind.class);
    bottles.forEach(
        (kind, chosen) -> {
          if (!chosen.isBlank() && !chosen.equals(USUAL)) {
            layers
                .coat(chosen)
                .filter(coat -> coat.kind() == Coat.usual(kind).kind())
                .ifPresentOrElse(
                    coat -> with.put(kind, coat),
                    () -> typed.fault(field(kind), Words.say("layers.bottle.wanted")));
          }
        });
    if (!primer.isBlank() && !rubbed.isBlank()) {
      typed.fault("rubbed", Words.say("layers.rubbed.wanted"));
    }
    if (!inlay.isBlank() && cap.isBlank()) {
      typed.fault("cap", Words.say("layers.cap.wanted"));
    }
    double many =
        with.containsKey(LayerKind.COLOUR)
            ? typed.number("coats", coats, new Range(1, Coat.MOST))
            : 1;
    return typed.made(() -> new Recipe(code, label.strip(), inOrder(bottles, (int) many), with));
  }

  private List<LayerKind> inOrder(Map<LayerKind, String> bottles, int colours) {
    List<LayerKind> order = new ArrayList<>();
    for (LayerKind kind : LayerKind.values()) {
      boolean wanted =
          switch (kind) {
            case BODY -> true;
            case SLIP -> Boolean.TRUE.equals(slip);
            case FRAME -> Boolean.TRUE.equals(frame);
            case CUTICLE -> Boolean.TRUE.equals(cuticle);
            default -> !bottles.getOrDefault(kind, "").isBlank();
          };
      for (int i = 0; wanted && i < (kind == LayerKind.COLOUR ? colours : 1); i++) {
        order.add(kind);
      }
    }
    return order;
  }

  /** The field a layer's bottle is chosen in. */
  static String field(LayerKind kind) {
    return kind == LayerKind.BASE_RUBBED ? "rubbed" : kind.name().toLowerCase(Locale.ROOT);
  }
}
