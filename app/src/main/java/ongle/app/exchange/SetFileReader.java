package ongle.app.exchange;

import static java.util.Objects.requireNonNullElse;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import ongle.app.exchange.SetFile.ByHand;
import ongle.app.exchange.SetFile.Floor;
import ongle.app.exchange.SetFile.NailGiven;
import ongle.app.exchange.SetFile.OldGiven;
import ongle.app.exchange.SetFile.PlanningFigures;
import ongle.app.exchange.SetFile.StyleWanted;
import ongle.app.exchange.SetFile.TipSize;
import ongle.app.exchange.SetFile.WearGiven;
import ongle.app.exchange.SetFile.WearerGiven;
import ongle.app.exchange.SetFile.WornGiven;
import ongle.app.kits.KitCatalogue;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.bench.BenchWish;
import ongle.core.bench.FingerJob;
import ongle.core.cause.Finding;
import ongle.core.check.AsBuilt;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Schools;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.layer.Recipe;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.OldBuild;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.LookOver;
import ongle.core.plan.SalonFigures;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexFloor;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Growth;
import ongle.core.wear.Wearing;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A set file that is as described, as a wish to plan. What a description cannot say, such as which
 * kits the salon has, is noted as a fault here; reading goes on, so that all faults come at once.
 */
final class SetFileReader {
  private final KitCatalogue kits;
  private final List<Fault> faults = new ArrayList<>();
  private final ProductReader products = new ProductReader(faults);
  private final LayersReader layers = new LayersReader(faults);

  SetFileReader(KitCatalogue kits) {
    this.kits = kits;
  }

  /** A wish and nails ready to plan, and how they are carried out. */
  record Request(
      SetWish wish,
      List<SetPlanner.Item> items,
      BenchWish bench,
      Map<Finger, Map<Quantity, Double>> asBuilt,
      List<Finding> worn) {}

  List<Fault> faults() {
    return List.copyOf(faults);
  }

  /** The request; empty if there were {@link #faults()}. */
  Optional<Request> read(SetFile file) {
    LengthWish length = length(file.length());
    Product product = products.read(file.product(), "product");
    Schools schools =
        new Schools(
            requireNonNullElse(file.tipsOrForms(), Schools.USUAL.tipsOrForms()),
            requireNonNullElse(file.bitten(), Schools.USUAL.bitten()),
            requireNonNullElse(file.barrel(), Schools.USUAL.barrel()));
    Fitting fitting = fitting(schools, kit(file.kit()));
    SalonFigures figures = figures(file.figures());
    List<SetPlanner.Item> items = nails(file.nails(), fitting);
    Map<Finger, Double> regrowth = new EnumMap<>(Finger.class);
    file.nails().stream()
        .filter(nail -> nail.regrowthMm() != null)
        .forEach(nail -> regrowth.put(nail.finger(), nail.regrowthMm()));
    Map<Finger, FingerJob> jobs = new EnumMap<>(Finger.class);
    file.nails().stream()
        .filter(nail -> nail.job() != null)
        .forEach(nail -> jobs.put(nail.finger(), nail.job()));
    Map<Finger, Recipe> recipes = new EnumMap<>(Finger.class);
    file.nails().stream()
        .filter(nail -> nail.layers() != null)
        .forEach(
            nail ->
                recipes.put(
                    nail.finger(),
                    layers.recipe(nail.layers(), "nails." + nail.finger() + ".layers")));
    BenchWish bench = new BenchReader(faults).read(file.bench(), regrowth).with(jobs, recipes);
    List<Finding> worn = worn(file.nails());
    if (!faults.isEmpty()) {
      return Optional.empty();
    }
    StyleWanted style = file.style();
    SetWish wish =
        new SetWish(
            style.shape(),
            length,
            product,
            requireNonNullElse(style.apexSchool(), ApexSchool.THIRD),
            requireNonNullElse(style.upperArch(), UpperArch.OF_SHAPE),
            requireNonNullElse(style.across(), CrossThickness.SALON),
            fitting,
            wearer(file.wearer()),
            wear(file.wear()),
            figures);
    return Optional.of(new Request(wish, items, bench, asBuilt(file.nails()), worn));
  }

