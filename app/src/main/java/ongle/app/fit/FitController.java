package ongle.app.fit;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.app.drawing.FitDrawing;
import ongle.app.drawing.FormDrawing;
import ongle.app.drawing.Scene;
import ongle.app.paper.PaperStyle;
import ongle.app.paper.PdfWriter;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetEditor;
import ongle.app.sets.SetPage;
import ongle.app.sets.SetReader;
import ongle.app.sets.Stage;
import ongle.app.web.Numbers;
import ongle.app.words.FitWords;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Fitting: which way to build on which finger, with which tip or form, and what to do to it. */
@Controller
@RequestMapping("/sets/{id}/fit")
class FitController {
  private final SetReader reader;
  private final SetEditor editor;
  private final PdfWriter pdf;
  private final PaperStyle paper;

  FitController(SetReader reader, SetEditor editor, PdfWriter pdf, PaperStyle paper) {
    this.reader = reader;
    this.editor = editor;
    this.pdf = pdf;
    this.paper = paper;
  }

  /** One size of the kit in the rack. */
  record Rack(
      String number,
      String verdict,
      String slack,
      boolean usable,
      boolean taken,
      boolean advised) {}

  /** One way to build this finger. */
  record Way(BuildWay way, boolean taken, boolean best, boolean possible, List<String> reasons) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
    return "fit/page";
  }

  /**
   * @param number of the tip to take; empty to go back to the advised one
   */
  @PostMapping("/{finger}/tip")
  String take(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String number,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    editor.takeTip(id, finger, Optional.of(number).filter(n -> !n.isBlank()));
    show(reader.planned(id), finger, seat, model);
    return "fit/page :: stage";
  }

  /**
   * @param way to go; left out to go back to the one ranked first
   */
  @PostMapping("/{finger}/way")
  String go(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Optional<BuildWay> way,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    editor.goWay(id, finger, way);
    show(reader.planned(id), finger, seat, model);
    return "fit/page :: stage";
  }

  /** Tips or forms where either would do, for the whole set. */
  @PostMapping("/{finger}/school")
  String prefer(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam TipsOrForms school,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    editor.prefer(id, school);
    show(reader.planned(id), finger, seat, model);
    return "fit/page :: stage";
  }

  /** One nail's cutting template as a drawing of its own, at true size. */
  @GetMapping(path = "/{finger}/template.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> template(@PathVariable long id, @PathVariable Finger finger) {
    Scene scene = template(reader.planned(id).of(finger));
    String svg =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%s\" width=\"%s\" height=\"%s\">%s</svg>\n"
            .formatted(
                scene.viewBox(),
                scene.trueSize().get("width"),
                scene.trueSize().get("height"),
                scene.svg());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("template-" + finger + ".svg")
                .build()
                .toString())
        .body(paper.styled(svg).getBytes(StandardCharsets.UTF_8));
  }

  /** The templates of all fingers on one page, with a ruler to check the print. */
  @GetMapping(path = "/templates.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> templates(
      @PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedSet planned = reader.planned(id);
    SetPage.show(planned, Stage.FIT, Finger.L1, seat, model);
    List<Scene> all =
        Finger.asSeenFrom(seat).stream()
            .map(planned::of)
            .filter(plan -> !plan.stopped())
            .map(FitController::template)
            .toList();
    model.addAttribute(
        "rows",
        java.util.stream.IntStream.range(0, (all.size() + 3) / 4)
            .mapToObj(row -> all.subList(4 * row, Math.min(all.size(), 4 * row + 4)))
            .toList());
    model.addAttribute("ruler", FormDrawing.ruler());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("templates-" + id + ".pdf").build().toString())
        .body(pdf.write("fit/templates-pdf", model.asMap()));
  }

  private static Scene template(NailPlan plan) {
    return FormDrawing.template(plan.nail(), plan.fit().template());
  }

  private static void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.FIT, finger, seat, model);
    NailPlan plan = planned.of(finger);
    boolean chosen = planned.set().nail(finger).adjustments().way().isPresent();
    model.addAttribute("finger", finger);
    model.addAttribute("plan", plan);
    model.addAttribute("kit", planned.plan().wish().fitting().tips());
    model.addAttribute("verdict", FitWords.of(plan));
    model.addAttribute("byHand", planned.set().nail(finger).adjustments().tipNumber().isPresent());
    model.addAttribute("wayByHand", chosen);
    model.addAttribute("ways", ways(plan));
    model.addAttribute("schools", TipsOrForms.values());
    model.addAttribute("school", planned.set().getTipsOrForms());
    model.addAttribute("rack", plan.fit().way() == BuildWay.TIP ? rack(plan) : List.of());
    model.addAttribute("drawings", plan.stopped() ? List.of() : drawings(plan));
  }

  private static List<Way> ways(NailPlan plan) {
    BuildWay best = plan.fit().ways().best().way();
    return plan.fit().ways().ranked().stream()
        .map(
            option ->
                new Way(
                    option.way(),
                    option.way() == plan.fit().way(),
                    option.way() == best,
                    option.possible(),
                    option.reasons()))
        .toList();
  }

  private static List<Rack> rack(NailPlan plan) {
    TipSizing sizing = plan.fit().sizing();
    return sizing.all().stream()
        .map(
            fit ->
                new Rack(
                    fit.tip().number(),
                    fit.verdict() == TipFit.Verdict.FILE
                        ? "file " + Numbers.format(fit.filePerSide(), 1) + " a side"
                        : fit.verdict().label(),
                    FitWords.signed(fit.slack(), 2),
                    fit.verdict().usable(),
                    plan.fit().tip().filter(fit::equals).isPresent(),
                    sizing.advised().filter(fit::equals).isPresent()))
        .toList();
  }

  /** Across or from the side first, then from above. */
  private static List<Scene> drawings(NailPlan plan) {
    Optional<FormFit> form = plan.fit().form();
    if (form.isPresent()) {
      return List.of(
          FormDrawing.fromSide(plan, form.get()), FormDrawing.fromAbove(plan, form.get()));
    }
    if (plan.fit().way() == BuildWay.TIP) {
      // With no usable tip, the nearest one is drawn to show why.
      TipFit shown = plan.fit().tip().orElseGet(() -> nearest(plan.fit().sizing()));
      return List.of(FitDrawing.across(plan.nail(), shown), FitDrawing.fromAbove(plan, shown));
    }
    return List.of(FitDrawing.onTheNail(plan));
  }

  private static TipFit nearest(TipSizing sizing) {
    return sizing.all().stream()
        .min(Comparator.comparingDouble(fit -> Math.abs(fit.slack())))
        .orElseThrow();
  }
}
