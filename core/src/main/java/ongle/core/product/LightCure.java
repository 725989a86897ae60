package ongle.core.product;

import java.util.Set;

/**
 * What a product needs of a lamp; planning figures of our own unless the maker gives others.
 *
 * @param clearReach deepest layer one cure reaches when clear, mm
 * @param pigmentedReach the same when pigmented, mm
 * @param fullDose light for a full cure of one layer, J/cm²
 * @param flashDose light that freezes its shape without curing it, J/cm²
 * @param wavelengths that start it, nm; a lamp needs one of them
 * @param reactivity how fast it gives off its heat, against hard gel as 1
 * @param lowHeat whether the maker names a programme that begins gently
 */
public record LightCure(
    double clearReach,
    double pigmentedReach,
    double fullDose,
    double flashDose,
    Set<Integer> wavelengths,
    double reactivity,
    boolean lowHeat) {
  /**
   * @throws IllegalArgumentException if a figure is not above 0, the flash not below the full dose,
   *     or no wavelength given
   */
  public LightCure {
    if (!(clearReach > 0)
        || !(pigmentedReach > 0)
        || !(fullDose > 0)
        || !(flashDose > 0 && flashDose < fullDose)
        || !(reactivity > 0)
        || wavelengths.isEmpty()) {
      throw new IllegalArgumentException(
          "a cure needs reach, dose and reactivity above 0, a flash below the full dose, and a wavelength");
    }
    wavelengths = Set.copyOf(wavelengths);
  }

  /** Cured in a programme of full light. */
  public LightCure(
      double clearReach,
      double pigmentedReach,
      double fullDose,
      double flashDose,
      Set<Integer> wavelengths,
      double reactivity) {
    this(clearReach, pigmentedReach, fullDose, flashDose, wavelengths, reactivity, false);
  }

  /** Deepest layer one cure reaches, mm. */
  public double reach(boolean pigmented) {
    return pigmented ? pigmentedReach : clearReach;
  }
}
