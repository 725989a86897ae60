package ongle.app.words;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Bit;
import ongle.core.bench.Infill;
import ongle.core.bench.Movement;
import ongle.core.bench.OrderChoice;
import ongle.core.bench.Removal;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.bench.Target;
import ongle.core.cure.LampTime;
import ongle.core.cure.Layers;
import ongle.core.cure.Setting;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Lot;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.portion.Strip;
import ongle.core.product.Handling;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import ongle.core.structure.Build;

/** The bench in words. */
public final class BenchWords {
  private BenchWords() {}

  /** Where a step is done. */
  public static String where(Step step) {
    return step.finger()
        .map(Words::of)
        .orElseGet(
            () ->
                step.hand()
                    .map(hand -> Words.of(hand, "hand") + which(step, hand))
                    .orElseGet(() -> Words.say("bench.both-hands")));
  }

  private static String which(Step step, Hand hand) {
    return step.fingers().size() == Finger.of(hand).size()
        ? ""
        : ": " + Words.of(step.fingers().stream().map(Finger::digit).toList());
  }

  /** What a step is called here, without its number. */
  public static String name(Step step) {
    if (step.movement().isPresent()) {
      return movement(step, step.movement().get());
    }
    return step.name()
        .or(() -> step.variant().map(Words::of))
        .orElseGet(() -> Words.of(step.kind()));
  }

  private static String movement(Step step, Movement movement) {
    return Words.say(
        Words.key(movement),
        "parts",
        step.parts().size(),
        "forms",
        String.valueOf(step.parts().stream().anyMatch(part -> part.kind() == StepKind.FORM_SET)),
        "turned",
        String.valueOf(step.parts().stream().anyMatch(part -> part.kind() == StepKind.TURN)));
  }

  /** The step's own number: bead 2 of 3. */
  public static String title(Step step) {
    return step.of() > 1
        ? Words.say(
            "bench.step.numbered", "step", name(step), "number", step.number(), "of", step.of())
        : name(step);
  }

  /** What it is done with; blank for a step of the salon's own. */
  public static String tool(Step step) {
    if (step.movement().isPresent()) {
      return step.parts().stream()
          .map(BenchWords::tool)
          .filter(tool -> !tool.isEmpty())
          .distinct()
          .collect(Collectors.joining("; "));
    }
    return step.tool().map(Words::of).orElseGet(() -> Words.maybe(step.kind(), "tool").orElse(""));
  }

  /** What to look out for on these nails, most important first. */
  public static List<String> hints(Step step) {
    return step.hints().stream().map(Words::of).toList();
  }

  /** What to be careful of: what the kind of step always asks, then these nails. */
  public static List<String> cautions(Step step) {
    return Stream.concat(
            step.singly().stream().flatMap(part -> Words.maybe(part.kind(), "caution").stream()),
            step.cautions().stream().map(Words::of))
        .distinct()
        .toList();
  }

  /** Tip or form, product, light, measures: what the step needs, the most important first. */
  public static List<String> figures(Step step, BenchPlan plan) {
    List<String> figures = new ArrayList<>();
    if (step.kind().phase() == StepKind.Phase.FIT && step.hand().isPresent()) {
      takes(step, plan).ifPresent(figures::add);
    }
    for (Step part : step.singly()) {
      part.dose().ifPresent(dose -> figures.add(portion(part, dose, plan)));
      part.light().ifPresent(light -> figures.add(light(light)));
    }
    figures.addAll(aims(step));
    step.bit().map(BenchWords::bit).ifPresent(figures::add);
    return figures;
  }

  /** What a step works to, a line for each measure; at the comparison one for each pair. */
  public static List<String> aims(Step step) {
    return step.kind() == StepKind.COMPARE ? compared(step) : targets(step);
  }

