package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.clients.Client;
import ongle.app.clients.LearnedFactor;
import ongle.app.drawing.Scene;
import ongle.app.drawing.TenDrawing;
import ongle.app.drawing.YearsDrawing;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.sets.NailSet;
import ongle.app.sets.PlateLength;
import ongle.app.sets.SetNail;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import ongle.core.wear.Growth;
import ongle.core.wear.Trend;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * A client's hands over the years: what was learned of them, how their plates grew, how their sets
 * wore, what was changed and whether it helped, and every plate as it was.
 */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/clients/{clientId}/hands")
class HandsController {
  /** More visits than fit on a page are left to their own sets. */
  private static final int MAX_VISITS = 8;

  /** Sets told of, the last first. */
  private static final int MAX_SETS = 24;

  /** Days of a month, for what grows in it. */
  private static final double MONTH = 30.4;

  private final SetReader reader;
  private final WearNoteRepository notes;
  private final Learning learning;
  private final Clock clock;

  HandsController(SetReader reader, WearNoteRepository notes, Learning learning, Clock clock) {
    this.reader = reader;
    this.notes = notes;
    this.learning = learning;
    this.clock = clock;
  }

  /**
   * Something learned of these hands.
   *
   * @param says what, with its band
   * @param reckons whether plans reckon with it, in words
   */
  record Learned(
      Learning.Of of, String title, String says, String reckons, boolean enough, boolean putBack) {}

  /**
   * A set as it wore.
   *
   * @param fate what is known of its nails
   * @param failed whether any of them failed
   * @param changes what was changed on it and what came of that
   */
  record Wore(
      long setId,
      LocalDate on,
      String summary,
      String worn,
      String fate,
      boolean failed,
      List<Helped> changes) {}

  /** A change and what came of it. */
  record Helped(String change, String came, boolean again) {}

  /**
   * One nail at one visit.
   *
   * @param plate width by length, what is measured of it
   * @param change of the length since the visit before; null at the first
   * @param growth regrowth since the visit before; null if not measured
   * @param trouble with plate or skin, in words; null if there is none
   */
  record Cell(
      Finger finger, Scene scene, String plate, String change, String growth, String trouble) {}

  /** One visit over the ten. */
  record Visit(long setId, LocalDate on, List<Cell> cells) {}

  @GetMapping
  String hands(@PathVariable long clientId, @ModelAttribute("seat") Seat seat, Model model) {
    Client client = learning.client(clientId);
    List<NailSet> last = reader.measured(clientId, Limit.of(MAX_VISITS + 1));
    List<Visit> visits = new ArrayList<>();
    for (int i = 0; i < Math.min(MAX_VISITS, last.size()); i++) {
      visits.add(visit(last.get(i), i + 1 < last.size() ? last.get(i + 1) : null, seat));
    }
    List<PlateLength> plates = reader.plateLengths(clientId);
    List<WearNote> all = notes.ofClient(clientId);
    model.addAttribute("client", client);
    model.addAttribute("learned", learned(client));
    model.addAttribute("years", years(plates, all).orElse(null));
    model.addAttribute("trend", trend(plates).orElse(null));
    model.addAttribute("wore", wore(reader.all(clientId), all));
    model.addAttribute("visits", visits);
    model.addAttribute("order", Finger.asSeenFrom(seat));
    long measured = plates.stream().map(PlateLength::setId).distinct().count();
    model.addAttribute("left", Math.max(0, measured - visits.size()));
    model.addAttribute(
        "grownOut",
        last.size() < 2
            ? null
            : reader
                .firstMeasured(clientId)
                .flatMap(first -> grownOut(first, last.get(0)))
                .orElse(null));
    return "wear/hands";
  }

  /** What was learned is reckoned with, or put back to the usual. */
  @PostMapping("/learned")
  String reckon(
      @PathVariable long clientId,
      @RequestParam Learning.Of of,
      @RequestParam(defaultValue = "false") boolean reckon) {
    learning.reckon(clientId, of, reckon);
    return "redirect:/clients/" + clientId + "/hands";
  }

  private List<Learned> learned(Client client) {
    Growth growth = reader.grown(client.getId(), LocalDateTime.now(clock));
    return List.of(
        new Learned(
            Learning.Of.GROWTH,
            Words.say("wear.learned.growth"),
            growth.observations() == 0
                ? Words.say("wear.learned.growth.none", "daily", Growth.PER_DAY)
                : Words.say(
                    "wear.learned.growth.says",
                    "times",
                    growth.factor(),
                    "nails",
                    growth.observations(),
                    "weight",
                    100 * growth.weight()),
            reckons(growth.observations() > 0, client.isGrowthPutBack()),
            growth.observations() > 0,
            client.isGrowthPutBack()),
        learned(
            Learning.Of.LOAD,
            Words.say("wear.learned.load"),
            client.load(),
            Words.say("wear.learned.load.none")),
        learned(
            Learning.Of.PLATES,
            Words.say("wear.learned.plates"),
            client.plates(),
            Words.say("wear.learned.plates.none")));
  }

