package ongle.app.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ongle.core.nail.Quantity;
import ongle.core.nail.Unit;

/** Names of the set file: every number carries its unit in its name. */
final class SetFile {
  /** Numbers a nail must have. */
  static final List<Quantity> REQUIRED =
      List.of(Quantity.WIDTH, Quantity.PLATE_LENGTH, Quantity.ARCH_DEPTH);

  private static final Map<Unit, String> SUFFIX =
      Map.of(Unit.MILLIMETRE, "Mm", Unit.DEGREE, "Deg", Unit.PERCENT, "Percent", Unit.DAY, "");

  private SetFile() {}

  /** The quantity's name in the file, such as {@code plateLengthMm}. */
  static String name(Quantity quantity) {
    return camel(quantity) + SUFFIX.get(quantity.unit());
  }

  /** A word in the file, such as {@code soft-square}. */
  static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Four decimals; null for what has no finite value, such as the margin of an overlay. */
  static Double rounded(double value) {
    return Double.isFinite(value) ? Math.round(value * 1e4) / 1e4 : null;
  }

  static Map<String, Object> ordered(Object... namesAndValues) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < namesAndValues.length; i += 2) {
      map.put((String) namesAndValues[i], namesAndValues[i + 1]);
    }
    return map;
  }

  private static String camel(Quantity quantity) {
    StringBuilder name = new StringBuilder();
    for (String part : quantity.name().toLowerCase(Locale.ROOT).split("_")) {
      name.append(
          name.isEmpty() ? part : Character.toUpperCase(part.charAt(0)) + part.substring(1));
    }
    return name.toString();
  }
}
