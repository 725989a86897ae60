package ongle.app.layers;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.app.lamps.Lamps;
import ongle.app.products.LimitsForm;
import ongle.app.products.MakersLight;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Range;
import ongle.core.cure.Lamp;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.ProductFigure;

/**
 * A bottle as typed; whatever is wrong with it is said beside its field.
 *
 * @param lamp code of the lamp the seconds are for
 * @param lowHeat whether they are for its gentle programme
 */
record CoatForm(
    @Named(max = 60) String label,
    String number,
    @NotNull(message = "layers.kind.wanted") LayerKind kind,
    String thickness,
    String coats,
    String seconds,
    String lamp,
    Boolean lowHeat,
    String wavelengths,
    Boolean wiped,
    Boolean acid,
    LimitsForm limits) {
  /** As it is printed on bottles. */
  private static final int LONGEST_NUMBER = 20;

  /** A field that was not sent is empty. */
  CoatForm {
    label = CleanText.orEmpty(label);
    number = CleanText.orEmpty(number);
    thickness = CleanText.orEmpty(thickness);
    coats = CleanText.orEmpty(coats);
    seconds = CleanText.orEmpty(seconds);
    lamp = CleanText.orEmpty(lamp);
    wavelengths = CleanText.orEmpty(wavelengths);
    limits = limits == null ? LimitsForm.EMPTY : limits;
  }

  /**
   * @param shining to say the light in
   */
  static CoatForm of(Coat coat, Lamp shining) {
    Optional<LightCure> light = coat.light();
    return new CoatForm(
        coat.shipped() ? "" : coat.label(),
        coat.number(),
        coat.kind(),
        coat.kind() == LayerKind.PRIMER ? "" : Numbers.format(coat.thickness(), 2),
        String.valueOf(coat.coats()),
        light.map(cure -> MakersLight.seconds(cure.fullDose(), shining, cure.lowHeat())).orElse(""),
        shining.code(),
        light.filter(LightCure::lowHeat).isPresent(),
        light
            .map(
                cure ->
                    cure.wavelengths().stream()
                        .sorted()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
            .orElse("365 405"),
        coat.wiped(),
        coat.acid(),
        LimitsForm.of(coat.limits()));
  }

  /**
   * @param code of the bottle it becomes
   * @param shining the lamp its seconds are for
   * @return empty if anything was wrong
   */
  Optional<Coat> read(FormReading typed, String code, Lamp shining) {
    if (kind == null || !Coat.KINDS.contains(kind)) {
      typed.fault("kind", Words.say("layers.kind.wanted"));
      return Optional.empty();
    }
    if (number.strip().length() > LONGEST_NUMBER) {
      typed.fault("number", Words.say("layers.number.wanted", "max", LONGEST_NUMBER));
    }
    double thick =
        kind == LayerKind.PRIMER
            ? 0
            : typed.number(
                "thickness",
                thickness.isBlank() ? String.valueOf(kind.thickness()) : thickness,
                Coat.THICKNESS);
    double many =
        kind == LayerKind.COLOUR ? typed.number("coats", coats, new Range(1, Coat.MOST)) : 1;
    Optional<LightCure> light = kind.cured() ? light(typed, shining) : Optional.empty();
    Limits makers = limits.read(typed);
    return typed.made(
        () ->
            new Coat(
                code,
                label.strip(),
                number.strip(),
                kind,
                thick,
                light,
                (int) many,
                kind == LayerKind.TOP && Boolean.TRUE.equals(wiped),
                kind == LayerKind.PRIMER && Boolean.TRUE.equals(acid),
                makers));
  }

  /** How deep it lets light in, and how warm it gets, is as usual for its layer. */
  private Optional<LightCure> light(FormReading typed, Lamp shining) {
    LightCure usual = Coat.usual(kind).light().orElseThrow();
    boolean gentle = Boolean.TRUE.equals(lowHeat);
    double full =
        MakersLight.dose(typed, "seconds", seconds, ProductFigure.FULL_DOSE, shining, gentle);
    Set<Integer> waves = Lamps.waves(typed, wavelengths);
    return typed.made(
        () ->
            new LightCure(
                usual.clearReach(),
                usual.pigmentedReach(),
                full,
                Math.min(usual.flashDose(), full / 2),
                waves,
                usual.reactivity(),
                gentle));
  }
}