  /** What a step of several fingers needs on one of them. */
  public static List<String> figures(Step step, BenchPlan plan, Finger finger) {
    List<String> figures = new ArrayList<>();
    if (step.kind().phase() == StepKind.Phase.FIT) {
      plan.plan().of(finger).map(FitWords::takes).ifPresent(figures::add);
    }
    step.targets().stream()
        .filter(target -> target.finger() == finger)
        .map(target -> Words.say(Words.key(target.measure()), "value", value(target)))
        .forEach(figures::add);
    return figures.isEmpty()
        ? List.of()
        : List.of(Words.of(finger) + ": " + String.join(", ", figures));
  }

  /** The tip or form of each finger. */
  private static Optional<String> takes(Step step, BenchPlan plan) {
    List<String> takes =
        step.fingers().stream()
            .flatMap(finger -> plan.plan().of(finger).stream())
            .map(
                nail ->
                    (step.fingers().size() == 1 ? "" : Words.of(nail.nail().finger().digit()) + " ")
                        + FitWords.takes(nail))
            .toList();
    return takes.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", takes));
  }

  private static String light(LampTime light) {
    return Words.say(
        "bench.light",
        "seconds",
        light.duration().toSeconds(),
        "programme",
        light.programme().label(),
        "times",
        light.times());
  }

  /** The two hands beside each other, a line for each pair. */
  private static List<String> compared(Step step) {
    List<String> pairs = new ArrayList<>();
    for (Digit digit : Digit.values()) {
      Optional<Target> left = ofFinger(step, Finger.of(Hand.LEFT, digit));
      Optional<Target> right = ofFinger(step, Finger.of(Hand.RIGHT, digit));
      if (left.isPresent() && right.isPresent() && !value(left.get()).equals(value(right.get()))) {
        pairs.add(
            Words.say(
                "bench.compare.apart",
                "digit",
                digit,
                "left",
                value(left.get()),
                "right",
                value(right.get()),
                "measure",
                where(left)));
      }
    }
    return pairs.isEmpty() ? List.of(Words.say("bench.compare.alike")) : pairs;
  }

  private static String where(Optional<Target> target) {
    return Words.say(
        "bench.compare."
            + (target.orElseThrow().measure() == Target.Measure.MARK ? "mark" : "cut"));
  }

  /** What a step works to first on a finger. */
  public static Optional<Target> ofFinger(Step step, Finger finger) {
    return step.targets().stream().filter(target -> target.finger() == finger).findFirst();
  }

  /** What a step works to, a line for each measure. */
  private static List<String> targets(Step step) {
    Map<Target.Measure, List<Target>> byMeasure =
        step.targets().stream()
            .collect(
                Collectors.groupingBy(Target::measure, LinkedHashMap::new, Collectors.toList()));
    return byMeasure.entrySet().stream()
        .map(each -> Words.say(Words.key(each.getKey()), "value", values(each.getValue(), step)))
        .toList();
  }

  private static String values(List<Target> targets, Step step) {
    List<String> different = targets.stream().map(BenchWords::value).distinct().toList();
    if (different.size() == 1 && targets.size() == step.fingers().size()) {
      return different.get(0);
    }
    return targets.stream()
        .map(target -> Words.of(target.finger().digit()) + " " + value(target))
        .collect(Collectors.joining(", "));
  }

  /** What a target asks for. */
  public static String key(Target target) {
    return Words.key(target.measure());
  }

  /** The figure of a target with its unit. */
  public static String value(Target target) {
    Target.Measure measure = target.measure();
    return switch (measure) {
      case TILT -> FitWords.tilt(target.value());
      case AIM -> FitWords.aim(target.value());
      default ->
          Numbers.format(target.value(), measure.decimals())
              + (measure.unit().isEmpty() ? "" : " " + measure.unit());
    };
  }

  private static String portion(Step step, ProductPortion dose, BenchPlan plan) {
    Product product = step.product().orElseThrow();
    Optional<Strip> strip =
        step.finger()
            .map(finger -> plan.portions().get(finger))
            .flatMap(Portion::strip)
            .map(whole -> whole.layer(step.of()));
    String laid =
        strip
            .map(BenchWords::strip)
            .orElseGet(
                () ->
                    Words.say(
                        "bench.portion",
                        "diameter",
                        dose.diameter(),
                        "portion",
                        Words.of(product.handling(), "portion")));
    return Words.say(
        "bench.portion.of",
        "laid",
        laid,
        "place",
        dose.place(),
        "volume",
        dose.volume(),
        "product",
        product);
  }

