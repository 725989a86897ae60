package ongle.app.bench;

import java.util.Map;
import java.util.Optional;
import ongle.app.frame.SetPage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.Edit;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Product, cure, steps and time of a set, before the first nail is touched. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/bench")
class BenchController {
  private final BenchPage page;
  private final VisitPlanner visits;

  BenchController(BenchPage page, VisitPlanner visits) {
    this.page = page;
    this.visits = visits;
  }

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @RequestParam(defaultValue = "PRODUCT") BenchPage.View look,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(id, SetPage.chosen(finger, seat), look, seat, model);
    return "bench/page";
  }

  /** Chooses otherwise: by the name of what is chosen. */
  @PostMapping("/choose")
  String choose(
      @PathVariable long id,
      @RequestParam Finger finger,
      @RequestParam BenchPage.View look,
      @RequestParam Map<String, String> values,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<String> why = visits.choose(id, values);
    page.show(id, finger, look, seat, model);
    why.ifPresent(
        text -> {
          model.addAttribute("why", text);
          model.addAttribute("typed", values);
        });
    model.addAttribute("edit", why.isPresent() ? new Edit.Refused(why.get()) : new Edit.Saved());
    return "bench/page :: answer";
  }

  /** Lets every new set begin with these habits. */
  @PostMapping("/habits")
  String habits(
      @PathVariable long id,
      @RequestParam Finger finger,
      @RequestParam BenchPage.View look,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    visits.beginLike(id);
    page.show(id, finger, look, seat, model);
    model.addAttribute("edit", new Edit.Saved());
    model.addAttribute("habitsKept", true);
    return "bench/page :: answer";
  }
}