  private static Learned learned(Learning.Of of, String title, LearnedFactor factor, String none) {
    return new Learned(
        of,
        title,
        factor.getNails() == 0
            ? none
            : Words.say(
                of == Learning.Of.LOAD ? "wear.learned.load.says" : "wear.learned.plates.says",
                "times",
                factor.getMean(),
                "low",
                factor.getLow(),
                "high",
                factor.getHigh(),
                "nails",
                factor.getNails()),
        reckons(factor.isEnough(), factor.isPutBack()),
        factor.isEnough(),
        factor.isPutBack());
  }

  private static String reckons(boolean enough, boolean putBack) {
    return enough
        ? Words.say(putBack ? "wear.hands.put-back" : "wear.hands.reckoned")
        : Words.say("wear.hands.few");
  }

  /** Plate length over the years, the mean of what was measured at each visit. */
  private static Optional<Scene> years(List<PlateLength> plates, List<WearNote> notes) {
    if (plates.stream().map(PlateLength::setId).distinct().count() < 2) {
      return Optional.empty();
    }
    LocalDate first = plates.get(0).at().toLocalDate();
    Map<Long, List<PlateLength>> bySet =
        plates.stream().collect(Collectors.groupingBy(PlateLength::setId));
    List<YearsDrawing.Visit> visits =
        bySet.values().stream()
            .map(
                of ->
                    new YearsDrawing.Visit(
                        WearNote.days(first, of.get(0).at().toLocalDate()),
                        of.stream().mapToDouble(PlateLength::mm).average().orElseThrow(),
                        (int)
                            notes.stream()
                                .filter(note -> note.getSetId() == of.get(0).setId())
                                .filter(note -> note.isCounted() && !note.isFine())
                                .count()))
            .toList();
    return Optional.of(
        YearsDrawing.of(
            first, visits, trendOf(plates).filter(Trend::sure), Words.say("wear.years")));
  }

  /** Of all fingers together. */
  private static Optional<Trend> trendOf(List<PlateLength> plates) {
    LocalDate first = plates.get(0).at().toLocalDate();
    return Trend.together(
        plates.stream()
            .collect(
                Collectors.groupingBy(
                    PlateLength::finger,
                    Collectors.mapping(
                        each ->
                            new Trend.Point(
                                WearNote.days(first, each.at().toLocalDate()), each.mm()),
                        Collectors.toList())))
            .values());
  }

  private static Optional<String> trend(List<PlateLength> plates) {
    if (plates.stream().map(PlateLength::setId).distinct().count() < 3) {
      return Optional.empty();
    }
    return trendOf(plates)
        .map(
            trend ->
                trend.sure()
                    ? Words.say("wear.years.trend", "by", trend.perDay() * MONTH)
                    : Words.say("wear.years.steady"));
  }

  private List<Wore> wore(List<NailSet> all, List<WearNote> notes) {
    Map<Long, List<WearNote>> bySet =
        notes.stream().collect(Collectors.groupingBy(WearNote::getSetId));
    Map<Long, NailSet> next =
        all.stream()
            .filter(set -> set.getPreviousId() != null)
            .collect(
                Collectors.toMap(NailSet::getPreviousId, Function.identity(), (one, two) -> two));
    return all.stream()
        .filter(set -> bySet.containsKey(set.getId()) || !set.getLessons().isEmpty())
        .limit(MAX_SETS)
        .map(set -> wore(set, bySet.getOrDefault(set.getId(), List.of()), next.get(set.getId())))
        .toList();
  }

  private Wore wore(NailSet set, List<WearNote> notes, NailSet next) {
    LocalDate built = set.getCreatedAt().toLocalDate();
    LocalDate until = next == null ? LocalDate.now(clock) : next.getCreatedAt().toLocalDate();
    List<WearNote> known = notes.stream().filter(WearNote::isCounted).toList();
    List<WearNote> failed = known.stream().filter(note -> !note.isFine()).toList();
    String fate =
        Stream.concat(
                failed.stream()
                    .map(
                        note ->
                            Words.say(
                                "wear.wore.failed",
                                "finger",
                                note.getFinger(),
                                "kind",
                                Words.of(note.getKind()),
                                "day",
                                note.getDays())),
                known.size() > failed.size()
                    ? Stream.of(Words.say("wear.wore.whole", "nails", known.size() - failed.size()))
                    : Stream.empty())
            .collect(Collectors.joining("; "));
    return new Wore(
        set.getId(),
        built,
        reader.summary(set),
        Words.say("wear.wore.days", "days", ChronoUnit.DAYS.between(built, until)),
        fate,
        !failed.isEmpty(),
        helped(Lessons.outcomes(set, notes)));
  }

