package ongle.app.sheet;

import java.util.List;
import java.util.Optional;
import ongle.app.check.CheckWords;
import ongle.app.check.Checks;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.paper.NailBlock;
import ongle.app.paper.PdfWriter;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.Numbers;
import ongle.app.words.PickingWords;
import ongle.app.words.Words;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Seat;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The build sheet: one A4 page for the desk, on screen, printed, or as a PDF. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}")
class SheetController {
  private final VisitPlanner visits;
  private final Checks checks;
  private final PdfWriter pdf;

  SheetController(VisitPlanner visits, Checks checks, PdfWriter pdf) {
    this.visits = visits;
    this.checks = checks;
    this.pdf = pdf;
  }

  /** The same finger of both hands, in the order of the seat. */
  record Row(NailBlock left, NailBlock right) {}

  @GetMapping("/sheet")
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedVisit visit = visits.of(id);
    PlannedSet planned = visit.planned();
    SetPage.show(planned, Stage.SHEET, SetPage.chosen(finger, seat), seat, model);
    show(visit, seat, model);
    return "sheet/page";
  }

  @GetMapping("/sheet.pdf")
  ResponseEntity<byte[]> pdf(
      @PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedVisit visit = visits.of(id);
    PlannedSet planned = visit.planned();
    SetPage.show(planned, Stage.SHEET, Finger.L1, seat, model);
    show(visit, seat, model);
    return pdf.answer("sheet", planned, "sheet/pdf", model.asMap());
  }

  private void show(PlannedVisit visit, Seat seat, Model model) {
    PlannedSet planned = visit.planned();
    Hand leftOnPaper = seat == Seat.OPPOSITE ? Hand.RIGHT : Hand.LEFT;
    model.addAttribute("leftHand", leftOnPaper);
    model.addAttribute("planned", planned);
    model.addAttribute(
        "rows",
        List.of(Digit.values()).stream()
            .map(
                digit ->
                    new Row(
                        NailBlock.of(planned, Finger.of(leftOnPaper, digit)),
                        NailBlock.of(planned, Finger.of(leftOnPaper.other(), digit))))
            .toList());
    model.addAttribute(
        "layOut", PickingWords.of(planned.plan(), visit.plan().fitted()).inOneLine());
    model.addAttribute("school", Words.of(planned.set().choices().apex()));
    model.addAttribute(
        "due",
        planned.plan().interval().due().stream()
            .mapToObj(day -> planned.set().getCreatedAt().toLocalDate().plusDays(day))
            .findFirst()
            .orElse(null));
    model.addAttribute("checked", CheckWords.of(checks.of(planned), seat));
    model.addAttribute("skipped", planned.set().choices().skipped());
    model.addAttribute("volume", Numbers.format(visit.plan().productVolume(), 1) + " ml");
    model.addAttribute("mass", Numbers.format(visit.plan().productMass(), 1) + " g");
  }
}