  /** What happened to the nails since they were built. */
  private List<Finding> worn(List<NailGiven> nails) {
    List<Finding> worn = new ArrayList<>();
    for (NailGiven nail : nails) {
      for (WornGiven each : requireNonNullElse(nail.worn(), List.<WornGiven>of())) {
        if (each.wholeDay() != null && each.wholeDay() > each.day()) {
          faults.add(
              new Fault(
                  "nails." + nail.finger() + ".worn.wholeDay",
                  Words.say("exchange.problem.maximum"),
                  String.valueOf(each.day())));
          continue;
        }
        worn.add(
            new Finding(
                nail.finger(),
                each.kind(),
                each.place(),
                requireNonNullElse(each.farMm(), 0.0),
                each.day(),
                each.wholeDay() == null ? OptionalInt.empty() : OptionalInt.of(each.wholeDay()),
                requireNonNullElse(each.after(), Finding.After.NOTHING_KNOWN)));
      }
    }
    return worn;
  }

  /** What was measured of the finished nails; empty where nothing was. */
  private static Map<Finger, Map<Quantity, Double>> asBuilt(List<NailGiven> nails) {
    Map<Finger, Map<Quantity, Double>> all = new EnumMap<>(Finger.class);
    for (NailGiven nail : nails) {
      if (nail.asBuilt() != null) {
        Map<Quantity, Double> of = new EnumMap<>(Quantity.class);
        for (Quantity quantity : AsBuilt.QUANTITIES) {
          Optional.ofNullable(nail.asBuilt().get(SetFile.name(quantity)))
              .ifPresent(value -> of.put(quantity, value));
        }
        all.put(nail.finger(), of);
      }
    }
    return all;
  }

  private LengthWish length(SetFile.LengthWanted given) {
    LengthWish.Mode mode = given.mode();
    if (given.value() == null) {
      if (mode.numbered()) {
        faults.add(
            new Fault(
                "length.value",
                Words.say("exchange.problem.required"),
                Numbers.range(mode.quantity())));
        return null;
      }
      return new LengthWish(mode, 0);
    }
    if (!mode.quantity().allows(given.value())) {
      faults.add(
          new Fault(
              "length.value",
              Words.say("exchange.problem.maximum"),
              Numbers.range(mode.quantity())));
      return null;
    }
    return new LengthWish(mode, given.value());
  }

  private static Wearer wearer(WearerGiven given) {
    if (given == null) {
      return Wearer.ORDINARY;
    }
    return new Wearer(
        Map.of(
            Hand.LEFT, requireNonNullElse(given.leftHand(), Activity.ORDINARY),
            Hand.RIGHT, requireNonNullElse(given.rightHand(), Activity.ORDINARY)),
        Boolean.TRUE.equals(given.minor()),
        Optional.ofNullable(given.guardian()),
        Optional.ofNullable(given.allergy()),
        Optional.ofNullable(given.allergyHarmless()));
  }

  private static Wearing wear(WearGiven given) {
    if (given == null) {
      return Wearing.USUAL;
    }
    double factor = requireNonNullElse(given.growthFactor(), 1.0);
    return new Wearing(
        requireNonNullElse(given.wearDays(), Wearing.USUAL_DAYS),
        Set.copyOf(requireNonNullElse(given.skippedPreparation(), List.of())),
        new Growth(factor, factor == 1 ? 0 : 1, 0),
        requireNonNullElse(given.loadFactor(), 1.0),
        requireNonNullElse(given.platesFactor(), 1.0));
  }

