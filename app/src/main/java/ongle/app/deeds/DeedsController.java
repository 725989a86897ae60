package ongle.app.deeds;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.words.Words;
import ongle.core.nail.Quantity;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who did what, day by day. */
@Controller
@RequestMapping("/salon/deeds")
@Needs(Right.SALON)
class DeedsController {
  private final Deeds deeds;
  private final People people;

  DeedsController(Deeds deeds, People people) {
    this.deeds = deeds;
    this.people = people;
  }

  /** A line of the day. */
  record Line(String at, String who, String what, String to, String where) {}

  @GetMapping
  String page(
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> day,
      @RequestParam Optional<Long> of,
      Model model) {
    LocalDate shown = day.orElseGet(LocalDate::now);
    List<Line> lines =
        deeds.of(shown, of.orElse(null)).stream().map(DeedsController::line).toList();
    model.addAttribute("day", shown);
    model.addAttribute("before", shown.minusDays(1));
    model.addAttribute("after", shown.isBefore(LocalDate.now()) ? shown.plusDays(1) : null);
    model.addAttribute("lines", lines);
    model.addAttribute("full", lines.size() == Deeds.SHOWN);
    model.addAttribute("people", people.all());
    model.addAttribute("of", of.orElse(null));
    return "deeds/page";
  }

  private static Line line(Deed deed) {
    String where =
        deed.set()
            .map(set -> "/sets/" + set + "/measure")
            .or(() -> deed.client().map(client -> "/clients/" + client))
            .orElse("");
    String to =
        deed.set()
            .map(set -> Words.say("deeds.set", "number", set))
            .or(() -> deed.client().map(client -> Words.say("deeds.client", "number", client)))
            .orElse("");
    return new Line(
        deed.at().toLocalTime().toString(),
        deed.person().isEmpty() ? Words.say("deeds.nobody") : deed.person(),
        what(deed),
        to,
        where);
  }

  private static String what(Deed deed) {
    return Stream.of(
            Words.of(deed.part()),
            Act.of(deed.action()).map(Words::of).orElse(""),
            said(deed.detail()))
        .filter(part -> !part.isEmpty())
        .collect(Collectors.joining(" · "));
  }

  /** Figures by their names; fingers and what else there is as they are marked. */
  private static String said(String detail) {
    return Arrays.stream(detail.split(" "))
        .map(
            code ->
                Arrays.stream(Quantity.values())
                    .filter(quantity -> quantity.name().equals(code))
                    .findFirst()
                    .map(Words::of)
                    .orElse(code))
        .collect(Collectors.joining(" "));
  }
}
