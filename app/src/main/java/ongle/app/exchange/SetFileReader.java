package ongle.app.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.kits.KitCatalogue;
import ongle.app.kits.KitColumn;
import ongle.app.words.Numbers;
import ongle.core.bench.BenchWish;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Digit;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
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
import ongle.core.wear.PrepStep;
import ongle.core.wear.Wearing;
import tools.jackson.databind.JsonNode;

/**
 * Reads a set file and names everything that is wrong with it at once, each with the field and what
 * is allowed there.
 */
final class SetFileReader extends FileFields {
  /** Most sizes a kit in a set file may have. */
  private static final int MAX_TIPS = 100;

  private final KitCatalogue kits;
  private final Map<Finger, Double> regrowth = new EnumMap<>(Finger.class);

  SetFileReader(KitCatalogue kits) {
    super(new ArrayList<>());
    this.kits = kits;
  }

  /** A wish and nails ready to plan, and how they are carried out. */
  record Request(SetWish wish, List<SetPlanner.Item> items, BenchWish bench) {}

  /** The request; empty if there were {@link #faults()}. */
  Optional<Request> read(JsonNode file) {
    if (!object(
        file,
        "",
        Set.of(
            "style",
            "length",
            "product",
            "kit",
            "tipsOrForms",
            "bitten",
            "barrel",
            "figures",
            "wearer",
            "wear",
            "bench",
            "nails"))) {
      return Optional.empty();
    }
    JsonNode style = file.path("style");
    NailShape shape = null;
    ApexSchool school = ApexSchool.THIRD;
    UpperArch arch = UpperArch.OF_SHAPE;
    CrossThickness across = CrossThickness.SALON;
    if (object(style, "style", Set.of("shape", "apexSchool", "upperArch", "across"))) {
      shape = word(style, "style.", "shape", NailShape.class, null);
      school = word(style, "style.", "apexSchool", ApexSchool.class, ApexSchool.THIRD);
      arch = word(style, "style.", "upperArch", UpperArch.class, UpperArch.OF_SHAPE);
      across = word(style, "style.", "across", CrossThickness.class, CrossThickness.SALON);
    }
    LengthWish length = length(file.path("length"));
    Product product = product(file.path("product"), "product");
    Optional<TipKit> kit = kit(file.path("kit"));
    Schools schools =
        new Schools(
            word(file, "", "tipsOrForms", TipsOrForms.class, Schools.USUAL.tipsOrForms()),
            word(file, "", "bitten", FreeHandOrForms.class, Schools.USUAL.bitten()),
            word(file, "", "barrel", Barrel.class, Schools.USUAL.barrel()));
    Fitting fitting = fitting(schools, kit);
    Wearer wearer = wearer(file.path("wearer"));
    Wearing wearing = wear(file.path("wear"));
    SalonFigures figures = figures(file.path("figures"));
    List<SetPlanner.Item> items = nails(file.path("nails"), fitting);
    BenchWish bench = new BenchReader(faults).read(file.path("bench"), regrowth);
    if (!faults.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Request(
            new SetWish(
                shape, length, product, school, arch, across, fitting, wearer, wearing, figures),
            items,
            bench));
  }

  private LengthWish length(JsonNode node) {
    if (!object(node, "length", Set.of("mode", "value"))) {
      return null;
    }
    LengthWish.Mode mode = word(node, "length.", "mode", LengthWish.Mode.class, null);
    if (mode == null) {
      return null;
    }
    Double value = number(node, "length.value", "value", mode.quantity(), mode.numbered());
    if (value == null && !mode.numbered()) {
      return new LengthWish(mode, 0);
    }
    return value == null ? null : new LengthWish(mode, value);
  }

  private Wearer wearer(JsonNode node) {
    if (missing(node)
        || !object(
            node,
            "wearer",
            Set.of("leftHand", "rightHand", "minor", "guardian", "allergy", "allergyHarmless"))) {
      return Wearer.ORDINARY;
    }
    Activity left = word(node, "wearer.", "leftHand", Activity.class, Activity.ORDINARY);
    Activity right = word(node, "wearer.", "rightHand", Activity.class, Activity.ORDINARY);
    return new Wearer(
        Map.of(Hand.LEFT, left, Hand.RIGHT, right),
        flag(node, "wearer", "minor", false),
        said(node, "wearer.", "guardian"),
        said(node, "wearer.", "allergy"),
        said(node, "wearer.", "allergyHarmless"));
  }