  /** The salon's kits; or the file's own kit alone, so that the answer is about that one. */
  private Fitting fitting(Schools schools, Optional<TipKit> kit) {
    Fitting atHand = kits.fitting(schools, kit.map(TipKit::code));
    return kit.filter(own -> !atHand.tips().contains(own))
        .map(own -> new Fitting(List.of(own), atHand.forms(), schools, atHand.kit()))
        .orElse(atHand);
  }

  private Optional<TipKit> kit(JsonNode given) {
    if (given == null) {
      return Optional.empty();
    }
    if (given.isObject()) {
      return ownKit(FileJson.FILE.treeToValue(given, SetFile.OwnKit.class));
    }
    Optional<TipKit> kit =
        kits.tips().stream().filter(each -> each.code().equals(given.stringValue())).findFirst();
    if (kit.isEmpty()) {
      faults.add(
          new Fault(
              "kit",
              Words.say("exchange.problem.enum"),
              Words.say("exchange.allowed.own-kit", "kits", oneOf(kits.tips(), TipKit::code))));
    }
    return kit;
  }

  private Optional<TipKit> ownKit(SetFile.OwnKit given) {
    Set<String> numbers = new LinkedHashSet<>();
    for (int i = 0; i < given.tips().size(); i++) {
      TipSize tip = given.tips().get(i);
      String path = "kit.tips[" + i + "]";
      if (tip.depthMm() > tip.widthMm() / 2) {
        faults.add(
            new Fault(
                path + ".depthMm",
                Words.say("exchange.problem.deep"),
                Words.say("exchange.allowed.half-width")));
      }
      if (!numbers.add(tip.number())) {
        faults.add(
            new Fault(
                path + ".number",
                Words.say("exchange.problem.uniqueItems"),
                Words.say("exchange.allowed.once")));
      }
    }
    if (!faults.isEmpty()) {
      return Optional.empty();
    }
    String code = requireNonNullElse(given.code(), "own");
    return Optional.of(
        new TipKit(
            code,
            code,
            requireNonNullElse(given.outline(), NailShape.SQUARE),
            given.tips().stream()
                .map(
                    tip ->
                        new Tip(
                            tip.number(),
                            tip.widthMm(),
                            tip.depthMm(),
                            tip.wellLengthMm(),
                            tip.freeLengthMm(),
                            tip.thicknessMm()))
                .toList()));
  }

  /** The salon's planning figures; each that is missing is the usual one. */
  private SalonFigures figures(PlanningFigures given) {
    if (given == null) {
      return SalonFigures.USUAL;
    }
    return new SalonFigures(
        figures(given.fingerShares(), SalonFigures.USUAL.shares()),
        figures(given.activityFactors(), SalonFigures.USUAL.factors()),
        floor(given.apexFloor()));
  }

  private static <K extends Enum<K>> Map<K, Double> figures(
      Map<String, Double> given, Map<K, Double> usual) {
    Map<K, Double> figures = new EnumMap<>(usual);
    if (given != null) {
      figures.replaceAll((key, figure) -> given.getOrDefault(FileJson.word(key), figure));
    }
    return figures;
  }

  private ApexFloor floor(Floor given) {
    ApexFloor usual = ApexFloor.USUAL;
    if (given == null) {
      return usual;
    }
    double none = requireNonNullElse(given.noneMm(), usual.none());
    double max = requireNonNullElse(given.mostMm(), usual.max());
    if (max < none) {
      faults.add(
          new Fault(
              "figures.apexFloor.mostMm",
              Words.say("exchange.problem.below", "field", "noneMm"),
              Words.say(
                  "exchange.allowed.from-field",
                  "field",
                  "noneMm",
                  "max",
                  String.valueOf(ApexFloor.THICKNESS.max()))));
      return usual;
    }
    return new ApexFloor(none, requireNonNullElse(given.perMm(), usual.perMillimetre()), max);
  }

