package ongle.core.cure;

import java.time.Duration;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import ongle.core.product.LightCure;

/**
 * A programme of a lamp, as often as it has to run.
 *
 * @param programme to press
 * @param times 1 or more
 */
public record LampTime(Programme programme, int times) {
  /** So many seconds longer is rather taken than pressing once more. */
  private static final int PRESS_AGAIN = 15;

  /**
   * A programme this close to the dose gives it: no meter reads closer. Our own; without it a lamp
   * that lost a thousandth asks for one press more.
   */
  private static final double CLOSE_ENOUGH = 0.03;

  /** In the lamp altogether. */
  public Duration duration() {
    return Duration.ofSeconds((long) programme.seconds() * times);
  }

  /** Time in the lamp, with what each press after the first is worth. */
  private long trouble() {
    return duration().toSeconds() + (times - 1) * PRESS_AGAIN;
  }

  /** Full cure of one layer, in the programme its maker names; empty if this lamp cannot. */
  public static Optional<LampTime> full(Lamp lamp, LightCure cure) {
    return of(lamp, cure, cure.fullDose(), programme -> programme.lowHeat() == cure.lowHeat());
  }

  /** Full cure with less heat: the gentle programme if there is one, else the usual. */
  public static Optional<LampTime> gentle(Lamp lamp, LightCure cure) {
    return of(lamp, cure, cure.fullDose(), Programme::lowHeat);
  }

  /** A few seconds that freeze the shape. */
  public static Optional<LampTime> flash(Lamp lamp, LightCure cure) {
    return of(lamp, cure, cure.flashDose(), programme -> !programme.lowHeat());
  }

  /** Why this lamp cannot cure it; empty when it can. */
  public static Optional<LampRefusal> refusal(Lamp lamp, LightCure cure) {
    if (lamp.wavelengths().stream().noneMatch(cure.wavelengths()::contains)) {
      return Optional.of(
          new LampRefusal.OtherLight(
              lamp.label(),
              lamp.wavelengths().stream().sorted().toList(),
              cure.wavelengths().stream().sorted().toList()));
    }
    return lamp.wornOut()
        ? Optional.of(
            new LampRefusal.WornOut(
                lamp.label(),
                (int) Math.round(100 * lamp.strength()),
                (int) Math.round(100 * Lamp.REFUSED_BELOW)))
        : Optional.empty();
  }

  /**
   * The shortest programme, or repetition of one, that gives the light; any if none is of the kind.
   */
  private static Optional<LampTime> of(
      Lamp lamp, LightCure cure, double dose, Predicate<Programme> kind) {
    if (refusal(lamp, cure).isPresent()) {
      return Optional.empty();
    }
    boolean hasKind = lamp.programmes().stream().anyMatch(kind);
    return lamp.programmes().stream()
        .filter(programme -> !hasKind || kind.test(programme))
        .map(
            programme -> {
              double perRun = programme.seconds() * programme.power() * lamp.light() / 1000;
              return new LampTime(
                  programme, (int) Math.max(1, Math.ceil(dose * (1 - CLOSE_ENOUGH) / perRun)));
            })
        .min(Comparator.comparingLong(LampTime::trouble));
  }
}
