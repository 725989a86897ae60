package ongle.app.wear;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ongle.app.drawing.TruthDrawing;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Person;
import ongle.app.people.Right;
import ongle.app.products.Products;
import ongle.app.shelf.Shelf;
import ongle.app.words.Dates;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.BuildWay;
import ongle.core.portion.Material;
import ongle.core.shape.NailShape;
import ongle.core.wear.Rate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The salon's own truth: what was foretold against what came, and what fails more than the rest.
 */
@Controller
@Needs(Right.SALON)
class TruthController {
  private final Truth truth;
  private final Products products;
  private final People people;
  private final Shelf shelf;

  TruthController(Truth truth, Products products, People people, Shelf shelf) {
    this.shelf = shelf;
    this.truth = truth;
    this.products = products;
    this.people = people;
  }

  /** One of a group. */
  record Row(String name, String rate, String band, String counted, boolean few, boolean more) {}

  /** What is counted by one thing. */
  record Table(String title, List<Row> rows) {}

  /** A lot. */
  record LotRow(String material, String number, Row row) {}

  /** What fails at one place of one client set after set. */
  record AgainRow(long clientId, String client, String what, String times) {}

  /** A set a lot went into. */
  record LotSetRow(
      long setId,
      long clientId,
      String client,
      String phone,
      String built,
      String fate,
      boolean failed,
      boolean worn) {}

  /** Nails foretold about alike. */
  record Foretold(String foretold, String held, String band, String counted, boolean few) {}

  @GetMapping("/salon/truth")
  String page(Model model) {
    Truth.Report report = truth.report();
    model.addAttribute("nails", report.nails());
    model.addAttribute(
        "scene",
        TruthDrawing.of(
            report.tenths().stream()
                .map(each -> new TruthDrawing.Point(each.foretold(), each.held()))
                .toList()));
    model.addAttribute(
        "foretold",
        report.tenths().stream()
            .map(
                each ->
                    new Foretold(
                        percent(each.foretold()),
                        percent(each.held().value()),
                        percent(each.held().low()) + " – " + percent(each.held().high()),
                        Words.say("wear.truth.nails", "nails", (int) each.held().of()),
                        each.held().few()))
            .toList());
    List<Table> tables = new ArrayList<>();
    report
        .groups()
        .forEach(
            (by, lines) ->
                tables.add(
                    new Table(title(by), lines.stream().map(line -> row(by, line)).toList())));
    model.addAttribute("tables", tables);
    Map<String, String> materials = materials();
    model.addAttribute(
        "lots",
        report.lots().stream()
            .map(
                lot ->
                    new LotRow(
                        lot.material(),
                        lot.number(),
                        row(
                            lotName(materials, lot.material(), lot.number()),
                            lot.failures(),
                            lot.more())))
            .toList());
    model.addAttribute("again", report.again().stream().map(TruthController::again).toList());
    return "wear/truth";
  }

  private static AgainRow again(WornSetRepository.Again each) {
    return new AgainRow(
        each.clientId(),
        each.client(),
        Words.say(
            "wear.truth.again.what",
            "finger",
            each.finger(),
            "kind",
            Words.of(each.kind()),
            "place",
            Words.of(each.place())),
        Words.say("wear.truth.again.sets", "sets", each.sets()));
  }

  private Map<String, String> materials() {
    return shelf.materials().stream()
        .collect(Collectors.toMap(Material::code, Words::of, (one, two) -> one));
  }

  private static String lotName(Map<String, String> materials, String material, String number) {
    return materials.getOrDefault(material, material) + " " + number;
  }

  /** The sets a lot went into, and whom to call. */
  @GetMapping("/salon/truth/lot")
  String lot(@RequestParam String material, @RequestParam String number, Model model) {
    model.addAttribute("title", lotName(materials(), material, number));
    model.addAttribute(
        "more",
        truth.report().lots().stream()
            .filter(lot -> lot.material().equals(material) && lot.number().equals(number))
            .filter(Truth.LotLine::more)
            .map(lot -> Words.say("wear.lot.more", "rate", hundred(lot.failures().value())))
            .findFirst()
            .orElse(null));
    model.addAttribute(
        "sets", truth.setsOf(material, number).stream().map(TruthController::lotSet).toList());
    return "wear/lot";
  }

  private static LotSetRow lotSet(WornSetRepository.LotSet each) {
    int failed = each.failed() == null ? 0 : each.failed();
    return new LotSetRow(
        each.setId(),
        each.clientId(),
        each.client(),
        each.phone() == null ? "–" : each.phone(),
        Dates.of(each.built().toLocalDate(), "day"),
        Words.say("wear.lot.failed", "nails", failed),
        failed > 0,
        each.wornUntil() != null);
  }

  private static String title(String by) {
    return switch (by) {
      case "product" -> Words.say("wear.truth.product");
      case "shape" -> Words.say("wear.truth.shape");
      case "length" -> Words.say("wear.truth.length");
      case "way" -> Words.say("wear.truth.way");
      case "technician" -> Words.say("wear.truth.technician");
      default -> Words.say("wear.truth.preparation");
    };
  }

  private Row row(String by, Truth.Line line) {
    return row(name(by, line.name()), line.failures(), line.more());
  }

  private static Row row(String name, Rate rate, boolean more) {
    return new Row(
        name,
        hundred(rate.value()),
        hundred(rate.low()) + " – " + hundred(rate.high()),
        Words.say("wear.truth.weeks", "failed", rate.times(), "weeks", rate.of()),
        rate.few(),
        more);
  }

  private String name(String by, String name) {
    return switch (by) {
      case "shape" -> name.isEmpty() ? "–" : Words.of(NailShape.valueOf(name));
      case "way" -> name.isEmpty() ? "–" : Words.of(BuildWay.valueOf(name));
      case "length" ->
          Words.say(
              "wear.truth.band-mm",
              "from",
              Integer.parseInt(name) * Truth.BAND,
              "to",
              (Integer.parseInt(name) + 1) * Truth.BAND);
      case "preparation" ->
          Boolean.parseBoolean(name)
              ? Words.say("wear.truth.left-out")
              : Words.say("wear.truth.in-full");
      case "technician" ->
          people.all().stream()
              .filter(each -> name.equals(String.valueOf(each.getId())))
              .findFirst()
              .map(Person::getName)
              .orElseGet(() -> Words.say("wear.truth.nobody"));
      default -> products.of(name).map(Words::of).orElse("–");
    };
  }

  private static String percent(double share) {
    return Numbers.format(100 * share, 0) + " %";
  }

  private static String hundred(double aWeek) {
    return Numbers.format(100 * aWeek, 1);
  }
}