  private List<SetPlanner.Item> nails(List<NailGiven> given, Fitting fitting) {
    List<SetPlanner.Item> items = new ArrayList<>();
    Set<Finger> seen = EnumSet.noneOf(Finger.class);
    for (int i = 0; i < given.size(); i++) {
      String path = "nails[" + i + "]";
      if (!seen.add(given.get(i).finger())) {
        faults.add(
            new Fault(
                path + ".finger",
                Words.say("exchange.problem.uniqueItems"),
                Words.say("exchange.allowed.once")));
      }
      nail(given.get(i), path, fitting).ifPresent(items::add);
    }
    return items;
  }

  private static OldBuild old(@Nullable OldGiven given) {
    return given == null
        ? OldBuild.UNASKED
        : new OldBuild(
            requireNonNullElse(given.thickness(), OldBuild.Thickness.USUAL),
            orEmpty(given.measuredMm()),
            orEmpty(given.clipMm()),
            Boolean.TRUE.equals(given.onTip()));
  }

  private static OptionalDouble orEmpty(@Nullable Double given) {
    return given == null ? OptionalDouble.empty() : OptionalDouble.of(given);
  }

  private Optional<SetPlanner.Item> nail(NailGiven given, String path, Fitting fitting) {
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Readings.OF_A_PLATE) {
      values.put(quantity, given.measures().getOrDefault(SetFile.name(quantity), 0.0));
    }
    List<PlateFinding> found = requireNonNullElse(given.condition(), List.of());
    LookOver seen =
        new LookOver(
            requireNonNullElse(given.earlierProduct(), EarlierProduct.NONE),
            old(given.oldBuild()),
            Optional.ofNullable(given.buildAnyway()));
    Adjustments byHand = byHand(given.byHand(), path + ".byHand", fitting);
    try {
      return Optional.of(
          new SetPlanner.Item(
              new Readings(Map.of(given.finger(), values))
                  .nail(
                      given.finger(),
                      new PlateCondition(Set.copyOf(found)),
                      requireNonNullElse(given.skin(), SkinState.INTACT)),
              byHand,
              seen));
    } catch (OutOfRange e) {
      faults.add(
          new Fault(
              path + "." + SetFile.name(e.quantity()),
              e.getMessage(),
              Numbers.range(e.quantity())));
      return Optional.empty();
    }
  }

  private Adjustments byHand(ByHand given, String path, Fitting fitting) {
    if (given == null) {
      return Adjustments.NONE;
    }
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Adjustments.QUANTITIES) {
      Double value = given.values().get(SetFile.name(quantity));
      if (value != null) {
        values.put(quantity, value);
      }
    }
    Optional<Product> own =
        Optional.ofNullable(given.product())
            .map(product -> products.read(product, path + ".product"));
    return new Adjustments(
        values, tip(given, path, fitting), Optional.ofNullable(given.way()), own);
  }

  /** A number of the kit named beside it, else of the kit that leads the file. */
  private Optional<TipNumber> tip(ByHand given, String path, Fitting fitting) {
    if (given.tip() == null) {
      return Optional.empty();
    }
    Optional<String> code = Optional.ofNullable(given.tipKit()).or(fitting::kit);
    Optional<TipKit> kit = code.flatMap(fitting::tipKit);
    if (kit.isEmpty()) {
      faults.add(
          new Fault(
              path + ".tipKit",
              Words.say(code.isEmpty() ? "exchange.problem.required" : "exchange.problem.enum"),
              oneOf(fitting.tips(), TipKit::code)));
      return Optional.empty();
    }
    if (kit.get().tip(given.tip()).isEmpty()) {
      faults.add(
          new Fault(
              path + ".tip",
              Words.say("exchange.problem.not-in-kit"),
              oneOf(kit.get().tips(), Tip::number)));
    }
    return Optional.of(new TipNumber(kit.get().code(), given.tip()));
  }

  private static <T> String oneOf(List<T> things, java.util.function.Function<T, String> named) {
    return SetSchema.oneOf(things.stream().map(named));
  }
}
