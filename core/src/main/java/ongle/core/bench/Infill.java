package ongle.core.bench;

import java.util.Optional;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.PlateCondition;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Profile;

/**
 * What renewing one nail takes: the old build has grown forward, its apex is to come back.
 *
 * @param gap bare plate at the cuticle, mm
 * @param shortenBy what the old build has become too long by, mm
 * @param thinBy what has to come off where the old build stands highest over the new one, mm
 * @param apexFrom where the old apex has wandered, mm from the cuticle
 * @param apexTo where it is built again, mm from the cuticle
 * @param share of a new build's product that the infill takes, 0 to 1
 * @param removal why it comes off instead; empty when the infill is sound
 */
public record Infill(
    double gap,
    double shortenBy,
    double thinBy,
    double apexFrom,
    double apexTo,
    double share,
    Optional<String> removal) {
  /** A gap over this share of the plate leaves too little held; a planning figure of our own. */
  public static final double WIDEST_GAP_SHARE = 0.35;

  private static final int SLICES = 80;

  /**
   * The old build is taken to have been as the new one is planned.
   *
   * @param regrowth mm, 0 or more
   */
  public static Infill of(NailPlan plan, double regrowth) {
    if (!(regrowth >= 0)) {
      throw new IllegalArgumentException("regrowth is 0 mm or more, not " + regrowth);
    }
    Profile profile = plan.build().profile();
    double thin = 0;
    double fresh = 0;
    double all = 0;
    for (int i = 0; i < SLICES; i++) {
      double x = profile.length() * (i + 0.5) / SLICES;
      double wanted = profile.thicknessAt(x);
      double old = x < regrowth ? 0 : profile.thicknessAt(x - regrowth);
      double width = plan.build().halfWidthAt(x);
      thin = Math.max(thin, old - wanted);
      fresh += Math.max(0, wanted - old) * width;
      all += wanted * width;
    }
    return new Infill(
        regrowth,
        regrowth,
        thin,
        profile.apexAt() + regrowth,
        profile.apexAt(),
        all == 0 ? 0 : fresh / all,
        removal(plan, regrowth));
  }

  /** The same nail, taken off instead; what already speaks against the infill stays the reason. */
  Infill takenOff(String why) {
    return new Infill(
        gap, shortenBy, thinBy, apexFrom, apexTo, share, removal.or(() -> Optional.of(why)));
  }

  private static Optional<String> removal(NailPlan plan, double regrowth) {
    if (regrowth > WIDEST_GAP_SHARE * plan.nail().plateLength()) {
      return Optional.of(
          "Grown out over more than "
              + Math.round(100 * WIDEST_GAP_SHARE)
              + " % of the plate: too little of it is held.");
    }
    if (plan.nail().condition() == PlateCondition.DAMAGED) {
      return Optional.of("The plate under it is damaged: it has to be seen.");
    }
    return switch (plan.seen().earlier()) {
      case UNKNOWN -> Optional.of("Nobody knows what it is; nothing new is built on it.");
      case NONE, POLISH -> Optional.of("There is no build to fill.");
      case GEL_POLISH -> Optional.of("Gel polish is renewed, not filled.");
      case SOAK_OFF_GEL, HARD_GEL, ACRYLIC, POLY_GEL ->
          matches(plan)
              ? Optional.empty()
              : Optional.of(
                  "It is "
                      + plan.seen().earlier().label()
                      + "; "
                      + plan.build().product().label()
                      + " on it would part at the seam.");
    };
  }

  private static boolean matches(NailPlan plan) {
    EarlierProduct earlier = plan.seen().earlier();
    boolean acrylicNow = plan.build().product().setsByItself();
    return (earlier == EarlierProduct.ACRYLIC) == acrylicNow;
  }
}
