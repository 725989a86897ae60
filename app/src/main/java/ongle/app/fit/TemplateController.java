package ongle.app.fit;

import java.nio.charset.StandardCharsets;
import java.util.List;
import ongle.app.drawing.FormDrawing;
import ongle.app.drawing.Scene;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.paper.PaperStyle;
import ongle.app.paper.PdfWriter;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
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
import org.springframework.web.bind.annotation.RequestMapping;

/** Cutting templates at true size: one nail's as a drawing, all of them on a page. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/fit")
class TemplateController {
  private final SetReader reader;
  private final PdfWriter pdf;
  private final PaperStyle paper;

  TemplateController(SetReader reader, PdfWriter pdf, PaperStyle paper) {
    this.reader = reader;
    this.pdf = pdf;
    this.paper = paper;
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
            .map(TemplateController::template)
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
}
