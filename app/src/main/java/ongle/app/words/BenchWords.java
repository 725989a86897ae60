package ongle.app.words;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.app.web.Numbers;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Bit;
import ongle.core.bench.Infill;
import ongle.core.bench.OrderChoice;
import ongle.core.bench.Removal;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.bench.Target;
import ongle.core.cure.Layers;
import ongle.core.cure.Setting;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Dose;
import ongle.core.portion.Lot;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import ongle.core.portion.Portion;
import ongle.core.portion.Strip;
import ongle.core.product.Handling;
import ongle.core.product.Product;
import ongle.core.structure.Build;

/** The bench in the salon's words. */
public final class BenchWords {
  private BenchWords() {}

  /** Where a step is done. */
  public static String where(Step step) {
    return step.finger()
        .map(Finger::label)
        .orElseGet(
            () ->
                step.hand()
                    .map(hand -> hand.label() + " hand" + which(step, hand))
                    .orElse("both hands"));
  }

  private static String which(Step step, Hand hand) {
    return step.fingers().size() == Finger.of(hand).size()
        ? ""
        : ": "
            + String.join(
                ", ", step.fingers().stream().map(finger -> finger.digit().label()).toList());
  }

  /** The step's own number: bead 2 of 3. */
  public static String title(Step step) {
    return step.of() > 1 ? step.title() + ", " + step.number() + " of " + step.of() : step.title();
  }

  /** Tip or form, product, light, measures: what the step needs, the most important first. */
  public static List<String> figures(Step step, BenchPlan plan) {
    List<String> figures = new ArrayList<>();
    step.finger()
        .filter(finger -> step.kind().phase() == StepKind.Phase.FIT)
        .flatMap(plan.plan()::of)
        .map(FitWords::takes)
        .ifPresent(figures::add);
    step.dose().ifPresent(dose -> figures.add(helping(step, dose, plan)));
    step.light()
        .ifPresent(
            light ->
                figures.add(
                    seconds(light.duration())
                        + (light.times() > 1
                            ? ": " + light.programme().label() + ", " + light.times() + " times"
                            : ", button " + light.programme().label())));
    figures.addAll(targets(step));
    step.bit().map(BenchWords::bit).ifPresent(figures::add);
    return figures;
  }

  /** What the step works to, a line for each measure. */
  private static List<String> targets(Step step) {
    Map<Target.Measure, List<Target>> byMeasure =
        step.targets().stream()
            .collect(
                Collectors.groupingBy(Target::measure, LinkedHashMap::new, Collectors.toList()));
    return byMeasure.entrySet().stream()
        .map(each -> String.format(each.getKey().phrase(), values(each.getValue(), step)))
        .toList();
  }

  private static String values(List<Target> targets, Step step) {
    List<String> different = targets.stream().map(BenchWords::value).distinct().toList();
    if (different.size() == 1 && targets.size() == step.fingers().size()) {
      return different.get(0);
    }
    return targets.stream()
        .map(target -> target.finger().digit().label() + " " + value(target))
        .collect(Collectors.joining(", "));
  }

  /** The figure of a target with its unit. */
  public static String value(Target target) {
    Target.Measure measure = target.measure();
    return switch (measure) {
      case TILT -> FitWords.angle(target.value(), "up", "down");
      case AIM ->
          FitWords.angle(target.value(), "to the little finger’s side", "to the thumb’s side");
      default ->
          Numbers.format(target.value(), measure.decimals())
              + (measure.unit().isEmpty() ? "" : " " + measure.unit());
    };
  }

  private static String helping(Step step, Dose dose, BenchPlan plan) {
    String volume =
        " ("
            + Numbers.format(dose.volume(), 0)
            + " mm³ "
            + step.product().map(Product::label).orElse("")
            + ")";
    Optional<Strip> strip =
        step.finger()
            .map(finger -> plan.portions().get(finger))
            .flatMap(Portion::strip)
            .map(whole -> whole.layer(step.of()));
    return strip
            .map(
                pressed ->
                    Numbers.mm(pressed.length())
                        + " from the tube"
                        + laid(pressed)
                        + ", "
                        + dose.place().label())
            .orElseGet(
                () ->
                    "Ø "
                        + Numbers.mm(dose.diameter())
                        + " "
                        + step.product().map(p -> p.handling().helping()).orElse("product")
                        + ", "
                        + dose.place().label())
        + volume;
  }

  private static String bit(Bit bit) {
    return bit.name()
        + ", "
        + bit.slowest()
        + " to "
        + bit.fastest()
        + " turns a minute, "
        + bit.direction();
  }

  /** A duration as a clock shows it. */
  public static String clock(Duration duration) {
    long seconds = Math.max(0, duration.toSeconds());
    return String.format("%d:%02d", seconds / 60, seconds % 60);
  }

  public static String seconds(Duration duration) {
    return duration.toSeconds() + " s";
  }

  public static String minutes(long seconds) {
    return Math.round(seconds / 60.0) + " min";
  }

