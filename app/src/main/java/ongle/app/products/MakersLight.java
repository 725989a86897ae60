package ongle.app.products;

import ongle.app.web.FormReading;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.product.ProductFigure;

/** Light as makers say it: so many seconds in a lamp. */
public final class MakersLight {
  private MakersLight() {}

  /** How long a new lamp takes to give this light. */
  public static String seconds(double dose, Lamp lamp, boolean lowHeat) {
    return Numbers.format(lamp.seconds(dose, lowHeat), 0);
  }

  /** Light from seconds in a lamp, as makers say it; NaN, with a fault, if it is none. */
  public static double dose(
      FormReading reading,
      String field,
      String typed,
      ProductFigure figure,
      Lamp shining,
      boolean lowHeat) {
    double perSecond = shining.dose(1, lowHeat);
    return perSecond
        * reading.number(
            field,
            typed,
            seconds -> figure.allows(seconds * perSecond),
            () ->
                Words.say(
                    "products.seconds.wanted",
                    "lamp",
                    shining.label(),
                    "min",
                    Math.ceil(figure.min() / perSecond),
                    "max",
                    seconds(figure.max(), shining, lowHeat)));
  }
}
