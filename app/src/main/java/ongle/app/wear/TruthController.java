package ongle.app.wear;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.TruthDrawing;
import ongle.app.people.People;
import ongle.app.people.Technician;
import ongle.app.products.Products;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.BuildWay;
import ongle.core.shape.NailShape;
import ongle.core.wear.Rate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * The salon's own truth: what was foretold against what came, and what fails more than the rest.
 */
@Controller
class TruthController {
  private final Truth truth;
  private final Products products;
  private final People people;

  TruthController(Truth truth, Products products, People people) {
    this.truth = truth;
    this.products = products;
    this.people = people;
  }

  /** One of a group. */
  record Row(String name, String rate, String band, String counted, boolean few, boolean more) {}

  /** What is counted by one thing. */
  record Table(String title, List<Row> rows) {}

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
    return "wear/truth";
  }

  private static String title(String by) {
    return switch (by) {
      case "product" -> Words.say("wear.truth.product");
      case "shape" -> Words.say("wear.truth.shape");
      case "way" -> Words.say("wear.truth.way");
      case "technician" -> Words.say("wear.truth.technician");
      default -> Words.say("wear.truth.preparation");
    };
  }

  private Row row(String by, Truth.Line line) {
    Rate rate = line.failures();
    return new Row(
        name(by, line.name()),
        hundred(rate.value()),
        hundred(rate.low()) + " – " + hundred(rate.high()),
        Words.say("wear.truth.weeks", "failed", rate.times(), "weeks", rate.of()),
        rate.few(),
        line.more());
  }

  private String name(String by, String name) {
    return switch (by) {
      case "shape" -> name.isEmpty() ? "–" : Words.of(NailShape.valueOf(name));
      case "way" -> name.isEmpty() ? "–" : Words.of(BuildWay.valueOf(name));
      case "preparation" ->
          Boolean.parseBoolean(name)
              ? Words.say("wear.truth.left-out")
              : Words.say("wear.truth.in-full");
      case "technician" ->
          people.all().stream()
              .filter(each -> name.equals(String.valueOf(each.getId())))
              .findFirst()
              .map(Technician::getName)
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
