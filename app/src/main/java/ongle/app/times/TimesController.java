package ongle.app.times;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.web.Named;
import ongle.app.web.Written;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.bench.LearnedTime;
import ongle.core.bench.StepKind;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What was learned of the salon's times, to be seen and put back. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/salon/times")
class TimesController {
  private static final int MINUTE = 60;

  private final Times times;
  private final People people;

  TimesController(Times times, People people) {
    this.times = times;
    this.people = people;
  }

  /**
   * A kind of step.
   *
   * @param usual for one nail, or for the whole where it is done at once, s
   * @param learned of the same, s
   * @param spread from the shortest to the longest of those looked at
   */
  record Row(StepKind kind, String usual, String learned, String spread, int times) {}

  /** An appointment against its forecast, min. */
  record Visit(String foretold, String took) {}

  /** Somebody new, as typed. */
  record Newcomer(@Named(max = People.LONGEST_NAME) String name) {}

  @GetMapping
  String page(@RequestParam Optional<Long> of, Model model) {
    return show(of, Written.anew(new Newcomer("")), model, "salon/times");
  }

  @PostMapping("/forget")
  String forget(@RequestParam Optional<Long> of, @RequestParam StepKind kind, Model model) {
    times.forget(of.orElse(null), kind);
    return show(of, Written.anew(new Newcomer("")), model, "salon/times :: learned");
  }

  private String show(Optional<Long> of, Written<Newcomer> written, Model model, String template) {
    written.show(model);
    model.addAttribute("people", people.all());
    model.addAttribute("of", of.orElse(null));
    List<Row> rows = new ArrayList<>();
    times.learned(of.orElse(null)).forEach((kind, learned) -> rows.add(row(kind, learned)));
    model.addAttribute("rows", rows);
    List<VisitTime> visits = times.foretold(of.orElse(null));
    model.addAttribute(
        "visits",
        visits.stream()
            .map(each -> new Visit(minutes(each.foretold()), minutes(each.took())))
            .toList());
    if (!visits.isEmpty()) {
      double off =
          visits.stream()
              .mapToInt(each -> Math.abs(each.took() - each.foretold()))
              .average()
              .orElse(0);
      model.addAttribute(
          "howTrue",
          Words.say(
              "salon.times.how-true",
              "visits",
              visits.size(),
              "minutes",
              Math.round(off / MINUTE)));
    }
    return template;
  }

  private static Row row(StepKind kind, LearnedTime learned) {
    return new Row(
        kind,
        seconds(kind, 1),
        seconds(kind, learned.factor()),
        seconds(kind, learned.least()) + " – " + seconds(kind, learned.most()),
        learned.times());
  }

  private static String seconds(StepKind kind, double factor) {
    return Numbers.clock(Math.round(kind.seconds() * factor));
  }

  private static String minutes(int seconds) {
    return Words.say("bench.minutes", "minutes", Math.round((double) seconds / MINUTE));
  }
}
