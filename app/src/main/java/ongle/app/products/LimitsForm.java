package ongle.app.products;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.product.Limits;

/**
 * A maker's limits as typed; nothing typed is no limit.
 *
 * @param lamp code of the only lamp; blank for any
 * @param freeOf names with commas between them
 */
public record LimitsForm(String longest, String lamp, String freeOf) {
  public static final LimitsForm EMPTY = new LimitsForm("", "", "");

  /** Names kept with a product, with what stands between them. */
  public static final int LONGEST_NAMES = 200;

  /** A field that was not sent is empty. */
  public LimitsForm {
    longest = CleanText.orEmpty(longest);
    lamp = CleanText.orEmpty(lamp);
    freeOf = CleanText.orEmpty(freeOf);
  }

  public static LimitsForm of(Limits limits) {
    return new LimitsForm(
        limits.longest().isPresent() ? Numbers.format(limits.longest().getAsDouble(), 1) : "",
        limits.lamp().orElse(""),
        String.join(", ", limits.freeOf()));
  }

  public Limits read(FormReading typed) {
    double most =
        longest.isBlank() ? Double.NaN : typed.number("limits.longest", longest, Limits.LONGEST);
    if (freeOf.length() > LONGEST_NAMES) {
      typed.fault("limits.freeOf", Words.say("products.free-of.wanted", "max", LONGEST_NAMES));
    }
    return new Limits(
        Double.isNaN(most) ? OptionalDouble.empty() : OptionalDouble.of(most),
        Optional.of(lamp.strip()).filter(code -> !code.isEmpty()),
        names(freeOf));
  }

  /** Names as stored or typed, with commas or semicolons between them. */
  static List<String> names(String list) {
    return Arrays.stream(list.split("[,;]")).toList();
  }
}