  /** One line a change, its fingers together. */
  private static List<Helped> helped(List<Lessons.Outcome> outcomes) {
    return outcomes.stream()
        .collect(
            Collectors.groupingBy(
                each -> List.of(each.lesson().change(), each.helped()),
                LinkedHashMap::new,
                Collectors.toList()))
        .values()
        .stream()
        .map(
            of -> {
              Lessons.Outcome first = of.get(0);
              int days = of.stream().mapToInt(Lessons.Outcome::days).min().orElse(0);
              return new Helped(
                  Words.say(
                      "wear.helped.change",
                      "change",
                      Words.of(first.lesson().change()),
                      "fingers",
                      of.stream()
                          .map(each -> Words.of(each.lesson().finger()))
                          .collect(Collectors.joining(", "))),
                  switch (first.helped()) {
                    case HELD -> Words.say("wear.helped.held", "days", days);
                    case FAILED_AGAIN -> Words.say("wear.helped.again", "days", days);
                    case UNSEEN -> Words.say("wear.helped.unseen");
                  },
                  first.helped() == Lessons.Helped.FAILED_AGAIN);
            })
        .toList();
  }

  /** How much longer plates are than at the first visit, where they were bitten then. */
  private static Optional<String> grownOut(NailSet first, NailSet last) {
    OptionalDouble by =
        Arrays.stream(Finger.values())
            .filter(finger -> first.nail(finger).getPlateCondition().has(PlateFinding.BITTEN))
            .filter(
                finger ->
                    first.nail(finger).value(Quantity.PLATE_LENGTH).isPresent()
                        && last.nail(finger).value(Quantity.PLATE_LENGTH).isPresent())
            .mapToDouble(
                finger ->
                    last.nail(finger).value(Quantity.PLATE_LENGTH).orElseThrow()
                        - first.nail(finger).value(Quantity.PLATE_LENGTH).orElseThrow())
            .average();
    return by.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Words.say(
                "measure.grown-out",
                "by",
                by.getAsDouble(),
                "weeks",
                ChronoUnit.WEEKS.between(first.getCreatedAt(), last.getCreatedAt())));
  }

  private static Visit visit(NailSet set, NailSet before, Seat seat) {
    Map<Finger, Map<Quantity, Double>> last = before == null ? Map.of() : before.measured();
    Readings readings = set.readings(last);
    List<Nail> nails =
        Finger.asSeenFrom(seat).stream()
            .map(
                finger ->
                    readings.nail(
                        finger, set.nail(finger).getPlateCondition(), set.nail(finger).getSkin()))
            .toList();
    return new Visit(
        set.getId(),
        set.getCreatedAt().toLocalDate(),
        nails.stream().map(nail -> cell(nail, nails, set, before, seat)).toList());
  }

  private static Cell cell(Nail nail, List<Nail> all, NailSet set, NailSet before, Seat seat) {
    SetNail stored = set.nail(nail.finger());
    Optional<Double> regrowth = stored.value(Quantity.REGROWTH);
    return new Cell(
        nail.finger(),
        TenDrawing.natural(nail, all, seat, regrowth.orElse(0.0)),
        figure(stored, Quantity.WIDTH) + " × " + figure(stored, Quantity.PLATE_LENGTH),
        before == null ? null : change(stored, before.nail(nail.finger())),
        before == null
            ? null
            : regrowth
                .map(
                    mm ->
                        growth(
                            mm, ChronoUnit.DAYS.between(before.getCreatedAt(), set.getCreatedAt())))
                .orElse(null),
        trouble(stored));
  }

  private static String figure(SetNail nail, Quantity quantity) {
    return nail.value(quantity).map(value -> Numbers.format(quantity, value)).orElse("–");
  }

  private static String change(SetNail now, SetNail before) {
    return now.value(Quantity.PLATE_LENGTH)
        .flatMap(
            length ->
                before
                    .value(Quantity.PLATE_LENGTH)
                    .map(then -> length - then)
                    .filter(by -> Math.abs(by) >= 0.05)
                    .map(by -> Words.say("measure.length-change", "by", by)))
        .orElse(null);
  }

  private static String growth(double millimetres, long days) {
    return days > 0
        ? Words.say("measure.grown.a-day", "by", millimetres, "daily", millimetres / days)
        : Words.say("measure.grown", "by", millimetres);
  }

  private static String trouble(SetNail nail) {
    List<String> words = new ArrayList<>();
    if (!nail.getPlateCondition().sound()) {
      words.add(Words.of(nail.getPlateCondition()));
    }
    if (nail.getSkin() != SkinState.INTACT) {
      words.add(Words.of(nail.getSkin()));
    }
    return words.isEmpty() ? null : String.join(", ", words);
  }
}
