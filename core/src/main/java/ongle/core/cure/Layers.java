package ongle.core.cure;

import ongle.core.nail.PlateCondition;
import ongle.core.product.LightCure;

/**
 * How a thickness is cured: in as many equal layers as the light reaches through, or more where one
 * would burn.
 *
 * @param count layers, 1 or more
 * @param each thickness of one, mm
 * @param heat what one layer gives off
 */
public record Layers(int count, double each, Heat heat) {

  /** Light at the nail the heat figures are made for, mW/cm². */
  private static final double USUAL_LIGHT = 40;

  /**
   * Heat of one layer as it hardens: its thickness in mm, times how fast it reacts, times the light
   * over the usual, times how much thinner than a sound plate the plate under it is. 1 is warm, 2
   * hurts; a planning index of our own.
   *
   * @param index 0 or more
   */
  public record Heat(double index) {
    public static final double FELT_FROM = 1.2;
    public static final double BURNS_FROM = 2.0;

    /** What to do about it. */
    public Advice advice() {
      return index >= BURNS_FROM ? Advice.SPLIT : index >= FELT_FROM ? Advice.DIP : Advice.NONE;
    }
  }

  /** What a heat asks for. */
  public enum Advice {
    NONE,
    DIP,
    SPLIT
  }

  /**
   * A layer this little deeper than the light reaches is cured as one: nobody lays to a hundredth.
   * Our own.
   */
  private static final double CLOSE_ENOUGH = 0.05;

  /** What a client who feels heat feels of it, against others; a figure of our own. */
  private static final double FELT_SOONER = 1.25;

  /** Layers thinner than this are not worth laying, mm. */
  private static final double THINNEST = 0.35;

  /**
   * @param thickness to be cured, mm
   * @param power share of the lamp's light used, above 0 to 1
   * @param feelsHeat whether heat is felt sooner than by others
   */
  public static Layers of(
      double thickness,
      LightCure cure,
      boolean pigmented,
      Lamp lamp,
      double power,
      PlateCondition plate,
      boolean feelsHeat) {
    double felt = feelsHeat ? FELT_SOONER : 1;
    int count =
        Math.max(1, (int) Math.ceil(thickness / (cure.reach(pigmented) * (1 + CLOSE_ENOUGH))));
    while (heat(thickness / count, cure, lamp, felt * power, plate).advice() == Advice.SPLIT
        && thickness / (count + 1) >= THINNEST) {
      count++;
    }
    double each = thickness / count;
    return new Layers(count, each, heat(each, cure, lamp, felt * power, plate));
  }

  private static Heat heat(
      double each, LightCure cure, Lamp lamp, double power, PlateCondition plate) {
    return new Heat(
        each
            * cure.reactivity()
            * (lamp.light() * power / USUAL_LIGHT)
            * (PlateCondition.SOUND.thickness() / plate.thickness()));
  }
}
