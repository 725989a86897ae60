package ongle.app.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import ongle.app.exchange.SetFile.BenchGiven;
import ongle.app.exchange.SetFile.ByHand;
import ongle.app.exchange.SetFile.CoatGiven;
import ongle.app.exchange.SetFile.Floor;
import ongle.app.exchange.SetFile.LampGiven;
import ongle.app.exchange.SetFile.LayerGiven;
import ongle.app.exchange.SetFile.LayersGiven;
import ongle.app.exchange.SetFile.LengthWanted;
import ongle.app.exchange.SetFile.LightGiven;
import ongle.app.exchange.SetFile.LimitsGiven;
import ongle.app.exchange.SetFile.NailGiven;
import ongle.app.exchange.SetFile.OldGiven;
import ongle.app.exchange.SetFile.OwnProduct;
import ongle.app.exchange.SetFile.PlanningFigures;
import ongle.app.exchange.SetFile.ProgrammeGiven;
import ongle.app.exchange.SetFile.RoutineLine;
import ongle.app.exchange.SetFile.StyleWanted;
import ongle.app.exchange.SetFile.WearGiven;
import ongle.app.exchange.SetFile.WearerGiven;
import ongle.app.exchange.SetFile.WornGiven;
import ongle.core.bench.BenchSchools;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Finish;
import ongle.core.bench.Routine;
import ongle.core.cause.Finding;
import ongle.core.cure.Lamp;
import ongle.core.fitting.Schools;
import ongle.core.layer.Coat;
import ongle.core.layer.Recipe;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.OldBuild;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.SalonFigures;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import tools.jackson.databind.JsonNode;

/** A wish and its nails as the set file that gives the same plan. */
final class SetFileWriter {
  private SetFileWriter() {}

  /**
   * @param asBuilt what was measured of the finished nails
   * @param worn what happened to them since
   */
  static SetFile file(
      SetWish wish,
      List<SetPlanner.Item> items,
      BenchWish bench,
      Map<Finger, Map<Quantity, Double>> asBuilt,
      List<Finding> worn) {
    Schools schools = wish.fitting().schools();
    return new SetFile(
        new StyleWanted(wish.shape(), wish.school(), wish.arch(), wish.across()),
        new LengthWanted(wish.length().mode(), wish.length().value()),
        product(wish.product()),
        wish.fitting().kit().<JsonNode>map(FileJson.FILE::valueToTree).orElse(null),
        schools.tipsOrForms(),
        schools.bitten(),
        schools.barrel(),
        wish.figures().equals(SalonFigures.USUAL) ? null : figures(wish.figures()),
        wearer(wish.wearer()),
        new WearGiven(
            wish.wearing().days(),
            wish.wearing().skipped().stream().sorted().toList(),
            wish.wearing().growth().factor(),
            wish.wearing().load(),
            wish.wearing().plates()),
        bench(bench),
        items.stream()
            .map(
                item ->
                    nail(
                        item,
                        bench,
                        asBuilt.getOrDefault(item.nail().finger(), Map.of()),
                        worn.stream().filter(f -> f.finger() == item.nail().finger()).toList()))
            .toList());
  }

  private static PlanningFigures figures(SalonFigures figures) {
    return new PlanningFigures(
        byWord(figures.shares()),
        byWord(figures.factors()),
        new Floor(figures.floor().none(), figures.floor().perMillimetre(), figures.floor().max()));
  }

  private static Map<String, Double> byWord(Map<? extends Enum<?>, Double> figures) {
    Map<String, Double> out = new LinkedHashMap<>();
    figures.forEach((key, value) -> out.put(FileJson.word(key), value));
    return out;
  }

  private static WearerGiven wearer(Wearer wearer) {
    return new WearerGiven(
        wearer.of(Hand.LEFT),
        wearer.of(Hand.RIGHT),
        wearer.minor(),
        wearer.guardian().orElse(null),
        wearer.allergy().orElse(null),
        wearer.allergyHarmless().orElse(null));
  }

  /** A usual product by its code, one of the salon's own with its figures. */
  private static JsonNode product(Product product) {
    return FileJson.FILE.valueToTree(
        Product.STANDARD.contains(product)
            ? product.code()
            : new OwnProduct(
                product.label(),
                product.modulus(),
                product.strength(),
                product.density(),
                product.shrinkage(),
                product.levelling(),
                product.handling(),
                product.standsFree(),
                product.soaksOff(),
                product.setsByItself(),
                product.light().map(SetFileWriter::light).orElse(null),
                product.origin(),
                limits(product.limits())));
  }

  private static LightGiven light(LightCure light) {
    return new LightGiven(
        light.clearReach(),
        light.pigmentedReach(),
        light.fullDose(),
        light.flashDose(),
        new TreeSet<>(light.wavelengths()),
        light.reactivity(),
        light.lowHeat() ? true : null);
  }

  private static LimitsGiven limits(Limits limits) {
    return limits.equals(Limits.NONE)
        ? null
        : new LimitsGiven(
            PlanAnswer.orNull(limits.longest()),
            limits.lamp().orElse(null),
            limits.freeOf().isEmpty() ? null : limits.freeOf());
  }

  /** A usual recipe by its code, one of the salon's own with its bottles. */
  private static JsonNode layers(Recipe recipe) {
    return FileJson.FILE.valueToTree(
        Recipe.SHIPPED.contains(recipe)
            ? recipe.code()
            : new LayersGiven(
                recipe.label(),
                recipe.layers().stream()
                    .map(
                        kind ->
                            new LayerGiven(
                                kind, recipe.named(kind).map(SetFileWriter::coat).orElse(null)))
                    .toList()));
  }

