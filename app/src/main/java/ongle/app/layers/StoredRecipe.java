package ongle.app.layers;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;

/** A recipe of the salon's own as stored: its layers in order, each with its bottle's code. */
@Entity
@Table(name = "recipe")
class StoredRecipe {
  private static final String WITH = "=";

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String code;
  private String label;
  private String layers;
  private boolean putAway;

  protected StoredRecipe() {}

  StoredRecipe(UUID formKey, Recipe recipe) {
    this.formKey = formKey;
    code = recipe.code();
    become(recipe);
  }

  final void become(Recipe recipe) {
    label = recipe.label();
    layers =
        recipe.layers().stream()
            .map(
                kind ->
                    recipe
                        .named(kind)
                        .map(coat -> kind.name() + WITH + coat.code())
                        .orElse(kind.name()))
            .collect(Collectors.joining(" "));
  }

  /**
   * @param bottles by code; one that is gone is the usual one
   */
  Recipe recipe(Function<String, Optional<Coat>> bottles) {
    List<String[]> parts = Arrays.stream(layers.split(" ")).map(each -> each.split(WITH)).toList();
    Map<LayerKind, Coat> coats = new EnumMap<>(LayerKind.class);
    for (String[] part : parts) {
      if (part.length == 2) {
        bottles.apply(part[1]).ifPresent(coat -> coats.put(LayerKind.valueOf(part[0]), coat));
      }
    }
    return new Recipe(
        code, label, parts.stream().map(part -> LayerKind.valueOf(part[0])).toList(), coats);
  }

  int version() {
    return version;
  }

  boolean isPutAway() {
    return putAway;
  }

  void putAway(boolean away) {
    putAway = away;
  }
}
