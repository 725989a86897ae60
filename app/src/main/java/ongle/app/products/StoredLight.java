package ongle.app.products;

import jakarta.persistence.Embeddable;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.core.product.LightCure;

/** What a product needs of a lamp, as stored beside it. */
@Embeddable
public class StoredLight {
  private Double clearReach;
  private Double pigmentedReach;
  private Double fullDose;
  private Double flashDose;
  private String wavelengths;
  private Double reactivity;
  private Boolean lowHeat;

  protected StoredLight() {}

  public StoredLight(LightCure light) {
    clearReach = light.clearReach();
    pigmentedReach = light.pigmentedReach();
    fullDose = light.fullDose();
    flashDose = light.flashDose();
    reactivity = light.reactivity();
    lowHeat = light.lowHeat();
    wavelengths =
        light.wavelengths().stream().sorted().map(String::valueOf).collect(Collectors.joining(" "));
  }

  /**
   * @param stored null where it needs none
   */
  public static Optional<LightCure> read(StoredLight stored) {
    return stored == null || stored.fullDose == null
        ? Optional.empty()
        : Optional.of(
            new LightCure(
                stored.clearReach,
                stored.pigmentedReach,
                stored.fullDose,
                stored.flashDose,
                Arrays.stream(stored.wavelengths.split(" "))
                    .map(Integer::valueOf)
                    .collect(Collectors.toSet()),
                stored.reactivity,
                Boolean.TRUE.equals(stored.lowHeat)));
  }
}
