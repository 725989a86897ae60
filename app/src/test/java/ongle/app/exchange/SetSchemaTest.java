package ongle.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Stream;
import ongle.app.kits.KitColumn;
import ongle.core.Range;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Routine;
import ongle.core.check.AsBuilt;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import ongle.core.cure.Setting;
import ongle.core.layer.Coat;
import ongle.core.layer.Recipe;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Activity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.SalonFigures;
import ongle.core.portion.Strip;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import ongle.core.product.ProductFigure;
import ongle.core.structure.ApexFloor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The description of a set file allows what the rules of the job allow, neither more nor less. */
class SetSchemaTest {
  private static final Path DOCS = Path.of("..", "docs", "plan-service");

  private final SetSchema schema = new SetSchema();
  private final JsonNode described =
      FileJson.FILE.readTree(Files.readString(DOCS.resolve("set.schema.json")));

  SetSchemaTest() throws IOException {}

  private JsonNode at(String pointer) {
    JsonNode node = described.at(pointer);
    assertThat(node.isMissingNode()).as(pointer).isFalse();
    return node;
  }

  private void bounded(String pointer, double min, double max) {
    assertThat(at(pointer).get("minimum").doubleValue()).as(pointer).isEqualTo(min);
    assertThat(at(pointer).get("maximum").doubleValue()).as(pointer).isEqualTo(max);
  }

  private void bounded(String pointer, Range range) {
    bounded(pointer, range.min(), range.max());
  }

  @Test
  void everyLimitIsTheOneOfTheRules() {
    String nail = "/properties/nails/items/properties/";
    for (Quantity quantity : Readings.OF_A_PLATE) {
      bounded(nail + SetFile.name(quantity), quantity.min(), quantity.max());
    }
    for (Quantity quantity : AsBuilt.QUANTITIES) {
      bounded(
          nail + "asBuilt/properties/" + SetFile.name(quantity), quantity.min(), quantity.max());
    }
    bounded(nail + "regrowthMm", Quantity.REGROWTH.min(), Quantity.REGROWTH.max());
    for (Quantity quantity : Adjustments.QUANTITIES) {
      bounded(nail + "byHand/properties/" + SetFile.name(quantity), quantity.min(), quantity.max());
    }
    bounded(
        "/properties/wear/properties/wearDays", Quantity.WEAR_DAYS.min(), Quantity.WEAR_DAYS.max());
    String product = "/properties/product/then/properties/";
    Map.of(
            "modulusMPa", ProductFigure.MODULUS,
            "strengthMPa", ProductFigure.STRENGTH,
            "densityGPerCm3", ProductFigure.DENSITY,
            "shrinkage", ProductFigure.SHRINKAGE,
            "light/properties/clearReachMm", ProductFigure.CLEAR_REACH,
            "light/properties/pigmentedReachMm", ProductFigure.PIGMENTED_REACH,
            "light/properties/fullDoseJPerCm2", ProductFigure.FULL_DOSE,
            "light/properties/flashDoseJPerCm2", ProductFigure.FLASH_DOSE,
            "light/properties/reactivity", ProductFigure.REACTIVITY)
        .forEach((name, figure) -> bounded(product + name, figure.min(), figure.max()));
    bounded(product + "light/properties/wavelengthsNm/items", Lamp.WAVES);
    String tip = "/properties/kit/then/properties/tips/items/properties/";
    Map.of(
            "widthMm", KitColumn.WIDTH,
            "depthMm", KitColumn.DEPTH,
            "wellLengthMm", KitColumn.WELL_LENGTH,
            "freeLengthMm", KitColumn.FREE_LENGTH,
            "thicknessMm", KitColumn.THICKNESS)
        .forEach((name, column) -> bounded(tip + name, column.min(), column.max()));
    String bench = "/properties/bench/properties/";
    bounded(bench + "nozzleMm", Strip.NOZZLE);
    bounded(bench + "roomC", Setting.ROOM);
    bounded(bench + "pacePercent", BenchWish.PACE);
    bounded(bench + "routine/items/properties/ownSeconds", 0, Routine.LONGEST_OWN);
    bounded(bench + "lamp/properties/lightMwPerCm2", Lamp.LIGHT);
    bounded(bench + "lamp/properties/measuredMwPerCm2", Lamp.LIGHT);
    bounded(bench + "lamp/properties/programmes/items/properties/seconds", Programme.SECONDS);
    bounded("/properties/figures/properties/apexFloor/properties/noneMm", ApexFloor.THICKNESS);
    bounded("/properties/figures/properties/apexFloor/properties/mostMm", ApexFloor.THICKNESS);
    bounded("/properties/figures/properties/apexFloor/properties/perMm", ApexFloor.PER_MILLIMETRE);
    for (Activity activity : Activity.values()) {
      bounded(
          "/properties/figures/properties/activityFactors/properties/" + FileJson.word(activity),
          SalonFigures.RANGE);
    }
  }

