package ongle.core.structure;

import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import ongle.core.nail.Nail;
import ongle.core.product.Product;
import ongle.core.shape.Outline;

/**
 * A nail with everything decided but its apex, and what it has to get through.
 *
 * @param nail as it is built on, its free edge shortened
 * @param outline of the extension
 * @param edge thickness at the free edge, mm
 * @param archExponent p of the upper arch beyond the apex
 * @param barrel depth ratio of the C-curve at the free edge
 * @param across how the product thins to the sides
 * @param product what it is built of
 * @param floor thinnest apex a hand builds here, mm
 * @param beside the plates it is seen beside
 * @param term what it has to get through
 */
public record Scheme(
    Nail nail,
    Outline outline,
    double edge,
    double archExponent,
    double barrel,
    Across across,
    Product product,
    double floor,
    Beside beside,
    WearPeriod term)
    implements ApexSolver.Design {

  /**
   * Margin a millimetre of thickness has to buy against a breaking plate to be laid in full; where
   * it buys less, less is laid. Behind the cuticle the plate is bare and no hump helps it.
   */
  private static final double PAYS_FROM = 1.0;

  @Override
  public Build with(double at, double thickness) {
    return with(at, thickness, TipUnder.NONE);
  }

  /**
   * The build with an apex, over a tip or none.
   *
   * @param at mm from the cuticle, held to the build
   * @param thickness mm
   */
  public Build with(double at, double thickness, TipUnder tip) {
    double length = nail.plateLength() + outline.extension();
    return new Build(
        nail,
        outline,
        new Profile(
            nail.plateLength(),
            outline.extension(),
            Math.min(length, at),
            thickness,
            edge,
            archExponent),
        barrel,
        across,
        product,
        tip);
  }

  /**
   * Thickest apex at a place that shows as a hump neither here nor beside, mm. A base that only
   * levels is no structure and stays as thin as it is.
   */
  public double thickest(double at) {
    if (product.onlyOverlay()) {
      return floor;
    }
    double thickest =
        Math.min(ApexSolver.thickestAt(at), beside.thickestAt(at / nail.plateLength()));
    return Math.max(floor, thickest);
  }

  /**
   * An apex over a tip: as without, thicker where the tip's own plastic would give first.
   *
   * @param own as without a tip
   */
  public ApexSolver.Apex over(TipUnder tip, ApexSolver.Apex own) {
    if (tip.none()) {
      return own;
    }
    ApexSolver.Apex over =
        ApexSolver.thinnest(
            (at, thickness) -> with(at, thickness, tip),
            own.at(),
            own.thickness(),
            Math.max(own.thickness(), thickest(own.at())),
            term,
            Set.of(FailureMode.CRACK));
    return new ApexSolver.Apex(
        own.at(), over.thickness(), own.holds() && over.holds(), over.binding().or(own::binding));
  }

  /**
   * The apex to build at a place: thick enough not to crack, and thicker for the plate as far as
   * thickness helps it; between the floor and what shows as a hump.
   *
   * @param at mm from the cuticle
   */
  public ApexSolver.Apex apex(double at) {
    double thickest = thickest(at);
    DoubleFunction<Endurance> asked = ApexSolver.asked(this, at, term);
    double forPlate = forPlate(at, thickest, asked);
    ApexSolver.Apex crack =
        asked.apply(floor).of(FailureMode.CRACK).ofAim() >= 1
            ? new ApexSolver.Apex(at, floor, true, Optional.empty())
            : ApexSolver.thinnest(asked, at, floor, thickest, Set.of(FailureMode.CRACK));
    return forPlate > crack.thickness()
        ? new ApexSolver.Apex(at, forPlate, crack.holds(), Optional.of(FailureMode.PLATE))
        : crack;
  }

  /**
   * How far of its aims this nail gets at best: cracking with the thickest apex, the plate with
   * what is laid for it, bed and lift with the thinnest, as no hump is built for them. 1 or more
   * carries the extension. Never less for a stronger product.
   *
   * @param at place of the apex, mm from the cuticle
   */
  public double carries(double at) {
    return carries(at, thickest(at));
  }

  /**
   * The same with an apex of any thickness.
   *
   * @param thickest mm
   */
  double carries(double at, double thickest) {
    DoubleFunction<Endurance> asked = ApexSolver.asked(this, at, term);
    Endurance thin = asked.apply(floor);
    double crack = thin.of(FailureMode.CRACK).ofAim();
    if (crack < 1) {
      crack = asked.apply(thickest).of(FailureMode.CRACK).ofAim();
    }
    double plate = thin.of(FailureMode.PLATE).ofAim();
    if (plate < 1) {
      double forPlate = forPlate(at, thickest, asked);
      plate = asked.apply(forPlate).of(FailureMode.PLATE).ofAim();
    }
    double atBed = Math.min(thin.of(FailureMode.BED).ofAim(), thin.of(FailureMode.LIFT).ofAim());
    return Math.min(Math.min(crack, plate), atBed);
  }

  /**
   * How thick the plate asks for: continuous in every measure, as what thickness cannot buy it does
   * not lay.
   */
  private double forPlate(double at, double thickest, DoubleFunction<Endurance> asked) {
    double thin = asked.apply(floor).of(FailureMode.PLATE).ofAim();
    if (thin >= 1 || thickest <= floor) {
      return floor;
    }
    double gained =
        (asked.apply(thickest).of(FailureMode.PLATE).ofAim() - thin) * FailureMode.PLATE.aim();
    double pays = Math.max(0, gained / (thickest - floor)) / PAYS_FROM;
    if (pays == 0) {
      return floor;
    }
    ApexSolver.Apex met =
        ApexSolver.thinnest(asked, at, floor, thickest, Set.of(FailureMode.PLATE));
    double raise = (met.holds() ? met.thickness() : thickest) - floor;
    return floor + raise * Math.min(1, pays * pays);
  }
}