  private static String bit(Bit bit) {
    return Words.say(
        "bench.bit",
        "bit",
        bit,
        "slowest",
        bit.slowest(),
        "fastest",
        bit.fastest(),
        "direction",
        Words.of(bit, "direction"));
  }

  /** A duration as a clock shows it. */
  public static String clock(Duration duration) {
    return Numbers.clock(duration.toSeconds());
  }

  public static String seconds(Duration duration) {
    return Words.say("bench.seconds", "seconds", duration.toSeconds());
  }

  public static String minutes(long seconds) {
    return Words.say("bench.minutes", "minutes", Math.round(seconds / 60.0));
  }

  /** One portion: how large, and where it goes. */
  private static String dose(ProductPortion dose) {
    return Words.say("bench.dose", "diameter", dose.diameter(), "place", dose.place());
  }

  /** An amount in the measure it is counted by. */
  public static String amount(Material material, double amount) {
    return Numbers.format(amount, 2) + " " + material.measure().symbol();
  }

  public static String money(double sum, String currency) {
    return Numbers.format(sum, 2) + " " + currency;
  }

  /** What the shelf says to a need. */
  public static String shelf(Need need) {
    String standing =
        need.standing() == Need.Standing.SHORT
            ? Words.say("bench.shelf.short", "lacking", amount(need.material(), need.lacking()))
            : Words.of(need.standing());
    String lots =
        need.from().stream().map(taken -> taken.lot().number()).collect(Collectors.joining(", "));
    String unusable = need.unusable().stream().map(Lot::number).collect(Collectors.joining(", "));
    return standing
        + (lots.isEmpty() ? "" : ": " + lots)
        + (unusable.isEmpty() ? "" : " " + Words.say("bench.shelf.unusable", "lots", unusable));
  }

  /** The portions taken up one by one; a strip from a tube is told with the whole. */
  public static List<String> doses(Portion portion) {
    return portion.strip().isPresent()
        ? List.of()
        : portion.doses().stream().map(BenchWords::dose).toList();
  }

  /** How product goes on. */
  public static String portion(Portion portion) {
    String doses =
        Words.say(
            Words.key(portion.product().handling()) + ".portions", "count", portion.doses().size());
    Optional<String> more =
        portion.product().handling() == Handling.POWDER_AND_LIQUID
            ? portion
                .split()
                .map(
                    split ->
                        Words.say(
                            "bench.portion.split",
                            "powder",
                            split.powder(),
                            "liquid",
                            split.liquid()))
            : portion.strip().map(BenchWords::strip);
    return doses + more.map(text -> ": " + text).orElse("");
  }

  private static String strip(Strip strip) {
    String text = Words.say("bench.strip", "length", strip.length());
    if (strip.rows() > 1) {
      text += Words.say("bench.strip.rows", "rows", strip.rows(), "row", strip.row());
    }
    return strip.mark().isPresent()
        ? text + Words.say("bench.strip.mark", "mark", strip.mark().getAsDouble())
        : text;
  }

  /** Layers and heat. */
  public static String layers(Layers layers) {
    return Words.say(
        "bench.layers",
        "count",
        layers.count(),
        "each",
        layers.each(),
        "heat",
        layers.heat().index(),
        "advice",
        layers.heat().advice());
  }

  /** How one nail hardens: layers, light for each, heat and what to do about it. */
  public static String cure(BenchPlan plan, NailPlan nail) {
    return plan.layers(nail)
        .map(
            layers ->
                layers(layers)
                    + plan.lampTime(nail)
                        .map(
                            time ->
                                Words.say(
                                    "bench.layers.light", "seconds", time.duration().toSeconds()))
                        .orElse(""))
        .orElseGet(() -> Words.say("bench.sets-by-itself"));
  }

