package ongle.app.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.web.Edit;
import ongle.core.check.Look;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Checked by eye, without measuring: the looks of the shape, nail by nail. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/check/looks")
class LooksController {
  private final SetReader reader;
  private final Checks checks;

  LooksController(SetReader reader, Checks checks) {
    this.reader = reader;
    this.checks = checks;
  }

  /**
   * A place of the grid.
   *
   * @param built whether there is anything to look at
   * @param found null where it was not looked at
   * @param next what a press makes of it; blank for not looked at
   */
  record Cell(Finger finger, boolean built, Look.@Nullable Found found, String next) {}

  /** One look over the ten. */
  record Row(Look look, List<Cell> cells) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(id, SetPage.chosen(finger, seat), seat, model);
    return "check/looks";
  }

  /**
   * @param finger empty for all that are built on
   * @param found blank for not looked at
   */
  @PostMapping("/{look}")
  String find(
      @PathVariable long id,
      @PathVariable Look look,
      @RequestParam Optional<Finger> finger,
      @RequestParam(defaultValue = "") String found,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    List<Finger> built = List.copyOf(checks.of(reader.planned(id)).nails().keySet());
    checks.find(
        id,
        finger.map(List::of).orElse(built).stream().filter(built::contains).toList(),
        look,
        found.isBlank() ? Optional.empty() : Optional.of(Look.Found.valueOf(found)));
    show(id, SetPage.chosen(finger, seat), seat, model);
    model.addAttribute("edit", new Edit.Saved());
    return "check/looks :: answer";
  }

  private void show(long id, Finger finger, Seat seat, Model model) {
    PlannedSet planned = reader.planned(id);
    SetCheck check = checks.of(planned);
    Map<Finger, Map<Look, Look.Found>> found = checks.found(id);
    model.addAttribute(
        "page",
        SetPage.of(planned, Stage.CHECK, "check/looks", finger, seat)
            .with(CheckWords.figures(check)));
    List<Finger> order = Finger.asSeenFrom(seat);
    model.addAttribute("order", order);
    model.addAttribute(
        "rows",
        Look.of(planned.plan().wish().shape()).stream()
            .map(
                look ->
                    new Row(
                        look,
                        order.stream()
                            .map(
                                each ->
                                    cell(
                                        each,
                                        check.of(each).isPresent(),
                                        found.getOrDefault(each, Map.of()).get(look)))
                            .toList()))
            .toList());
    model.addAttribute("good", check.good());
  }

  private static Cell cell(Finger finger, boolean built, Look.@Nullable Found found) {
    String next =
        found == null
            ? Look.Found.PASS.name()
            : switch (found) {
              case PASS -> Look.Found.FILE.name();
              case FILE -> Look.Found.ADD.name();
              case ADD -> "";
            };
    return new Cell(finger, built, found, next);
  }
}
