package ongle.app.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ongle.core.nail.Quantity;
import ongle.core.nail.Unit;
import ongle.core.product.Product;

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

  /** A usual product by its code, one of the salon's own with its figures. */
  static Object product(Product product) {
    if (Product.STANDARD.contains(product)) {
      return product.code();
    }
    Map<String, Object> own =
        ordered(
            "label", product.label(),
            "modulusMPa", rounded(product.modulus()),
            "strengthMPa", rounded(product.strength()),
            "densityGPerCm3", rounded(product.density()),
            "shrinkage", rounded(product.shrinkage()),
            "levelling", product.levelling(),
            "handling", word(product.handling()),
            "standsFree", product.standsFree(),
            "soaksOff", product.soaksOff(),
            "setsByItself", product.setsByItself());
    product
        .light()
        .ifPresent(
            light ->
                own.put(
                    "light",
                    ordered(
                        "clearReachMm", rounded(light.clearReach()),
                        "pigmentedReachMm", rounded(light.pigmentedReach()),
                        "fullDoseJPerCm2", rounded(light.fullDose()),
                        "flashDoseJPerCm2", rounded(light.flashDose()),
                        "wavelengthsNm", light.wavelengths().stream().sorted().toList(),
                        "reactivity", rounded(light.reactivity()))));
    own.put("origin", product.origin());
    return own;
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
