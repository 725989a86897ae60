package ongle.app.sheet;

import java.util.List;
import java.util.Optional;
import ongle.app.drawing.Scene;
import ongle.app.drawing.SheetDrawing;
import ongle.app.paper.PdfWriter;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetPage;
import ongle.app.sets.SetReader;
import ongle.app.sets.Stage;
import ongle.app.web.Numbers;
import ongle.app.words.FitWords;
import ongle.app.words.PickingWords;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.FingerLength;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Pinch;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
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
@RequestMapping("/sets/{id}")
class SheetController {
  private final SetReader reader;
  private final PdfWriter pdf;

  SheetController(SetReader reader, PdfWriter pdf) {
    this.reader = reader;
    this.pdf = pdf;
  }

  /** One nail on the sheet: its drawing and the figures beside it. */
  record Block(
      Finger finger,
      Scene scene,
      boolean stopped,
      boolean estimated,
      String tip,
      String tipWork,
      String length,
      String decided,
      String apex,
      String apexAt,
      String edge,
      String side,
      String barrel,
      String squeeze,
      String plate,
      boolean holds) {}

  /** The same finger of both hands, in the order of the seat. */
  record Row(Block left, Block right) {}

  @GetMapping("/sheet")
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    SetPage.show(planned, Stage.SHEET, SetPage.chosen(finger, seat), seat, model);
    show(planned, seat, model);
    return "sheet/page";
  }

  @GetMapping("/sheet.pdf")
  ResponseEntity<byte[]> pdf(
      @PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedSet planned = reader.planned(id);
    SetPage.show(planned, Stage.SHEET, Finger.L1, seat, model);
    show(planned, seat, model);
    String name =
        "sheet "
            + planned.client().getName()
            + " "
            + planned.set().getCreatedAt().toLocalDate()
            + ".pdf";
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(name, java.nio.charset.StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(pdf.write("sheet/pdf", model.asMap()));
  }

  private static void show(PlannedSet planned, Seat seat, Model model) {
    Hand leftOnPaper = seat == Seat.OPPOSITE ? Hand.RIGHT : Hand.LEFT;
    model.addAttribute("leftHand", leftOnPaper);
    model.addAttribute("planned", planned);
    model.addAttribute(
        "rows",
        List.of(Digit.values()).stream()
            .map(
                digit ->
                    new Row(
                        block(planned, Finger.of(leftOnPaper, digit)),
                        block(planned, Finger.of(leftOnPaper.other(), digit))))
            .toList());
    model.addAttribute("layOut", PickingWords.of(planned.plan()).inOneLine());
    model.addAttribute("school", planned.set().getSchool().label());
    model.addAttribute(
        "due",
        planned
            .plan()
            .dueFirst()
            .map(
                nail ->
                    planned.set().getCreatedAt().toLocalDate().plusDays(nail.outlook().due().day()))
            .orElse(null));
    model.addAttribute("skipped", planned.set().getSkipped());
    model.addAttribute("volume", Numbers.format(planned.plan().productVolume(), 1) + " ml");
    model.addAttribute("mass", Numbers.format(planned.plan().productMass(), 1) + " g");
  }

  /** How far to pinch where the barrel is full; null where there is nothing to pinch. */
  private static String squeeze(NailPlan plan) {
    if (plan.extension() == 0) {
      return null;
    }
    Pinch pinch = Pinch.whereFull(plan.build());
    return pinch.squeezes() ? Numbers.mm(pinch.squeezeTo()) : null;
  }

  private static Block block(PlannedSet planned, Finger finger) {
    NailPlan plan = planned.of(finger);
    boolean estimated =
        List.of(Quantity.WIDTH, Quantity.PLATE_LENGTH, Quantity.ARCH_DEPTH).stream()
            .anyMatch(quantity -> !planned.readings().of(finger, quantity).measured());
    var profile = plan.build().profile();
    return new Block(
        finger,
        SheetDrawing.of(plan),
        plan.stopped(),
        estimated,
        FitWords.takes(plan),
        FitWords.work(plan),
        Numbers.mm(plan.extension()),
        plan.length().set() == FingerLength.Decision.WISH ? null : plan.length().set().label(),
        Numbers.thickness(profile.apexThickness()),
        Numbers.format(profile.apexAt(), 1),
        Numbers.format(profile.edgeThickness(), 2),
        Numbers.format(plan.build().across().side(profile.apexThickness()), 2),
        Numbers.withUnit(Quantity.BARREL_DEPTH, 100 * plan.build().barrelDepthRatio()),
        squeeze(plan),
        Numbers.format(plan.nail().width(), 1) + " × " + Numbers.mm(plan.nail().plateLength()),
        plan.endurance().holds());
  }
}
