package ongle.app.structure;

import java.util.List;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.plan.ApexReason;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.plan.Remedy;
import ongle.core.structure.FailureMode;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;

/** Causes, margins, neighbours and remedies in words. */
final class StructureWords {
  /** From here a margin is only called large. */
  private static final double LARGE = 20;

  private StructureWords() {}

  static String value(Margins.Margin margin) {
    return margin.value() > LARGE
        ? Words.say("structure.margin.over", "max", LARGE)
        : Numbers.format(margin.value(), 2);
  }

  /** The limit a margin is taken against. */
  static String limit(FailureMode cause, NailPlan plan) {
    return Words.say(
        "structure.limit." + cause.name(),
        "strength",
        cause == FailureMode.CRACK
            ? plan.build().product().strength()
            : plan.nail().condition().strength(),
        "product",
        plan.build().product(),
        "plate",
        plan.nail().condition(),
        "pull",
        cause == FailureMode.LIFT
            ? LoadedNail.ADHESION * plan.wearing().hold()
            : plan.nail().condition().allowedBedPull());
  }

  /** Why this nail's apex differs from a neighbour's. */
  static String against(NailPlan plan, Neighbour neighbour) {
    NailPlan other = neighbour.other();
    List<String> reasons =
        neighbour.reasons().stream().limit(2).map(each -> because(plan, other, each)).toList();
    return Words.say(
        "structure.beside",
        "digit",
        other.nail().finger().digit(),
        "thickness",
        other.advised().thickness(),
        "reasons",
        reasons);
  }

  private static String because(NailPlan plan, NailPlan other, Neighbour.Reason reason) {
    return switch (reason.factor()) {
      case LENGTH -> apart("structure.beside.extension.", other.extension(), plan.extension());
      case WIDTH_AND_ARCH ->
          Math.abs(other.nail().width() - plan.nail().width()) < 0.1
              ? Words.say("structure.beside.arch")
              : apart("structure.beside.width.", other.nail().width(), plan.nail().width());
      case PLATE_LENGTH ->
          apart("structure.beside.plate.", other.nail().plateLength(), plan.nail().plateLength());
      case CONDITION -> Words.say("structure.beside.condition", "plate", other.nail().condition());
      case GROWTH -> Words.say("structure.beside.growth");
    };
  }

  private static String apart(String key, double theirs, double ours) {
    return Words.say(key + (theirs > ours ? "more" : "less"), "by", Math.abs(theirs - ours));
  }

  /** What gives first, as a name. */
  static String weakest(Margins.Margin margin) {
    return Words.say("structure.weakest." + margin.cause().name(), "at", margin.at());
  }

  /** What gives the barrel where nothing is squeezed. */
  static String barrelFrom(NailPlan plan) {
    return Words.of(plan.fit().way(), "barrel");
  }

  /** What set the thickness of the apex. */
  static String because(NailPlan plan) {
    String overlay =
        plan.apexReason().by() == ApexReason.By.FLOOR && plan.overlay() ? ".overlay" : "";
    return Words.say(
        "structure.because." + plan.apexReason().by().name() + overlay,
        "thickness",
        plan.advised().thickness(),
        "length",
        plan.extension(),
        "days",
        plan.wearing().days(),
        "other",
        plan.apexReason().finger());
  }

  /** A remedy as something to do: one thing, or two together. */
  static String remedy(Remedy remedy) {
    List<String> changes = remedy.changes().stream().map(Words::of).toList();
    return changes.size() == 1
        ? Words.sentence(changes.get(0))
        : Words.sentence(
            Words.say("structure.both", "one", changes.get(0), "other", changes.get(1)));
  }
}