  private Wearing wear(JsonNode node) {
    if (missing(node)
        || !object(node, "wear", Set.of("wearDays", "skippedPreparation", "growthFactor"))) {
      return Wearing.USUAL;
    }
    Double days = number(node, "wear.wearDays", "wearDays", Quantity.WEAR_DAYS, false);
    if (days != null && days != Math.rint(days)) {
      faults.add(new Fault("wear.wearDays", "not whole days", Numbers.range(Quantity.WEAR_DAYS)));
    }
    Set<PrepStep> skipped = EnumSet.noneOf(PrepStep.class);
    JsonNode steps = node.path("skippedPreparation");
    String allowed =
        "a list of "
            + Arrays.stream(PrepStep.values()).map(SetFile::word).collect(Collectors.joining(", "));
    if (!missing(steps) && !steps.isArray()) {
      faults.add(new Fault("wear.skippedPreparation", "not a list", allowed));
    }
    for (JsonNode step : steps) {
      Arrays.stream(PrepStep.values())
          .filter(one -> step.isString() && SetFile.word(one).equals(step.stringValue()))
          .findFirst()
          .ifPresentOrElse(
              skipped::add,
              () -> faults.add(new Fault("wear.skippedPreparation", "unknown", allowed)));
    }
    double factor = plain(node, "wear", "growthFactor", 0.5, 2, 1);
    return new Wearing(
        days == null ? Wearing.USUAL_DAYS : (int) Math.round(days),
        skipped,
        new Growth(factor, factor == 1 ? 0 : 1, 0));
  }

  private Product product(JsonNode node, String path) {
    if (node.isObject()) {
      return new ProductReader(faults).own(node, path);
    }
    Optional<Product> product = Product.ofCode(node.isString() ? node.stringValue() : "");
    if (product.isEmpty()) {
      faults.add(
          new Fault(
              path,
              missing(node) ? "missing" : "unknown",
              "one of "
                  + Product.STANDARD.stream()
                      .map(Product::code)
                      .collect(Collectors.joining(", "))));
    }
    return product.orElse(null);
  }

  /** The salon's kits; or the file's own kit alone, so that the answer is about that one. */
  private Fitting fitting(Schools schools, Optional<TipKit> kit) {
    Fitting atHand = kits.fitting(schools, kit.map(TipKit::code));
    return kit.filter(own -> !atHand.tips().contains(own))
        .map(own -> new Fitting(List.of(own), atHand.forms(), schools, atHand.kit()))
        .orElse(atHand);
  }

  private Optional<TipKit> kit(JsonNode node) {
    if (missing(node)) {
      return Optional.empty();
    }
    if (node.isString()) {
      Optional<TipKit> kit =
          kits.tips().stream().filter(each -> each.code().equals(node.stringValue())).findFirst();
      if (kit.isEmpty()) {
        faults.add(
            new Fault(
                "kit",
                "unknown",
                "one of "
                    + kits.tips().stream().map(TipKit::code).collect(Collectors.joining(", "))
                    + ", or a kit of your own"));
      }
      return kit;
    }
    return Optional.ofNullable(ownKit(node));
  }

  private TipKit ownKit(JsonNode node) {
    if (!object(node, "kit", Set.of("code", "outline", "tips"))) {
      return null;
    }
    NailShape outline = word(node, "kit.", "outline", NailShape.class, NailShape.SQUARE);
    JsonNode tips = node.path("tips");
    if (!tips.isArray() || tips.isEmpty() || tips.size() > MAX_TIPS) {
      faults.add(new Fault("kit.tips", "not a list of tips", "1 to " + MAX_TIPS + " tips"));
      return null;
    }
    List<Tip> read = new ArrayList<>();
    for (int i = 0; i < tips.size(); i++) {
      tip(tips.get(i), "kit.tips[" + i + "]").ifPresent(read::add);
    }
    if (read.size() < tips.size()) {
      return null;
    }
    try {
      String code = node.path("code").isString() ? node.path("code").stringValue() : "own";
      return new TipKit(code, code, outline, read);
    } catch (IllegalArgumentException e) {
      faults.add(new Fault("kit.tips", e.getMessage(), "numbers all different"));
      return null;
    }
  }

  private Optional<Tip> tip(JsonNode node, String path) {
    int before = faults.size();
    if (!object(
        node,
        path,
        Set.of("number", "widthMm", "depthMm", "wellLengthMm", "freeLengthMm", "thicknessMm"))) {
      return Optional.empty();
    }
    String number = node.path("number").isString() ? node.path("number").stringValue() : "";
    if (number.isBlank()) {
      faults.add(new Fault(path + ".number", "missing", "a text"));
    }
    Double width = plain(node, path, "widthMm", KitColumn.WIDTH);
    Double depth = plain(node, path, "depthMm", KitColumn.DEPTH);
    Double well = plain(node, path, "wellLengthMm", KitColumn.WELL_LENGTH);
    Double free = plain(node, path, "freeLengthMm", KitColumn.FREE_LENGTH);
    Double thickness = plain(node, path, "thicknessMm", KitColumn.THICKNESS);
    if (faults.size() > before) {
      return Optional.empty();
    }
    if (depth > width / 2) {
      faults.add(new Fault(path + ".depthMm", "deeper than a half circle", "0 to half the width"));
      return Optional.empty();
    }
    return Optional.of(new Tip(number, width, depth, well, free, thickness));
  }

