package ongle.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.nail.Nail;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;
import ongle.core.wear.Outlook;
import ongle.core.wear.Wearing;

/**
 * Everything worked out for one finger.
 *
 * @param item the natural nail, what was found on it and what was set by hand
 * @param wearing what it has to last through
 * @param stop why it is not built on; empty when it is
 * @param length how long it is built, and who said so
 * @param fit how it is built on and what it is fitted with
 * @param build as built
 * @param arches lower and upper arch from the side
 * @param advised the thinnest apex that carries this extension to the last day, and its place
 * @param endurance margins as built, on the first and on the last day
 * @param volumes product by zone
 */
public record NailPlan(
    SetPlanner.Item item,
    Wearing wearing,
    Optional<Stop> stop,
    FingerLength length,
    NailFit fit,
    Build build,
    Arches arches,
    ApexSolver.Apex advised,
    Endurance endurance,
    Build.Volumes volumes) {

  /** How much product goes on, before filing and shrinkage take their share. */
  private static final double FILED_OFF_SCULPTED = 0.15;

  private static final double FILED_OFF_LEVELLING = 0.05;

  /** The natural nail(). */
  public Nail nail() {
    return item.nail();
  }

  /** What was found on it besides plate and skin. */
  public LookOver seen() {
    return item.seen();
  }

  /** Whether an apex behind the stress line has wandered past it by the last day. */
  public boolean apexTooFarForward() {
    double behind = nail().plateLength() - build.profile().apexAt();
    return behind >= 0 && behind < endurance.last().growth();
  }

  /** The weeks ahead. */
  public Outlook outlook() {
    return Outlook.of(
        build, wearing.prepQuality(), wearing.growth().perDay(nail().finger().digit()));
  }

  /** Whether this finger must not be built on. */
  public boolean stopped() {
    return stop.isPresent();
  }

  /** What to be careful of on this finger, most important first. */
  public List<String> cautions() {
    return Stream.of(
            nail().skin().caution(),
            nail().skin().mayBeOverruled()
                ? seen().buildAnyway().map(reason -> "Built all the same: " + reason)
                : Optional.<String>empty(),
            nail().condition().caution(),
            seen().earlier().first())
        .flatMap(Optional::stream)
        .toList();
  }

  /** What is built, mm beyond the stress line. */
  public double extension() {
    return length.built();
  }

  public boolean readsAsShape() {
    return shape().readsAt(extension(), nail().width());
  }

  public NailShape shape() {
    return build.outline().shape();
  }

  /** The nearest shape that reads at this length; the wanted one if it does. */
  public NailShape nearestShape() {
    return shape().nearestThatReads(extension(), nail().width());
  }

  /** Product to lay on, mm³: what stays, plus what is filed off, plus what shrinkage takes. */
  public double appliedVolume() {
    Product product = build.product();
    double filed = product.levelling() ? FILED_OFF_LEVELLING : FILED_OFF_SCULPTED;
    return volumes.total() * (1 + filed) / (1 - product.shrinkage());
  }
}
