package ongle.core.bench;

import java.util.Optional;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.PlateFinding;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/**
 * What renewing one nail takes: the old build has grown forward, its apex is to come back.
 *
 * @param gap bare plate at the cuticle, mm
 * @param shortenBy what the old build has become too long by, mm
 * @param thinBy what has to come off where most does, so that new product covers all of the old, mm
 * @param apexFrom where the old apex has wandered, mm from the cuticle
 * @param apexTo where it is built again, mm from the cuticle
 * @param share of a new build's product that the infill takes, 0 to 1
 * @param shares the same by zone of the nail
 * @param removal why it comes off instead; empty when the infill is sound
 */
public record Infill(
    double gap,
    double shortenBy,
    double thinBy,
    double apexFrom,
    double apexTo,
    double share,
    Build.Volumes shares,
    Optional<TakeOff> removal) {
  /** A gap over this share of the plate leaves too little held; a planning figure of our own. */
  public static final double WIDEST_GAP_SHARE = 0.35;

  /**
   * New product lies at least this thick over the old, so that no seam shows or lifts, mm; a
   * planning figure of our own.
   */
  public static final double MIN_OVER_OLD = 0.20;

  private static final int SLICES = 40;

  /**
   * The old build is taken to have been as the new one is planned, as much thicker or thinner as it
   * was judged or measured.
   *
   * @param regrowth mm, 0 or more
   * @throws IllegalArgumentException if the regrowth is below 0 or no number
   */
  public static Infill of(NailPlan plan, double regrowth) {
    if (!(regrowth >= 0)) {
      throw new IllegalArgumentException("regrowth is 0 mm or more, not " + regrowth);
    }
    Profile profile = plan.build().profile();
    double old = plan.seen().old().ofPlanned(profile.apexThickness());
    double ends = plan.build().cuticleZone();
    double stress = plan.nail().plateLength();
    Zone cuticle = zone(plan.build(), 0, ends, regrowth, old);
    Zone body = zone(plan.build(), ends, stress, regrowth, old);
    Zone extension = zone(plan.build(), stress, profile.length(), regrowth, old);
    return new Infill(
        regrowth,
        regrowth,
        Math.max(cuticle.thinBy(), Math.max(body.thinBy(), extension.thinBy())),
        profile.apexAt() + regrowth,
        profile.apexAt(),
        cuticle.and(body).and(extension).share(),
        new Build.Volumes(cuticle.share(), body.share(), extension.share()),
        removal(plan, regrowth));
  }

  /**
   * Old and new between two places along the nail.
   *
   * @param thinBy most that comes off, mm
   * @param fresh product that is laid, mm³
   * @param all the same of a new build
   */
  private record Zone(double thinBy, double fresh, double all) {
    double share() {
      return all == 0 ? 0 : fresh / all;
    }

    Zone and(Zone other) {
      return new Zone(Math.max(thinBy, other.thinBy), fresh + other.fresh, all + other.all);
    }
  }

  private static Zone zone(Build build, double from, double to, double regrowth, double thicker) {
    Profile profile = build.profile();
    double slice = (to - from) / SLICES;
    double thin = 0;
    double fresh = 0;
    double all = 0;
    for (int i = 0; i < SLICES && slice > 0; i++) {
      double x = from + slice * (i + 0.5);
      double wanted = profile.thicknessAt(x);
      double old = x < regrowth ? 0 : thicker * profile.thicknessAt(x - regrowth);
      double stays = Math.min(old, Math.max(0, wanted - MIN_OVER_OLD));
      thin = Math.max(thin, old - stays);
      double whole = build.productAreaAt(x);
      fresh += Math.max(0, whole - build.productAreaAt(x, stays)) * slice;
      all += whole * slice;
    }
    return new Zone(thin, fresh, all);
  }

  /** The same nail, taken off instead; what already speaks against the infill stays the reason. */
  Infill takenOff(TakeOff why) {
    return new Infill(
        gap,
        shortenBy,
        thinBy,
        apexFrom,
        apexTo,
        share,
        shares,
        removal.or(() -> Optional.of(why)));
  }

  private static Optional<TakeOff> removal(NailPlan plan, double regrowth) {
    if (regrowth > WIDEST_GAP_SHARE * plan.nail().plateLength()) {
      return Optional.of(new TakeOff.GrownOut((int) Math.round(100 * WIDEST_GAP_SHARE)));
    }
    if (plan.nail().condition().has(PlateFinding.DAMAGED)) {
      return Optional.of(TakeOff.Plain.PLATE_DAMAGED);
    }
    return switch (plan.seen().earlier()) {
      case UNKNOWN -> Optional.of(TakeOff.Plain.UNKNOWN_PRODUCT);
      case NONE, POLISH -> Optional.of(TakeOff.Plain.NOTHING_TO_FILL);
      case GEL_POLISH -> Optional.of(TakeOff.Plain.GEL_POLISH);
      case SOAK_OFF_GEL, HARD_GEL, ACRYLIC, POLY_GEL ->
          matches(plan)
              ? Optional.empty()
              : Optional.of(
                  new TakeOff.OtherProduct(plan.seen().earlier(), plan.build().product()));
    };
  }

  private static boolean matches(NailPlan plan) {
    EarlierProduct earlier = plan.seen().earlier();
    boolean acrylicNow = plan.build().product().setsByItself();
    return (earlier == EarlierProduct.ACRYLIC) == acrylicNow;
  }
}
