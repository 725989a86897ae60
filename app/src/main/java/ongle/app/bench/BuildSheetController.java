package ongle.app.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ongle.app.drawing.PortionDrawing;
import ongle.app.drawing.Scene;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.paper.NailBlock;
import ongle.app.paper.PdfWriter;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.visits.PlannedVisit;
import ongle.app.words.BenchWords;
import ongle.app.words.PickingWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.FingerJob;
import ongle.core.bench.Step;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Need;
import ongle.core.portion.Portion;
import ongle.core.schedule.Schedule;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** The whole build on paper: every nail with its product, every step with its time; and cards. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}")
class BuildSheetController {
  private static final int CARDS_BESIDE = 2;

  private final BenchDesk bench;
  private final PdfWriter pdf;

  BuildSheetController(BenchDesk bench, PdfWriter pdf) {
    this.bench = bench;
    this.pdf = pdf;
  }

  /**
   * A nail and its product.
   *
   * @param portion its portions at true size; null where nothing is laid
   */
  record NailPaper(NailBlock block, Scene portion, List<String> doses, List<String> product) {}

  /** A step and when it begins, counted from the beginning of the appointment. */
  record StepLine(
      String at, String title, String where, List<String> figures, List<String> cautions) {}

  /** What to have ready of one material. */
  record Ready(String amount, String label, String shelf) {}

  @GetMapping("/build-sheet.pdf")
  ResponseEntity<byte[]> sheet(
      @PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedVisit visit = bench.visit(id);
    show(visit, seat, model);
    model.addAttribute("ready", bench.needs(visit.plan()).stream().map(this::ready).toList());
    model.addAttribute(
        "layOut", PickingWords.of(visit.planned().plan(), visit.plan().fitted()).inOneLine());
    model.addAttribute("steps", steps(visit.plan()));
    visit
        .plan()
        .minutesToBook()
        .ifPresent(minutes -> model.addAttribute("minutes", BenchWords.minutes(minutes * 60L)));
    return pdf.answer("build sheet", visit.planned(), "bench/build-sheet", model.asMap());
  }

  @GetMapping("/cards.pdf")
  ResponseEntity<byte[]> cards(
      @PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedVisit visit = bench.visit(id);
    List<NailPaper> nails = show(visit, seat, model);
    List<List<NailPaper>> rows = new ArrayList<>();
    for (int i = 0; i < nails.size(); i += CARDS_BESIDE) {
      rows.add(nails.subList(i, Math.min(nails.size(), i + CARDS_BESIDE)));
    }
    model.addAttribute("rows", rows);
    return pdf.answer("cards", visit.planned(), "bench/cards", model.asMap());
  }

  private static List<NailPaper> show(PlannedVisit visit, Seat seat, Model model) {
    SetPage.show(visit.planned(), Stage.BENCH, Finger.asSeenFrom(seat).get(0), seat, model);
    List<NailPaper> nails =
        Finger.asSeenFrom(seat).stream()
            .filter(finger -> onPaper(visit, finger))
            .map(finger -> nail(visit, finger))
            .toList();
    model.addAttribute("nails", nails);
    model.addAttribute("lamp", visit.plan().wish().lamp().label());
    model.addAttribute("visit", Words.of(visit.choices().visit()));
    model.addAttribute("date", visit.planned().set().getCreatedAt());
    model.addAttribute("refusals", visit.plan().refusals().stream().map(Words::of).toList());
    return nails;
  }

  /** Fingers left alone today need no paper; those that must be are said. */
  private static boolean onPaper(PlannedVisit visit, Finger finger) {
    return visit.planned().of(finger).stopped()
        || visit.plan().wish().job(finger) != FingerJob.LEAVE;
  }

  private static NailPaper nail(PlannedVisit visit, Finger finger) {
    NailPlan nail = visit.planned().of(finger);
    Optional<Portion> portion = Optional.ofNullable(visit.plan().portions().get(finger));
    List<String> product = new ArrayList<>();
    if (visit.plan().wish().job(finger).coats()) {
      product.add(BenchWords.layers(visit.plan().recipe(nail)));
    }
    portion.ifPresent(
        laid -> {
          product.add(Words.of(laid.product()) + ": " + BenchWords.portion(laid));
          product.add(BenchWords.cure(visit.plan(), nail));
        });
    visit.plan().removal(nail).map(BenchWords::removal).ifPresent(product::add);
    Optional.ofNullable(visit.plan().infills().get(finger))
        .map(BenchWords::infill)
        .ifPresent(product::add);
    return new NailPaper(
        NailBlock.of(visit.planned(), finger),
        portion.map(laid -> PortionDrawing.portions(nail, laid)).orElse(null),
        portion.map(BenchWords::doses).orElse(List.of()),
        product);
  }

  private Ready ready(Need need) {
    return new Ready(
        BenchWords.amount(need.material(), need.amount()),
        Words.of(need.material()),
        BenchWords.shelf(need));
  }

  private static List<StepLine> steps(BenchPlan plan) {
    if (!plan.refusals().isEmpty()) {
      return List.of();
    }
    Set<String> told = new HashSet<>();
    return plan.schedule().slots().stream()
        .flatMap(
            slot -> plan.step(slot.job().id()).stream().map(step -> line(slot, step, plan, told)))
        .toList();
  }

  /**
   * @param told cautions that stand further up already; on paper each stands once
   */
  private static StepLine line(Schedule.Slot slot, Step step, BenchPlan plan, Set<String> told) {
    return new StepLine(
        BenchWords.clock(Duration.ofSeconds(slot.start())),
        BenchWords.title(step),
        BenchWords.where(step),
        BenchWords.figures(step, plan),
        BenchWords.cautions(step).stream().filter(told::add).toList());
  }
}