  private List<SetPlanner.Item> nails(JsonNode node, Fitting fitting) {
    List<SetPlanner.Item> items = new ArrayList<>();
    if (!node.isArray() || node.isEmpty() || node.size() > 10) {
      faults.add(
          new Fault("nails", missing(node) ? "missing" : "not a list of nails", "1 to 10 nails"));
      return items;
    }
    Set<Finger> seen = EnumSet.noneOf(Finger.class);
    for (int i = 0; i < node.size(); i++) {
      String path = "nails[" + i + "]";
      nail(node.get(i), path, fitting)
          .ifPresent(
              item -> {
                if (!seen.add(item.nail().finger())) {
                  faults.add(new Fault(path + ".finger", "given twice", "each finger once"));
                }
                items.add(item);
              });
    }
    return items;
  }

  /** One finding, a list of findings, or "sound". */
  private PlateCondition condition(JsonNode node, String path) {
    if (missing(node) || (node.isString() && node.stringValue().equals("sound"))) {
      return PlateCondition.SOUND;
    }
    String allowed =
        "sound, or a list of "
            + Arrays.stream(PlateFinding.values())
                .map(SetFile::word)
                .collect(Collectors.joining(", "));
    Set<PlateFinding> findings = EnumSet.noneOf(PlateFinding.class);
    for (JsonNode each : node.isArray() ? node : List.of(node)) {
      Optional<PlateFinding> found =
          Arrays.stream(PlateFinding.values())
              .filter(one -> each.isString() && SetFile.word(one).equals(each.stringValue()))
              .findFirst();
      found.ifPresent(findings::add);
      if (found.isEmpty()) {
        faults.add(new Fault(path, "unknown", allowed));
      }
    }
    return new PlateCondition(findings);
  }

  /** The salon's planning figures; each that is missing is the usual one. */
  private SalonFigures figures(JsonNode node) {
    if (missing(node)
        || !object(node, "figures", Set.of("fingerShares", "activityFactors", "apexFloor"))) {
      return SalonFigures.USUAL;
    }
    Map<Digit, Double> shares =
        figures(node.path("fingerShares"), "fingerShares", SalonFigures.USUAL.shares());
    Map<Activity, Double> factors =
        figures(node.path("activityFactors"), "activityFactors", SalonFigures.USUAL.factors());
    ApexFloor usual = ApexFloor.USUAL;
    JsonNode floor = node.path("apexFloor");
    if (missing(floor)
        || !object(floor, "figures.apexFloor", Set.of("noneMm", "perMm", "mostMm"))) {
      return faults.isEmpty() ? new SalonFigures(shares, factors, usual) : SalonFigures.USUAL;
    }
    String path = "figures.apexFloor";
    double none = plain(floor, path, "noneMm", 0.2, 1.5, usual.none());
    double perMm = plain(floor, path, "perMm", 0, 0.2, usual.perMillimetre());
    double max = plain(floor, path, "mostMm", 0.2, 2.2, usual.max());
    if (max < none) {
      faults.add(new Fault(path + ".mostMm", "below noneMm", "noneMm to 2.2"));
    }
    return faults.isEmpty()
        ? new SalonFigures(shares, factors, new ApexFloor(none, perMm, max))
        : SalonFigures.USUAL;
  }

  private <K extends Enum<K>> Map<K, Double> figures(
      JsonNode node, String name, Map<K, Double> usual) {
    Set<String> known = usual.keySet().stream().map(SetFile::word).collect(Collectors.toSet());
    if (missing(node) || !object(node, "figures." + name, known)) {
      return usual;
    }
    return usual.keySet().stream()
        .collect(
            Collectors.toMap(
                key -> key,
                key ->
                    plain(
                        node,
                        "figures." + name,
                        SetFile.word(key),
                        SalonFigures.MIN,
                        SalonFigures.MAX,
                        usual.get(key))));
  }

