package ongle.app.lamps;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The salon's lamps; a salon without any begins with the two usual ones. */
@Service
public class Lamps implements SmartInitializingSingleton {
  private final LampRepository stored;
  private final Clock clock;

  Lamps(LampRepository stored, Clock clock) {
    this.stored = stored;
    this.clock = clock;
  }

  /**
   * A lamp, and when it was measured last.
   *
   * @param measuredAt null if never
   * @param seen changes whenever it is written
   */
  public record Kept(Lamp lamp, LocalDateTime measuredAt, int seen) {}

  /** Before the first page can be asked for. */
  @Override
  public void afterSingletonsInstantiated() {
    furnish();
  }

  /** Gives a new salon the usual two; once. */
  public void furnish() {
    if (stored.count() == 0) {
      for (Lamp usual : List.of(Lamp.LED, Lamp.UV)) {
        stored.save(new StoredLamp(UUID.nameUUIDFromBytes(usual.code().getBytes()), usual));
      }
    }
  }

  /** All of them; the first is taken where nobody chose. */
  @Transactional(readOnly = true)
  public List<Kept> all() {
    return stored.findAllByOrderById().stream()
        .map(each -> new Kept(each.lamp(), each.measuredAt(), each.version()))
        .toList();
  }

  /** The lamp of that code, else the first. */
  @Transactional(readOnly = true)
  public Lamp of(String code) {
    List<Kept> all = all();
    return all.stream()
        .map(Kept::lamp)
        .filter(lamp -> lamp.code().equals(code))
        .findFirst()
        .orElseGet(() -> all.get(0).lamp());
  }

  /** Adds a lamp; the same form key adds it once. */
  @Needs(Right.STOCK)
  @Transactional
  public void add(UUID formKey, Lamp lamp) {
    if (stored.findByFormKey(formKey).isEmpty()) {
      stored.save(new StoredLamp(formKey, lamp));
    }
  }

  /**
   * Corrects a lamp; what a meter said of it stays.
   *
   * @param seen as it was when the corrector looked
   * @return whether it was; not if somebody else changed it meanwhile
   */
  @Needs(Right.STOCK)
  @Transactional
  boolean correct(int seen, Lamp lamp) {
    StoredLamp kept =
        stored.findByCode(lamp.code()).orElseThrow(() -> new NotFound("lamp " + lamp.code()));
    if (kept.version() != seen) {
      return false;
    }
    kept.become(lamp);
    return true;
  }

  /**
   * Gives a lamp away; sets that were to be cured in it take the first one.
   *
   * @return whether it was; the last one stays
   */
  @Needs(Right.STOCK)
  @Transactional
  boolean giveAway(String code) {
    if (stored.count() < 2) {
      return false;
    }
    stored.findByCode(code).ifPresent(stored::delete);
    return true;
  }

  /**
   * Takes a meter's reading.
   *
   * @param sent light at the nail, mW/cm², as the meter wrote it
   * @return what became of it
   */
  @Transactional
  public String measured(String code, String sent) {
    Optional<StoredLamp> lamp = stored.findByCode(code);
    Optional<Double> light = Numbers.parse(sent);
    if (lamp.isEmpty()) {
      return Words.say("lamps.none", "code", code);
    }
    if (light.isEmpty() || !Lamp.LIGHT.allows(light.get())) {
      return Words.say("lamps.reading.refused", "min", Lamp.LIGHT.min(), "max", Lamp.LIGHT.max());
    }
    lamp.get().measuring(light.get(), LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS));
    return standing(lamp.get().lamp());
  }

  /** Wavelengths as typed; none, with a fault, if one of them is none of a lamp's. */
  public static Set<Integer> waves(FormReading typed, String wavelengths) {
    Optional<Set<Integer>> waves = Lamp.wavelengths(wavelengths);
    if (waves.isEmpty()) {
      typed.fault(
          "wavelengths",
          Words.say("lamps.wavelengths.wanted", "min", Lamp.WAVES.min(), "max", Lamp.WAVES.max()));
    }
    return waves.orElse(Set.of());
  }

  /** What a lamp is still good for, one sentence. */
  static String standing(Lamp lamp) {
    String standing =
        lamp.measured().isEmpty()
            ? "unmeasured"
            : lamp.wornOut() ? "worn-out" : lamp.weakened() ? "weakened" : "good";
    return Words.say("lamps.standing." + standing, "percent", 100 * lamp.strength());
  }
}
