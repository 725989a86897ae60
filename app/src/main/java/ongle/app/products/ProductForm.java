package ongle.app.products;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.app.lamps.Lamps;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import ongle.core.product.ProductFigure;

/**
 * A product as typed; whatever is wrong with it is said beside its field. Light is typed as the
 * maker says it: so many seconds in a lamp.
 *
 * @param lamp code of the lamp the seconds are for
 * @param lowHeat whether the full cure is said for its gentle programme
 */
record ProductForm(
    @Named(max = 60) String label,
    @NotNull(message = "products.handling.wanted") Handling handling,
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
    Boolean lowHeat,
    String wavelengths,
    String reactivity,
    LimitsForm limits,
    @Named(max = 120, message = "products.origin.wanted") String origin) {
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
    limits = limits == null ? LimitsForm.EMPTY : limits;
    origin = CleanText.orEmpty(origin);
  }

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
        light.map(l -> MakersLight.seconds(l.fullDose(), lamp, l.lowHeat())).orElse(""),
        light.map(l -> MakersLight.seconds(l.flashDose(), lamp, false)).orElse(""),
        lamp.code(),
        light.filter(LightCure::lowHeat).isPresent(),
        light
            .map(
                l ->
                    l.wavelengths().stream()
                        .sorted()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
            .orElse(""),
        light.map(l -> typed(ProductFigure.REACTIVITY, l.reactivity())).orElse(""),
        LimitsForm.of(product.limits()),
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
        lowHeat,
        wavelengths,
        reactivity,
        limits,
        "");
  }

  private static String typed(ProductFigure figure, double value) {
    return Numbers.format(value, figure.decimals());
  }

  /**
   * @param code of the product it becomes
   * @param shining the lamp its seconds are for
   * @return empty if anything was wrong
   */
  Optional<Product> read(FormReading typed, String code, Lamp shining) {
    double stiff = number(typed, "modulus", modulus, ProductFigure.MODULUS);
    double strong = number(typed, "strength", strength, ProductFigure.STRENGTH);
    double dense = number(typed, "density", density, ProductFigure.DENSITY);
    double shrinks = number(typed, "shrinkage", shrinkage, ProductFigure.SHRINKAGE);
    Optional<LightCure> light =
        handling == Handling.POWDER_AND_LIQUID ? Optional.empty() : light(typed, shining);
    Limits makers = limits.read(typed);
    return typed.made(
        () ->
            new Product(
                code,
                label.strip(),
                stiff,
                strong,
                dense,
                shrinks,
                Boolean.TRUE.equals(levelling),
                Boolean.TRUE.equals(standsFree),
                handling,
                Boolean.TRUE.equals(soaksOff),
                light,
                origin.strip(),
                makers));
  }

  private Optional<LightCure> light(FormReading typed, Lamp shining) {
    double clear = number(typed, "clearReach", clearReach, ProductFigure.CLEAR_REACH);
    double pigmented =
        number(typed, "pigmentedReach", pigmentedReach, ProductFigure.PIGMENTED_REACH);
    boolean gentle = Boolean.TRUE.equals(lowHeat);
    double full =
        MakersLight.dose(
            typed, "fullSeconds", fullSeconds, ProductFigure.FULL_DOSE, shining, gentle);
    double flash =
        MakersLight.dose(
            typed, "flashSeconds", flashSeconds, ProductFigure.FLASH_DOSE, shining, false);
    double reacts = number(typed, "reactivity", reactivity, ProductFigure.REACTIVITY);
    Set<Integer> waves = Lamps.waves(typed, wavelengths);
    if (flash >= full) {
      typed.fault("flashSeconds", Words.say("products.flash.wanted"));
    }
    return typed.made(() -> new LightCure(clear, pigmented, full, flash, waves, reacts, gentle));
  }

  private static double number(
      FormReading reading, String field, String typed, ProductFigure figure) {
    return reading.number(
        field,
        typed,
        figure::allows,
        () ->
            Words.say(
                "products.figure.wanted",
                "figure",
                figure,
                "min",
                typed(figure, figure.min()),
                "max",
                (typed(figure, figure.max()) + " " + figure.unit()).strip()));
  }
}