  /** How acrylic sets in this room. */
  public static String setting(BenchWish wish) {
    Setting setting = wish.setting();
    return Words.say(
        "bench.setting",
        "room",
        wish.room(),
        "mix",
        wish.mix(),
        "working",
        setting.working().toSeconds(),
        "from",
        setting.pinchFrom().toSeconds(),
        "until",
        setting.pinchUntil().toSeconds(),
        "hard",
        setting.hard().toSeconds());
  }

  /** What a nail wears, from the plate out. */
  public static String layers(Recipe recipe) {
    return recipe.layers().stream()
        .distinct()
        .map(
            layer ->
                recipe.times(layer) == 1
                    ? layer(recipe, layer)
                    : Words.say(
                        "bench.layer.times",
                        "layer",
                        layer(recipe, layer),
                        "times",
                        recipe.times(layer)))
        .collect(Collectors.joining(" · "));
  }

  /** A layer, with its bottle where it is one of the salon's own. */
  private static String layer(Recipe recipe, LayerKind layer) {
    return recipe
        .named(layer)
        .filter(coat -> !coat.shipped())
        .map(coat -> Words.say("bench.layer.with", "layer", layer, "coat", coat))
        .orElseGet(() -> Words.of(layer));
  }

  /** How a bottle is laid, besides its light. */
  public static String laid(Coat coat) {
    List<String> said = new ArrayList<>();
    if (coat.thickness() > 0) {
      said.add(Words.say("layers.thick", "thickness", coat.thickness()));
    }
    if (coat.kind() == LayerKind.COLOUR) {
      said.add(Words.say("layers.in-coats", "coats", coat.coats()));
    }
    if (coat.kind() == LayerKind.TOP && !coat.shipped()) {
      said.add(Words.say(coat.wiped() ? "layers.wiped" : "layers.not-wiped"));
    }
    if (coat.kind() == LayerKind.PRIMER && !coat.shipped()) {
      said.add(Words.say(coat.acid() ? "layers.with-acid" : "layers.without-acid"));
    }
    return Words.of(said);
  }

  /**
   * What a maker keeps a product to; blank where nothing is said.
   *
   * @param lamp name of the only lamp
   */
  public static String limits(Limits limits, String lamp) {
    List<String> said = new ArrayList<>();
    limits
        .longest()
        .ifPresent(longest -> said.add(Words.say("layers.limit.longest", "longest", longest)));
    limits.lamp().ifPresent(code -> said.add(Words.say("layers.limit.lamp", "lamp", lamp)));
    if (!limits.freeOf().isEmpty()) {
      said.add(Words.say("layers.limit.free-of", "names", limits.freeOf()));
    }
    return String.join("; ", said);
  }

  /** Product by zone of the nail. */
  public static String zones(Portion portion) {
    Build.Volumes applied = portion.applied();
    return Words.say(
        "bench.zones",
        "edge",
        applied.extension(),
        "stress",
        applied.body(),
        "cuticle",
        applied.cuticle());
  }

  /** How old product comes off one nail. */
  public static String removal(Removal removal) {
    return Words.say(
        removal.soaks() ? "bench.removal.soak" : "bench.removal.file",
        "known",
        String.valueOf(removal.thinBy().isPresent()),
        "by",
        removal.thinBy().orElse(0),
        "tip",
        String.valueOf(removal.tip()),
        "rounds",
        removal.rounds().stream()
            .map(minutes -> Words.say("bench.minutes", "minutes", minutes))
            .collect(Collectors.joining(" + ")));
  }

  /** What speaks for and against an order of nails. */
  public static String about(OrderChoice choice) {
    return Words.say(
        choice.keeps() ? "bench.order.keeps" : "bench.order.misses",
        "changes",
        choice.schedule().changes(),
        "nails",
        choice.schedule().missed().size());
  }

  /** What an infill of one nail takes. */
  public static String infill(Infill infill) {
    return infill
        .removal()
        .map(why -> Words.say("bench.infill.off", "why", why))
        .orElseGet(
            () ->
                Words.say(
                    "bench.infill",
                    "gap",
                    infill.gap(),
                    "from",
                    infill.apexFrom(),
                    "to",
                    infill.apexTo()));
  }
}
