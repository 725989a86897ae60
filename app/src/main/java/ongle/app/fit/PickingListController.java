package ongle.app.fit;

import java.util.Optional;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.PickingWords;
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

/** The picking list: what to lay out for the whole set, and its taking out of the stock. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/fit/list")
class PickingListController {
  private final SetReader reader;
  private final VisitPlanner visits;
  private final Drawer drawer;

  PickingListController(SetReader reader, VisitPlanner visits, Drawer drawer) {
    this.visits = visits;
    this.reader = reader;
    this.drawer = drawer;
  }

  /** What to lay out for the whole set. */
  @GetMapping
  String list(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    SetPage.show(planned, Stage.FIT, "fit/list", SetPage.chosen(finger, seat), seat, model);
    model.addAttribute("list", PickingWords.of(planned.plan(), visits.of(planned).plan().fitted()));
    model.addAttribute("takenOutAt", planned.set().getTakenOutAt());
    return "fit/list";
  }

  /** Counts what the set takes out of the stock, once. */
  @PostMapping("/taken")
  String taken(@PathVariable long id) {
    drawer.takeOut(id);
    return "redirect:/sets/" + id + "/fit/list";
  }
}