  private static CoatGiven coat(Coat coat) {
    return new CoatGiven(
        coat.shipped() ? coat.code() : coat.label(),
        coat.number().isEmpty() ? null : coat.number(),
        coat.thickness(),
        coat.coats(),
        coat.wiped(),
        coat.acid(),
        coat.light().map(SetFileWriter::light).orElse(null),
        limits(coat.limits()));
  }

  private static JsonNode colour(Finish finish) {
    return FileJson.FILE.valueToTree(
        finish
            .colour()
            .<Object>map(coat -> coat.shipped() ? coat.code() : coat(coat))
            .orElse("clear"));
  }

  private static BenchGiven bench(BenchWish wish) {
    BenchSchools habits = wish.schools();
    return new BenchGiven(
        wish.visit(),
        habits.softener(),
        habits.cuticleTool(),
        habits.primer(),
        habits.attachment(),
        habits.construction(),
        habits.order(),
        habits.filing(),
        habits.rework(),
        habits.tipPriming(),
        habits.formOff(),
        habits.wash(),
        habits.topCoat(),
        wish.recipe().equals(Recipe.AS_HABITS) ? null : layers(wish.recipe()),
        lamp(wish.lamp()),
        wish.pigmented(),
        wish.mix(),
        wish.brush(),
        wish.nozzle(),
        colour(wish.finish()),
        wish.room(),
        wish.pace(),
        wish.worker(),
        wish.lessUsed(),
        wish.feelsHeat() ? true : null,
        wish.routine().equals(Routine.USUAL)
            ? null
            : wish.routine().lines().stream().map(SetFileWriter::line).toList());
  }

  private static LampGiven lamp(Lamp lamp) {
    return new LampGiven(
        lamp.label(),
        new TreeSet<>(lamp.wavelengths()),
        lamp.nominal(),
        lamp.measured().isPresent() ? lamp.measured().getAsDouble() : null,
        lamp.thumbsApart(),
        lamp.programmes().stream()
            .map(each -> new ProgrammeGiven(each.label(), each.seconds(), 100 * each.power()))
            .toList());
  }

  private static RoutineLine line(Routine.Line line) {
    return new RoutineLine(
        word(line.code()),
        line.name().orElse(null),
        line.own() ? line.ownSeconds() : null,
        line.follows().map(SetFileWriter::word).orElse(null));
  }

  private static String word(String code) {
    return Routine.USUAL.of(code).isPresent()
        ? code.toLowerCase(Locale.ROOT).replace('_', '-')
        : code;
  }

  private static OldGiven old(OldBuild old) {
    return old.equals(OldBuild.UNASKED)
        ? null
        : new OldGiven(
            old.thickness(),
            PlanAnswer.orNull(old.measured()),
            PlanAnswer.orNull(old.clip()),
            old.tip());
  }

  private static NailGiven nail(
      SetPlanner.Item item, BenchWish bench, Map<Quantity, Double> asBuilt, List<Finding> worn) {
    Nail nail = item.nail();
    Map<String, Double> measures = new LinkedHashMap<>();
    Readings.OF_A_PLATE.forEach(
        quantity -> measures.put(SetFile.name(quantity), measure(nail, quantity)));
    EarlierProduct earlier = item.seen().earlier();
    return new NailGiven(
        nail.finger(),
        nail.condition().findings().stream().sorted().toList(),
        nail.skin(),
        earlier == EarlierProduct.NONE ? null : earlier,
        old(item.seen().old()),
        item.seen().buildAnyway().orElse(null),
        bench.regrowth().get(nail.finger()),
        bench.jobs().get(nail.finger()),
        Optional.ofNullable(bench.recipes().get(nail.finger()))
            .map(SetFileWriter::layers)
            .orElse(null),
        item.adjustments().equals(Adjustments.NONE) ? null : byHand(item.adjustments()),
        asBuilt.isEmpty() ? null : byName(asBuilt),
        worn.isEmpty() ? null : worn.stream().map(SetFileWriter::worn).toList(),
        measures);
  }

  private static WornGiven worn(Finding each) {
    return new WornGiven(
        each.kind(),
        each.place(),
        each.far(),
        each.day(),
        PlanAnswer.orNull(each.whole()),
        each.after());
  }

  private static Map<String, Double> byName(Map<Quantity, Double> values) {
    Map<String, Double> named = new LinkedHashMap<>();
    values.forEach((quantity, value) -> named.put(SetFile.name(quantity), value));
    return named;
  }

  private static double measure(Nail nail, Quantity quantity) {
    return switch (quantity) {
      case WIDTH -> nail.width();
      case PLATE_LENGTH -> nail.plateLength();
      case ARCH_DEPTH -> nail.archDepth();
      case FREE_EDGE -> nail.freeEdge();
      case FREE_EDGE_DEPTH -> nail.freeEdgeDepth();
      case GROWTH_PITCH -> nail.growthPitch();
      case LEAN -> nail.lean();
      case OVERHANG -> nail.overhang();
      default -> throw new IllegalStateException("not measured on a plate: " + quantity);
    };
  }

  private static ByHand byHand(Adjustments by) {
    Optional<TipNumber> tip = by.tip();
    return new ByHand(
        tip.map(TipNumber::kit).orElse(null),
        tip.map(TipNumber::number).orElse(null),
        by.way().orElse(null),
        by.product().map(SetFileWriter::product).orElse(null),
        byName(by.values()));
  }
}