  private Optional<SetPlanner.Item> nail(JsonNode node, String path, Fitting fitting) {
    int before = faults.size();
    Set<String> names =
        Stream.concat(
                Stream.of("finger", "condition", "skin", "earlierProduct", "buildAnyway", "byHand"),
                Stream.concat(Readings.OF_A_PLATE.stream(), Stream.of(Quantity.REGROWTH))
                    .map(SetFile::name))
            .collect(Collectors.toCollection(HashSet::new));
    if (!object(node, path, names)) {
      return Optional.empty();
    }
    Finger finger = finger(node.path("finger"), path);
    PlateCondition condition = condition(node.path("condition"), path + ".condition");
    SkinState skin = word(node, path + ".", "skin", SkinState.class, SkinState.INTACT);
    LookOver seen =
        new LookOver(
            word(node, path + ".", "earlierProduct", EarlierProduct.class, EarlierProduct.NONE),
            said(node, path + ".", "buildAnyway"));
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Readings.OF_A_PLATE) {
      String name = SetFile.name(quantity);
      Double value =
          number(node, path + "." + name, name, quantity, SetFile.REQUIRED.contains(quantity));
      values.put(quantity, value == null ? 0 : value);
    }
    String grown = SetFile.name(Quantity.REGROWTH);
    Double gap = number(node, path + "." + grown, grown, Quantity.REGROWTH, false);
    Adjustments byHand = byHand(node.path("byHand"), path + ".byHand", fitting);
    if (faults.size() > before) {
      return Optional.empty();
    }
    if (gap != null) {
      regrowth.put(finger, gap);
    }
    try {
      Nail nail = new Readings(Map.of(finger, values)).nail(finger, condition, skin);
      return Optional.of(new SetPlanner.Item(nail, byHand, seen));
    } catch (OutOfRange e) {
      faults.add(
          new Fault(
              path + "." + SetFile.name(e.quantity()),
              e.getMessage(),
              Numbers.range(e.quantity())));
      return Optional.empty();
    }
  }

  private Adjustments byHand(JsonNode node, String path, Fitting fitting) {
    if (missing(node)) {
      return Adjustments.NONE;
    }
    Set<String> names =
        Stream.concat(
                Stream.of("tip", "tipKit", "way", "product"),
                Adjustments.QUANTITIES.stream().map(SetFile::name))
            .collect(Collectors.toSet());
    if (!object(node, path, names)) {
      return Adjustments.NONE;
    }
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Adjustments.QUANTITIES) {
      String name = SetFile.name(quantity);
      Double value = number(node, path + "." + name, name, quantity, false);
      if (value != null) {
        values.put(quantity, value);
      }
    }
    Optional<TipNumber> tip = tip(node, path, fitting);
    Optional<BuildWay> way =
        missing(node.path("way"))
            ? Optional.empty()
            : Optional.ofNullable(word(node, path + ".", "way", BuildWay.class, null));
    Optional<Product> own =
        missing(node.path("product"))
            ? Optional.empty()
            : Optional.ofNullable(product(node.path("product"), path + ".product"));
    return new Adjustments(values, tip, way, own);
  }

  /** A number of the kit named beside it, else of the kit that leads the file. */
  private Optional<TipNumber> tip(JsonNode node, String path, Fitting fitting) {
    Optional<String> number = said(node, path + ".", "tip");
    Optional<String> code = said(node, path + ".", "tipKit").or(fitting::kit);
    if (number.isEmpty()) {
      return Optional.empty();
    }
    Optional<TipKit> kit = code.flatMap(fitting::tipKit);
    if (kit.isEmpty()) {
      faults.add(
          new Fault(
              path + ".tipKit",
              code.isEmpty() ? "missing" : "unknown",
              "one of "
                  + fitting.tips().stream().map(TipKit::code).collect(Collectors.joining(", "))));
      return Optional.empty();
    }
    if (kit.get().tip(number.get()).isEmpty()) {
      faults.add(
          new Fault(
              path + ".tip",
              "not in the kit",
              "one of "
                  + kit.get().tips().stream().map(Tip::number).collect(Collectors.joining(", "))));
    }
    return Optional.of(new TipNumber(kit.get().code(), number.get()));
  }

  private Finger finger(JsonNode node, String path) {
    for (Finger finger : Finger.values()) {
      if (node.isString() && finger.name().equals(node.stringValue())) {
        return finger;
      }
    }
    faults.add(
        new Fault(path + ".finger", missing(node) ? "missing" : "unknown", "L1 to L5, R1 to R5"));
    return null;
  }

  private Double plain(JsonNode parent, String path, String name, KitColumn column) {
    JsonNode node = parent.path(name);
    if (node.isNumber() && column.allows(node.doubleValue())) {
      return node.doubleValue();
    }
    faults.add(
        new Fault(
            path + "." + name,
            missing(node) ? "missing" : "not a number in range",
            column.range()));
    return null;
  }
}
