package ongle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import ongle.core.Kits;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.LengthWish.Mode;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;

/** Whole hands as people have them, with a wish; the same ones every time. */
public record Hands(SetWish wish, List<SetPlanner.Item> items) {
  private static final List<Product> PRODUCTS = Product.carryingDifferently();

  /** A bitten or a grown hand of any size, and something it may be asked for. */
  public static Hands of(long seed) {
    Random random = new Random(seed);
    boolean bitten = random.nextInt(4) == 0;
    PlateCondition condition =
        bitten
            ? PlateCondition.BITTEN
            : random.nextInt(5) == 0 ? PlateCondition.THIN : PlateCondition.SOUND;
    double scale = between(random, 0.82, 1.12);
    double length = bitten ? between(random, 0.68, 0.80) : between(random, 0.88, 1.08);
    double arch = between(random, 0.75, 1.25);
    double freeEdge = bitten ? between(random, 0, 0.3) : between(random, 0, 2);
    double overhang = bitten ? between(random, 2, 3.5) : between(random, 1, 2.2);
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      Digit digit = finger.digit();
      double width = digit.usualWidth() * scale * about(random);
      items.add(
          item(
              new Nail(
                  finger,
                  tenths(width),
                  tenths(digit.usualPlateLength() * scale * length * about(random)),
                  tenths(digit.usualDepthRatio() * width * arch),
                  tenths(freeEdge),
                  tenths(0.15 * width),
                  0,
                  0,
                  tenths(overhang * about(random)),
                  condition,
                  SkinState.INTACT)));
    }
    Mode mode = random.nextBoolean() ? Mode.MILLIMETRES : Mode.COVER_FINGERTIP;
    double asked =
        mode == Mode.COVER_FINGERTIP
            ? between(random, 0.5, 4)
            : between(random, 2, bitten ? 6 : 16);
    return new Hands(
        wish(
            NailShape.values()[random.nextInt(NailShape.values().length)],
            new LengthWish(mode, tenths(asked)),
            PRODUCTS.get(random.nextInt(PRODUCTS.size())),
            new Schools(
                TipsOrForms.values()[random.nextInt(2)],
                FreeHandOrForms.values()[random.nextInt(2)])),
        items);
  }

  static SetWish wish(NailShape shape, LengthWish length, Product product, Schools schools) {
    List<Tip> tips = new ArrayList<>();
    for (int i = 0; i < 14; i++) {
      double width = 16.5 - 0.75 * i;
      tips.add(new Tip(String.valueOf(i), width, 0.185 * width, 5, 30, 0.5));
    }
    return new SetWish(
        shape,
        length,
        product,
        ApexSchool.THIRD,
        CrossThickness.SALON,
        new Fitting(
            List.of(new TipKit("tips", "tips", NailShape.SQUARE, tips)),
            List.of(Kits.PAPER, Kits.RIGID),
            schools,
            Optional.empty()),
        Wearer.ORDINARY);
  }

  static SetPlanner.Item item(Nail nail) {
    return new SetPlanner.Item(nail, Adjustments.NONE);
  }

  public SetPlan plan() {
    return SetPlanner.plan(wish, items);
  }

  boolean bitten() {
    return items.get(0).nail().condition().equals(PlateCondition.BITTEN);
  }

  /** The same with one measure of one finger a tenth more or less. */
  Hands nudged(Finger finger, Quantity quantity, double by) {
    return new Hands(
        wish,
        items.stream()
            .map(
                item ->
                    item.nail().finger() == finger ? item(nudged(item.nail(), quantity, by)) : item)
            .toList());
  }

  private static Nail nudged(Nail nail, Quantity quantity, double by) {
    return new Nail(
        nail.finger(),
        nail.width() + on(Quantity.WIDTH, quantity, by),
        nail.plateLength() + on(Quantity.PLATE_LENGTH, quantity, by),
        nail.archDepth() + on(Quantity.ARCH_DEPTH, quantity, by),
        Math.max(0, nail.freeEdge() + on(Quantity.FREE_EDGE, quantity, by)),
        nail.freeEdgeDepth() + on(Quantity.FREE_EDGE_DEPTH, quantity, by),
        0,
        0,
        nail.overhang() + on(Quantity.OVERHANG, quantity, by),
        nail.condition(),
        nail.skin());
  }

  private static double on(Quantity which, Quantity nudged, double by) {
    return which == nudged ? by : 0;
  }

  private static double about(Random random) {
    return between(random, 0.97, 1.03);
  }

  private static double between(Random random, double min, double max) {
    return min + (max - min) * random.nextDouble();
  }

  private static double tenths(double value) {
    return Math.round(10 * value) / 10.0;
  }
}
