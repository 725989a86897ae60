package ongle.app.exchange;

import static java.util.Objects.requireNonNullElse;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.exchange.SetFile.CoatGiven;
import ongle.app.exchange.SetFile.LayerGiven;
import ongle.app.exchange.SetFile.LayersGiven;
import ongle.app.words.Words;
import ongle.core.bench.Finish;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.product.LightCure;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Recipes and colours: usual ones by their code, or the sender's own with their bottles. */
final class LayersReader {
  private final List<Fault> faults;
  private final ProductReader products;

  /**
   * @param faults to add to
   */
  LayersReader(List<Fault> faults) {
    this.faults = faults;
    products = new ProductReader(faults);
  }

  /** The schema knows no other codes. */
  Recipe recipe(@Nullable JsonNode given, String path) {
    if (given == null) {
      return Recipe.AS_HABITS;
    }
    return given.isObject()
        ? own(FileJson.FILE.treeToValue(given, LayersGiven.class), path)
        : Recipe.ofCode(given.stringValue()).orElse(Recipe.AS_HABITS);
  }

  Finish finish(@Nullable JsonNode given, String path) {
    if (given == null) {
      return Finish.CLEAR;
    }
    return given.isObject()
        ? Finish.of(coat(FileJson.FILE.treeToValue(given, CoatGiven.class), LayerKind.COLOUR, path))
        : Coat.ofCode(given.stringValue()).map(Finish::of).orElse(Finish.CLEAR);
  }

  private Recipe own(LayersGiven given, String path) {
    String label = requireNonNullElse(given.label(), "own layers");
    List<LayerKind> layers = given.layers().stream().map(LayerGiven::layer).toList();
    Map<LayerKind, Coat> coats = new EnumMap<>(LayerKind.class);
    for (LayerGiven layer : given.layers()) {
      boolean bottled =
          layer.layer() == LayerKind.BASE_RUBBED || Coat.KINDS.contains(layer.layer());
      if (layer.with() != null && bottled) {
        coats.put(
            layer.layer(), coat(layer.with(), Coat.usual(layer.layer()).kind(), path + ".layers"));
      }
    }
    try {
      return new Recipe(label, label, layers, coats);
    } catch (IllegalArgumentException noSuchNail) {
      faults.add(
          new Fault(
              path + ".layers",
              Words.say("exchange.problem.layers"),
              Words.say("exchange.allowed.layers")));
      return Recipe.AS_HABITS;
    }
  }

  private Coat coat(CoatGiven given, LayerKind kind, String path) {
    Coat usual = Coat.usual(kind);
    String number = requireNonNullElse(given.number(), "");
    Optional<LightCure> light =
        usual.light().map(as -> products.light(given.light(), as, path + ".light"));
    return new Coat(
        (given.label() + " " + number).strip(),
        given.label(),
        number,
        kind,
        requireNonNullElse(given.thicknessMm(), usual.thickness()),
        light,
        requireNonNullElse(given.coats(), 1),
        Boolean.TRUE.equals(given.wiped()),
        Boolean.TRUE.equals(given.acid()),
        ProductReader.limits(given.limits()));
  }
}