  /** One helping: how large, and where it goes. */
  private static String dose(Dose dose) {
    return "Ø " + Numbers.mm(dose.diameter()) + " " + dose.place().label();
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
    String lots =
        need.from().isEmpty()
            ? ""
            : ": "
                + need.from().stream()
                    .map(taken -> taken.lot().number())
                    .collect(Collectors.joining(", "));
    String lacking =
        need.standing() == Need.Standing.SHORT
            ? " of " + amount(need.material(), need.lacking())
            : "";
    return need.standing().label()
        + lacking
        + lots
        + (need.unusable().isEmpty()
            ? ""
            : " (not "
                + need.unusable().stream().map(Lot::number).collect(Collectors.joining(", "))
                + ")");
  }

  /** The helpings taken up one by one; a strip from a tube is told with the portion. */
  public static List<String> doses(Portion portion) {
    return portion.strip().isPresent()
        ? List.of()
        : portion.doses().stream().map(BenchWords::dose).toList();
  }

  /** How product goes on. */
  public static String portion(Portion portion) {
    String doses =
        portion.doses().size()
            + " "
            + portion.product().handling().helping()
            + (portion.doses().size() == 1 ? "" : "s");
    if (portion.product().handling() == Handling.POWDER_AND_LIQUID) {
      return doses
          + portion
              .split()
              .map(
                  split ->
                      ": "
                          + Numbers.format(split.powder(), 2)
                          + " g powder, "
                          + Numbers.format(split.liquid(), 2)
                          + " ml liquid")
              .orElse("");
    }
    return doses + portion.strip().map(BenchWords::strip).orElse("");
  }

  private static String strip(Strip strip) {
    return ": " + Numbers.mm(strip.length()) + " from the tube" + laid(strip);
  }

  private static String laid(Strip strip) {
    return (strip.rows() > 1 ? ", in " + strip.rows() + " rows of " + Numbers.mm(strip.row()) : "")
        + (strip.mark().isPresent()
            ? ", ending at mark " + Numbers.format(strip.mark().getAsDouble(), 1)
            : "");
  }

  /** Layers and heat. */
  public static String layers(Layers layers) {
    return layers.count()
        + (layers.count() == 1 ? " layer of " : " layers of ")
        + Numbers.thickness(layers.each())
        + ", heat "
        + Numbers.format(layers.heat().index(), 1)
        + (layers.heat().advice() == Layers.Advice.NONE
            ? ""
            : ": " + layers.heat().advice().label());
  }

  /** How one nail hardens: layers, light for each, heat and what to do about it. */
  public static String cure(BenchPlan plan, NailPlan nail) {
    return plan.layers(nail)
        .map(
            layers ->
                layers(layers)
                    + plan.lampTime(nail)
                        .map(time -> "; " + seconds(time.duration()) + " in the lamp each")
                        .orElse(""))
        .orElse("sets by itself");
  }

  /** How acrylic sets in this room. */
  public static String setting(BenchWish wish) {
    Setting setting = wish.setting();
    return "Acrylic at "
        + Numbers.format(wish.room(), 0)
        + " °C, "
        + wish.mix().label()
        + " mix: works for "
        + clock(setting.working())
        + ", pinched from "
        + clock(setting.pinchFrom())
        + " to "
        + clock(setting.pinchUntil())
        + ", hard after "
        + clock(setting.hard())
        + ".";
  }

  /** Product by zone of the nail. */
  public static String zones(Portion portion) {
    Build.Volumes applied = portion.applied();
    return "free edge "
        + Numbers.format(applied.extension(), 0)
        + ", stress zone "
        + Numbers.format(applied.body(), 0)
        + ", cuticle "
        + Numbers.format(applied.cuticle(), 0)
        + " mm³";
  }

  /** How old product comes off one nail. */
  public static String removal(Removal removal) {
    return removal.soaks()
        ? "comes off: thin by "
            + Numbers.thickness(removal.thinBy())
            + " to "
            + Numbers.thickness(removal.thinTo())
            + ", then soak "
            + removal.rounds().stream()
                .map(minutes -> minutes + " min")
                .collect(Collectors.joining(" and "))
        : "comes off: file "
            + Numbers.thickness(removal.thinBy())
            + " away, leave "
            + Numbers.thickness(removal.thinTo())
            + " on the plate";
  }

  /** What an order of nails risks. */
  public static String risk(OrderChoice choice) {
    if (choice.atRisk() == 0) {
      return "nothing runs, every pinch in time";
    }
    List<String> risks = new ArrayList<>();
    if (!choice.running().isEmpty()) {
      risks.add(choice.running().size() + " nails wait so long that gel runs");
    }
    if (!choice.pinchedOff().isEmpty()) {
      risks.add(choice.pinchedOff().size() + " pinches miss their time");
    }
    return String.join(", ", risks);
  }

  /** What an infill of one nail takes. */
  public static String infill(Infill infill) {
    return infill
        .removal()
        .map(why -> "Take it off: " + why)
        .orElseGet(
            () ->
                "gap "
                    + Numbers.mm(infill.gap())
                    + ", thin by "
                    + Numbers.thickness(infill.thinBy())
                    + ", apex back from "
                    + Numbers.mm(infill.apexFrom())
                    + " to "
                    + Numbers.mm(infill.apexTo()));
  }
}