  /** Every list of words is that of an enum; the usual products are the core's. */
  @ParameterizedTest
  @CsvSource({
    "style/properties/shape, shape.NailShape",
    "style/properties/apexSchool, structure.ApexSchool",
    "style/properties/upperArch, structure.UpperArch",
    "style/properties/across, structure.CrossThickness",
    "length/properties/mode, shape.LengthWish$Mode",
    "tipsOrForms, fitting.TipsOrForms",
    "bitten, fitting.FreeHandOrForms",
    "barrel, fitting.Barrel",
    "kit/then/properties/outline, shape.NailShape",
    "product/then/properties/handling, product.Handling",
    "wearer/properties/leftHand, plan.Activity",
    "wearer/properties/rightHand, plan.Activity",
    "wear/properties/skippedPreparation/items, wear.PrepStep",
    "bench/properties/visit, bench.Visit",
    "bench/properties/softener, bench.Softener",
    "bench/properties/cuticleTool, bench.CuticleTool",
    "bench/properties/primer, bench.Primer",
    "bench/properties/attachment, bench.TipAttachment",
    "bench/properties/construction, bench.Construction",
    "bench/properties/order, bench.NailOrder",
    "bench/properties/filing, bench.FilingRoutine",
    "bench/properties/rework, bench.Rework",
    "bench/properties/tipPriming, bench.TipPriming",
    "bench/properties/formOff, bench.FormOff",
    "bench/properties/wash, bench.HandWash",
    "bench/properties/topCoat, bench.TopCoat",
    "bench/properties/worker, bench.Worker",
    "bench/properties/mix, portion.Mix",
    "bench/properties/brush, portion.Brush",
    "bench/properties/layers/then/properties/layers/items/properties/layer, layer.LayerKind",
    "nails/items/properties/finger, nail.Finger",
    "nails/items/properties/job, bench.FingerJob",
    "nails/items/properties/skin, nail.SkinState",
    "nails/items/properties/earlierProduct, nail.EarlierProduct",
    "nails/items/properties/oldBuild/properties/thickness, nail.OldBuild$Thickness",
    "nails/items/properties/condition/then/items, nail.PlateFinding",
    "nails/items/properties/byHand/properties/way, fitting.BuildWay"
  })
  void everyListOfWordsIsTheOneOfTheRules(String field, String type) throws Exception {
    Stream<String> known =
        Arrays.stream(Class.forName("ongle.core." + type).getEnumConstants())
            .map(each -> FileJson.word((Enum<?>) each));
    assertThat(words(at("/properties/" + field + "/enum")))
        .containsExactlyInAnyOrderElementsOf(known.toList());
  }

  private static java.util.List<String> words(JsonNode list) {
    return list.valueStream().map(JsonNode::stringValue).toList();
  }

  @Test
  void theLayersAreTheOnesOfTheRules() {
    java.util.List<String> codes = Recipe.SHIPPED.stream().map(Recipe::code).toList();
    assertThat(words(at("/properties/bench/properties/layers/else/enum"))).isEqualTo(codes);
    java.util.List<String> colours =
        Stream.concat(Stream.of("clear"), Coat.colours().map(Coat::code)).toList();
    assertThat(words(at("/properties/bench/properties/colour/else/enum"))).isEqualTo(colours);
    bounded("/properties/bench/properties/colour/then/properties/thicknessMm", Coat.THICKNESS);
    bounded("/properties/product/then/properties/limits/properties/longestMm", Limits.LONGEST);
  }

  @Test
  void theUsualProductsAreTheOnesOfTheRules() {
    assertThat(words(at("/properties/product/else/enum")))
        .containsExactlyInAnyOrderElementsOf(Product.STANDARD.stream().map(Product::code).toList());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "widthMm | 1e400 | 3.0 to 25.0 mm",
        "widthMm | 1e999999 | 3.0 to 25.0 mm",
        "widthMm | -0.0 | 3.0 to 25.0 mm",
        "widthMm | true | 3.0 to 25.0 mm",
        "leanDeg | null | -20.0 to 20.0°",
        "condition | 7 | one of sound, bitten, thin",
        "condition | [\"thin\", \"thin\"] | a list, each one of bitten",
        "byHand | [] | an object with",
        "buildAnyway | 7 | a text of up to 200 characters"
      })
  void whatCannotStandInANailIsNamedWithWhatCan(String field, String value, String allowed)
      throws IOException {
    String example = Files.readString(DOCS.resolve("example-set.json"));
    JsonNode file = FileJson.FILE.readTree(example);
    JsonNode nail = file.get("nails").get(0);
    ((tools.jackson.databind.node.ObjectNode) nail).set(field, FileJson.FILE.readTree(value));

    assertThat(schema.faults(file))
        .singleElement()
        .satisfies(
            fault -> {
              assertThat(fault.field()).isEqualTo("nails[0]." + field);
              assertThat(fault.allowed()).contains(allowed);
            });
  }
}
