package ongle.app.structure;

import java.util.List;
import java.util.stream.Collectors;
import ongle.app.web.Numbers;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.plan.Remedy;
import ongle.core.structure.Cause;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;

/** Causes, margins, neighbours and remedies in the salon's words. */
final class StructureWords {
  private StructureWords() {}

  /** What it would do, after "it would". */
  static String would(Cause cause) {
    return switch (cause) {
      case CRACK -> "crack";
      case PLATE -> "break the natural nail";
      case BED -> "pull the nail off its bed";
      case LIFT -> "lift at the cuticle";
    };
  }

  /** What it would do and where, after "it would". */
  static String wouldGive(Margins.Margin margin, NailPlan plan) {
    double beyond = margin.at() - plan.nail().plateLength();
    return would(margin.cause())
        + switch (margin.cause()) {
          case CRACK ->
              Math.abs(beyond) < 1
                  ? " at the stress line"
                  : beyond > 0
                      ? " " + Numbers.mm(beyond) + " beyond the stress line"
                      : " over the plate, " + Numbers.mm(margin.at()) + " from the cuticle";
          case PLATE ->
              margin.at() < 1
                  ? " where the product begins"
                  : ", " + Numbers.mm(margin.at()) + " from the cuticle";
          case BED -> " at the stress line";
          case LIFT -> "";
        };
  }

  /** What gives, in a word or two. */
  static String noun(Cause cause) {
    return switch (cause) {
      case CRACK -> "cracking";
      case PLATE -> "natural nail";
      case BED -> "nail bed";
      case LIFT -> "lifting";
    };
  }

  /** What a margin is called. */
  static String margin(Cause cause) {
    return switch (cause) {
      case CRACK -> "Against cracking";
      case PLATE -> "For the natural nail";
      case BED -> "For the nail bed";
      case LIFT -> "Against lifting";
    };
  }

  static String value(Margins.Margin margin) {
    return margin.value() > 20 ? "over 20" : Numbers.format(margin.value(), 2);
  }

  static String unit(Cause cause) {
    return cause == Cause.CRACK || cause == Cause.PLATE ? " MPa" : " N/mm²";
  }

  /** The limit a margin is taken against. */
  static String limit(Cause cause, NailPlan plan) {
    return switch (cause) {
      case CRACK ->
          "half the "
              + Numbers.format(plan.build().product().strength(), 0)
              + " MPa of "
              + plan.build().product().label()
              + "; half because the load comes every day";
      case PLATE ->
          "half the "
              + Numbers.format(plan.nail().condition().strength(), 0)
              + " MPa of a "
              + plan.nail().condition().label()
              + " plate";
      case BED ->
          Numbers.format(plan.nail().condition().allowedBedPull(), 2)
              + " N/mm² for a "
              + plan.nail().condition().label()
              + " plate";
      case LIFT ->
          Numbers.format(LoadedNail.ADHESION * plan.wearing().prepQuality(), 2)
              + " N/mm² as this plate is prepared";
    };
  }

  /** Why this nail's apex differs from a neighbour's. */
  static String against(NailPlan plan, Neighbour neighbour) {
    NailPlan other = neighbour.other();
    String apart =
        "The "
            + other.nail().finger().digit().label()
            + " beside it gets "
            + Numbers.thickness(other.advised().thickness());
    List<Neighbour.Reason> reasons = neighbour.reasons().stream().limit(2).toList();
    return reasons.isEmpty()
        ? apart + "."
        : apart
            + ": "
            + reasons.stream()
                .map(reason -> because(plan, other, reason))
                .collect(Collectors.joining(", and "))
            + ".";
  }

