package ongle.core.photo;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ongle.core.Lookup;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;

/**
 * A nail measured in a picture.
 *
 * @param values width, plate length, edge curve and lean, in each quantity's unit
 * @param bands how far each may be off, in its unit, 19 times in 20
 */
public record PhotoMeasure(Map<Quantity, Double> values, Map<Quantity, Double> bands) {
  public PhotoMeasure {
    values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    bands = Collections.unmodifiableMap(new LinkedHashMap<>(bands));
  }

  /** How well a mark is set with the magnifier, px, one standard deviation. */
  public static final double MARKED_WITHIN = 1.0;

  /** Of a pixel taken for a point, px: the standard deviation of a uniform spread. */
  private static final double PIXEL = 1 / Math.sqrt(12);

  /** How well the height of the nails above the card is known, mm, one standard deviation. */
  private static final double HEIGHT_WITHIN = 1.0;

  /** Two standard deviations. */
  private static final double BAND = 2;

  /** For the slope at a mark, px, and at the height, mm. */
  private static final double STEP = 0.25;

  /**
   * @param corners of the card, px
   * @param above how far the nails lie above the card's plane, mm
   * @throws MarkTrouble if the marks cannot be right
   */
  public static PhotoMeasure of(
      List<Spot> corners, Card card, Camera camera, NailMarks marks, Hand hand, double above) {
    Map<Quantity, Double> values =
        values(CardView.of(corners, card, camera), marks, hand, above, true);
    Map<Quantity, Double> variance = new EnumMap<>(Quantity.class);
    double perMark = MARKED_WITHIN * MARKED_WITHIN + PIXEL * PIXEL;
    for (int i = 0; i < 4; i++) {
      for (Spot step : List.of(new Spot(STEP, 0), new Spot(0, STEP))) {
        int corner = i;
        List<Spot> moved = new ArrayList<>(corners);
        moved.set(corner, corners.get(corner).plus(step));
        add(
            variance,
            values,
            values(CardView.of(moved, card, camera), marks, hand, above, false),
            perMark);
      }
    }
    CardView view = CardView.of(corners, card, camera);
    for (Spot step : List.of(new Spot(STEP, 0), new Spot(0, STEP))) {
      for (NailMarks moved : eachMoved(marks, spot -> spot.plus(step))) {
        add(variance, values, values(view, moved, hand, above, false), perMark);
      }
    }
    add(
        variance,
        values,
        values(view, marks, hand, above + STEP, false),
        HEIGHT_WITHIN * HEIGHT_WITHIN);
    Map<Quantity, Double> bands = new EnumMap<>(Quantity.class);
    variance.forEach((quantity, square) -> bands.put(quantity, BAND * Math.sqrt(square)));
    return new PhotoMeasure(values, bands);
  }

  private static List<NailMarks> eachMoved(NailMarks m, UnaryOperator<Spot> move) {
    List<NailMarks> all = new ArrayList<>();
    all.add(
        new NailMarks(
            move.apply(m.growthPoint()), m.otherGrowthPoint(), m.cuticle(), m.edge(), m.knuckle()));
    all.add(
        new NailMarks(
            m.growthPoint(), move.apply(m.otherGrowthPoint()), m.cuticle(), m.edge(), m.knuckle()));
    all.add(
        new NailMarks(
            m.growthPoint(), m.otherGrowthPoint(), move.apply(m.cuticle()), m.edge(), m.knuckle()));
    all.add(
        new NailMarks(
            m.growthPoint(), m.otherGrowthPoint(), m.cuticle(), move.apply(m.edge()), m.knuckle()));
    m.knuckle()
        .ifPresent(
            knuckle ->
                all.add(
                    new NailMarks(
                        m.growthPoint(),
                        m.otherGrowthPoint(),
                        m.cuticle(),
                        m.edge(),
                        Optional.of(move.apply(knuckle)))));
    return all;
  }

  private static void add(
      Map<Quantity, Double> variance,
      Map<Quantity, Double> at,
      Map<Quantity, Double> moved,
      double square) {
    at.forEach(
        (quantity, value) -> {
          double slope = (Lookup.of(moved, quantity) - value) / STEP;
          variance.merge(quantity, slope * slope * square, Double::sum);
        });
  }

  private static Map<Quantity, Double> values(
      CardView view, NailMarks marks, Hand hand, double above, boolean check) {
    Spot one = view.place(marks.growthPoint(), above);
    Spot other = view.place(marks.otherGrowthPoint(), above);
    Spot cuticle = view.place(marks.cuticle(), above);
    Spot edge = view.place(marks.edge(), above);
    Spot line = other.minus(one);
    double width = line.length();
    Spot axis = edge.minus(cuticle);
    // Across the line between the growth points, towards the tip.
    Spot tipward = line.turnedRight().times(1 / width);
    if (tipward.dot(axis) < 0) {
      tipward = tipward.times(-1);
    }
    double behind = one.minus(cuticle).dot(tipward);
    double beyond = edge.minus(one).dot(tipward);
    Spot stress = one.plus(other).times(0.5);
    Spot finger =
        marks.knuckle().map(knuckle -> stress.minus(view.place(knuckle, above))).orElse(tipward);
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    values.put(Quantity.WIDTH, width);
    values.put(Quantity.PLATE_LENGTH, behind);
    values.put(Quantity.FREE_EDGE_DEPTH, Math.max(0, beyond));
    values.put(Quantity.LEAN, lean(axis, finger, hand));
    if (check) {
      check(values, beyond);
    }
    return values;
  }

  /** Out of the finger's line, plus to the little finger's side; the back of the hand is up. */
  private static double lean(Spot axis, Spot finger, Hand hand) {
    Spot right = finger.turnedRight();
    Spot little = hand == Hand.RIGHT ? right : right.times(-1);
    return Math.toDegrees(Math.atan2(axis.dot(little), axis.dot(finger)));
  }

  private static void check(Map<Quantity, Double> values, double beyond) {
    if (Lookup.of(values, Quantity.PLATE_LENGTH) <= 0 || beyond < -0.5) {
      throw new MarkTrouble(new MarkTrouble.Why.WrongSide());
    }
    values.forEach(
        (quantity, value) -> {
          if (!quantity.allows(value)) {
            throw new MarkTrouble(new MarkTrouble.Why.NoNail(quantity, value));
          }
        });
  }
}
