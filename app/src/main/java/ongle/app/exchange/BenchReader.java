package ongle.app.exchange;

import static java.util.Objects.requireNonNullElse;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.exchange.SetFile.BenchGiven;
import ongle.app.exchange.SetFile.LampGiven;
import ongle.app.exchange.SetFile.ProgrammeGiven;
import ongle.app.exchange.SetFile.RoutineLine;
import ongle.app.words.Words;
import ongle.core.bench.BenchSchools;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Routine;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import ongle.core.nail.Finger;

/** How a set is carried out; what is left out is as usual. */
final class BenchReader {
  private final List<Fault> faults;
  private final LayersReader layers;

  /**
   * @param faults to add to
   */
  BenchReader(List<Fault> faults) {
    this.faults = faults;
    layers = new LayersReader(faults);
  }

  /**
   * @param given null for all as usual
   * @param regrowth by finger, mm
   */
  BenchWish read(BenchGiven given, Map<Finger, Double> regrowth) {
    BenchWish usual = BenchWish.USUAL;
    if (given == null) {
      return usual;
    }
    BenchSchools habits = usual.schools();
    return new BenchWish(
        requireNonNullElse(given.visit(), usual.visit()),
        new BenchSchools(
            requireNonNullElse(given.softener(), habits.softener()),
            requireNonNullElse(given.cuticleTool(), habits.cuticleTool()),
            requireNonNullElse(given.primer(), habits.primer()),
            requireNonNullElse(given.attachment(), habits.attachment()),
            requireNonNullElse(given.construction(), habits.construction()),
            requireNonNullElse(given.order(), habits.order()),
            requireNonNullElse(given.filing(), habits.filing()),
            requireNonNullElse(given.rework(), habits.rework()),
            requireNonNullElse(given.tipPriming(), habits.tipPriming()),
            requireNonNullElse(given.formOff(), habits.formOff()),
            requireNonNullElse(given.wash(), habits.wash()),
            requireNonNullElse(given.topCoat(), habits.topCoat())),
        given.routine() == null ? Routine.USUAL : routine(given.routine()),
        given.lamp() == null ? Lamp.LED : lamp(given.lamp()),
        Boolean.TRUE.equals(given.pigmented()),
        requireNonNullElse(given.mix(), usual.mix()),
        requireNonNullElse(given.brush(), usual.brush()),
        requireNonNullElse(given.nozzleMm(), usual.nozzle()),
        layers.finish(given.colour(), "bench.colour"),
        requireNonNullElse(given.roomC(), usual.room()),
        requireNonNullElse(given.pacePercent(), usual.pace()),
        requireNonNullElse(given.worker(), usual.worker()),
        requireNonNullElse(given.lessUsedPercent(), usual.lessUsed()),
        Boolean.TRUE.equals(given.feelsHeat()),
        regrowth,
        layers.recipe(given.layers(), "bench.layers"),
        Map.of(),
        Map.of(),
        Map.of());
  }

  private static Lamp lamp(LampGiven given) {
    Lamp usual = Lamp.LED;
    return new Lamp(
        "file",
        requireNonNullElse(given.label(), "lamp"),
        requireNonNullElse(given.wavelengthsNm(), usual.wavelengths()),
        requireNonNullElse(given.lightMwPerCm2(), usual.nominal()),
        given.measuredMwPerCm2() == null
            ? OptionalDouble.empty()
            : OptionalDouble.of(given.measuredMwPerCm2()),
        requireNonNullElse(given.thumbsApart(), true),
        given.programmes() == null
            ? usual.programmes()
            : given.programmes().stream().map(BenchReader::programme).toList());
  }

  private static Programme programme(ProgrammeGiven given) {
    return new Programme(
        requireNonNullElse(given.label(), given.seconds() + " s"),
        given.seconds(),
        requireNonNullElse(given.powerPercent(), 100.0) / 100);
  }

  private Routine routine(List<RoutineLine> given) {
    try {
      return new Routine(
          given.stream()
              .map(
                  line ->
                      new Routine.Line(
                          code(line.step()),
                          Optional.ofNullable(line.name()),
                          requireNonNullElse(line.ownSeconds(), 0),
                          Optional.ofNullable(line.follows()).map(BenchReader::code)))
              .toList());
    } catch (Routine.Impossible e) {
      faults.add(
          new Fault("bench.routine", Words.of(e.trouble()), Words.say("exchange.allowed.order")));
      return Routine.USUAL;
    }
  }

  /** A step's word as its code; a salon's own steps keep theirs. */
  private static String code(String word) {
    String code = word.toUpperCase(Locale.ROOT).replace('-', '_');
    return Routine.USUAL.of(code).isPresent() ? code : word;
  }
}
