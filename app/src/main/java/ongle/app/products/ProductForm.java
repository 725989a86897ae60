package ongle.app.products;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.app.web.CleanText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.product.ProductFigure;

/**
 * A product as typed; whatever is wrong with it is said beside its field. Light is typed as the
 * maker says it: so many seconds in a lamp.
 *
 * @param lamp code of the lamp the seconds are for
 */
record ProductForm(
    String label,
    Handling handling,
    Boolean levelling,
    Boolean standsFree,
    Boolean soaksOff,
    String modulus,
    String strength,
    String density,
    String shrinkage,
    String clearReach,
    String pigmentedReach,
    String fullSeconds,
    String flashSeconds,
    String lamp,
    String wavelengths,
    String reactivity,
    String origin) {
  /** A field that was not sent is empty. */
  ProductForm {
    label = CleanText.orEmpty(label);
    modulus = CleanText.orEmpty(modulus);
    strength = CleanText.orEmpty(strength);
    density = CleanText.orEmpty(density);
    shrinkage = CleanText.orEmpty(shrinkage);
    clearReach = CleanText.orEmpty(clearReach);
    pigmentedReach = CleanText.orEmpty(pigmentedReach);
    fullSeconds = CleanText.orEmpty(fullSeconds);
    flashSeconds = CleanText.orEmpty(flashSeconds);
    lamp = CleanText.orEmpty(lamp);
    wavelengths = CleanText.orEmpty(wavelengths);
    reactivity = CleanText.orEmpty(reactivity);
    origin = CleanText.orEmpty(origin);
  }

  private static final int LONGEST_NAME = 60;
  private static final int LONGEST_ORIGIN = 120;
  private static final double MW_PER_W = 1000;

  /**
   * @param lamp to say the light in
   */
  static ProductForm of(Product product, Lamp lamp) {
    Optional<LightCure> light = product.light();
    return new ProductForm(
        Words.of(product),
        product.handling(),
        product.levelling(),
        product.standsFree(),
        product.soaksOff(),
        typed(ProductFigure.MODULUS, product.modulus()),
        typed(ProductFigure.STRENGTH, product.strength()),
        typed(ProductFigure.DENSITY, product.density()),
        typed(ProductFigure.SHRINKAGE, product.shrinkage()),
        light.map(l -> typed(ProductFigure.CLEAR_REACH, l.clearReach())).orElse(""),
        light.map(l -> typed(ProductFigure.PIGMENTED_REACH, l.pigmentedReach())).orElse(""),
        light.map(l -> seconds(l.fullDose(), lamp)).orElse(""),
        light.map(l -> seconds(l.flashDose(), lamp)).orElse(""),
        lamp.code(),
        light
            .map(
                l ->
                    l.wavelengths().stream()
                        .sorted()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
            .orElse(""),
        light.map(l -> typed(ProductFigure.REACTIVITY, l.reactivity())).orElse(""),
        product.origin());
  }

  /** The figures of a product for one that has no name yet. */
  ProductForm anew() {
    return new ProductForm(
        "",
        handling,
        levelling,
        standsFree,
        soaksOff,
        modulus,
        strength,
        density,
        shrinkage,
        clearReach,
        pigmentedReach,
        fullSeconds,
        flashSeconds,
        lamp,
        wavelengths,
        reactivity,
        "");
  }

  private static String typed(ProductFigure figure, double value) {
    return Numbers.format(value, figure.decimals());
  }

  /** How long a new lamp takes to give this light. */
  static String seconds(double dose, Lamp lamp) {
    return Numbers.format(dose * MW_PER_W / lamp.nominal(), 0);
  }

  /**
   * What came of reading it.
   *
   * @param faults by field
   */
  record Read(Optional<Product> product, Map<String, String> faults) {}

  /**
   * @param code of the product it becomes
   * @param shining the lamp its seconds are for
   */
  Read read(String code, Lamp shining) {
    Map<String, String> faults = new LinkedHashMap<>();
    if (label == null || label.isBlank() || label.strip().length() > LONGEST_NAME) {
      faults.put("label", Words.say("name.wanted", "longest", LONGEST_NAME));
    }
    if (origin == null || origin.isBlank() || origin.strip().length() > LONGEST_ORIGIN) {
      faults.put("origin", Words.say("products.origin.wanted", "longest", LONGEST_ORIGIN));
    }
    if (handling == null) {
      faults.put("handling", Words.say("products.handling.wanted"));
    }
    double stiff = number("modulus", modulus, ProductFigure.MODULUS, faults);
    double strong = number("strength", strength, ProductFigure.STRENGTH, faults);
    double dense = number("density", density, ProductFigure.DENSITY, faults);
    double shrinks = number("shrinkage", shrinkage, ProductFigure.SHRINKAGE, faults);
    Optional<LightCure> light =
        handling == Handling.POWDER_AND_LIQUID ? Optional.empty() : light(shining, faults);
    return new Read(
        faults.isEmpty()
            ? Optional.of(
                new Product(
                    code,
                    label.strip(),
                    stiff,
                    strong,
                    dense,
                    shrinks,
                    on(levelling),
                    on(standsFree),
                    handling,
                    on(soaksOff),
                    light,
                    origin.strip()))
            : Optional.empty(),
        faults);
  }

  private static boolean on(Boolean ticked) {
    return ticked != null && ticked;
  }

  private Optional<LightCure> light(Lamp shining, Map<String, String> faults) {
    double clear = number("clearReach", clearReach, ProductFigure.CLEAR_REACH, faults);
    double pigmented =
        number("pigmentedReach", pigmentedReach, ProductFigure.PIGMENTED_REACH, faults);
    double full = dose("fullSeconds", fullSeconds, ProductFigure.FULL_DOSE, shining, faults);
    double flash = dose("flashSeconds", flashSeconds, ProductFigure.FLASH_DOSE, shining, faults);
    double reacts = number("reactivity", reactivity, ProductFigure.REACTIVITY, faults);
    Optional<Set<Integer>> waves = Lamp.wavelengths(wavelengths == null ? "" : wavelengths);
    if (waves.isEmpty()) {
      faults.put(
          "wavelengths",
          Words.say(
              "lamps.wavelengths.wanted",
              "shortest",
              Lamp.SHORTEST_WAVE,
              "longest",
              Lamp.LONGEST_WAVE));
    }
    if (flash >= full) {
      faults.put("flashSeconds", Words.say("products.flash.wanted"));
    }
    return faults.isEmpty()
        ? Optional.of(new LightCure(clear, pigmented, full, flash, waves.get(), reacts))
        : Optional.empty();
  }

  /** NaN where it cannot be used. */
  private static double number(
      String field, String typed, ProductFigure figure, Map<String, String> faults) {
    Optional<Double> value = Numbers.parse(typed == null ? "" : typed).filter(figure::allows);
    if (value.isEmpty()) {
      faults.put(
          field,
          Words.say(
              "products.figure.wanted",
              "figure",
              figure,
              "least",
              typed(figure, figure.min()),
              "most",
              (typed(figure, figure.max()) + " " + figure.unit()).strip()));
    }
    return value.orElse(Double.NaN);
  }

  private static double dose(
      String field, String typed, ProductFigure figure, Lamp shining, Map<String, String> faults) {
    Optional<Double> value =
        Numbers.parse(typed == null ? "" : typed)
            .map(seconds -> seconds * shining.nominal() / MW_PER_W)
            .filter(figure::allows);
    if (value.isEmpty()) {
      faults.put(
          field,
          Words.say(
              "products.seconds.wanted",
              "lamp",
              shining.label(),
              "least",
              Math.ceil(figure.min() * MW_PER_W / shining.nominal()),
              "most",
              seconds(figure.max(), shining)));
    }
    return value.orElse(Double.NaN);
  }
}