  private static String because(NailPlan plan, NailPlan other, Neighbour.Reason reason) {
    return switch (reason.factor()) {
      case LENGTH ->
          "its extension is "
              + Numbers.mm(Math.abs(other.extension() - plan.extension()))
              + (other.extension() < plan.extension() ? " shorter" : " longer");
      case WIDTH_AND_ARCH ->
          Math.abs(other.nail().width() - plan.nail().width()) < 0.1
              ? "its plate is arched otherwise"
              : "its plate is "
                  + Numbers.mm(Math.abs(other.nail().width() - plan.nail().width()))
                  + (other.nail().width() > plan.nail().width() ? " wider" : " narrower");
      case PLATE_LENGTH ->
          "its plate is "
              + Numbers.mm(Math.abs(other.nail().plateLength() - plan.nail().plateLength()))
              + (other.nail().plateLength() > plan.nail().plateLength() ? " longer" : " shorter");
      case CONDITION -> "its plate is " + other.nail().condition().label();
      case GROWTH -> "it grows out at another pace";
    };
  }

  /** What gives first, as a name. */
  static String weakest(Margins.Margin margin) {
    return switch (margin.cause()) {
      case CRACK -> "the product, " + Numbers.mm(margin.at()) + " from the cuticle";
      case PLATE -> "the natural nail";
      case BED -> "the nail bed";
      case LIFT -> "lifting at the cuticle";
    };
  }

  /** What gives the barrel where nothing is squeezed. */
  static String barrelFrom(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP -> "The tip gives the barrel; a tip is not squeezed.";
      case OVERLAY -> "An overlay keeps the plate’s own curve; the natural nail is never squeezed.";
      case FORM -> "The form, rolled and closed, gives the barrel; nothing is squeezed.";
      case REUSABLE_FORM, FREE_HAND -> "The plate’s own curve carries on; nothing is squeezed.";
    };
  }

  /** What set the thickness of the apex. */
  static String because(NailPlan plan) {
    String thickness = Numbers.thickness(plan.advised().thickness());
    String other = plan.apexReason().finger().label();
    return switch (plan.apexReason().by()) {
      case FLOOR ->
          thickness
              + (plan.overlay()
                  ? ": a thin overlay, and this nail needs no more."
                  : " is what a hand builds at "
                      + Numbers.mm(plan.extension())
                      + "; it needs no more.");
      case CRACK ->
          thickness + ": thinner it would crack within " + plan.wearing().days() + " days.";
      case PLATE ->
          thickness
              + ": thinner the natural nail would give within "
              + plan.wearing().days()
              + " days.";
      case TWIN -> thickness + ", to look like its twin, the " + other + ".";
      case SET -> thickness + ", not to look thin beside the " + other + ".";
      case BY_HAND -> "Set by hand; " + thickness + " would do.";
    };
  }

  /** A remedy as something to do: one thing, or two together. */
  static String remedy(Remedy remedy) {
    StringBuilder text = new StringBuilder();
    for (Remedy.Change change : remedy.changes()) {
      String what = remedy(change);
      text.append(
          text.isEmpty()
              ? what
              : ", and " + Character.toLowerCase(what.charAt(0)) + what.substring(1));
    }
    return text.toString();
  }

  private static String remedy(Remedy.Change change) {
    if (change instanceof Remedy.Shorten shorten) {
      return "Shorten it to " + Numbers.mm(shorten.extension());
    } else if (change instanceof Remedy.DeepenBarrel deepen) {
      return "Deepen its barrel to " + Numbers.format(deepen.percent(), 0) + " %";
    } else if (change instanceof Remedy.OtherProduct other) {
      return "Build the set in " + other.product().label();
    } else if (change instanceof Remedy.SoonerInfill sooner) {
      return "Infill after " + sooner.days() + " days";
    } else if (change instanceof Remedy.OtherShape other) {
      return "Make the set " + other.shape().label();
    } else if (change instanceof Remedy.PrepareFully) {
      return "Leave no step of the preparation out";
    } else if (change instanceof Remedy.Thicken thicken) {
      return "Make its apex " + Numbers.thickness(thicken.thickness());
    }
    throw new IllegalArgumentException("no words for " + change);
  }
}
