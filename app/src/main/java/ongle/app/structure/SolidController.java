package ongle.app.structure;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import ongle.app.drawing.FormDrawing;
import ongle.app.drawing.PinchDrawing;
import ongle.app.drawing.Scene;
import ongle.app.paper.PdfWriter;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.structure.NailMesh;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** A nail as a solid: for turning on the screen, for printing, and its circle on paper. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/structure")
class SolidController {
  private static final int GUIDES_PER_ROW = 5;

  private final SetReader reader;
  private final PdfWriter pdf;

  SolidController(SetReader reader, PdfWriter pdf) {
    this.reader = reader;
    this.pdf = pdf;
  }

  /** Two meshes in mm: what is built, and the natural plate under it. */
  @GetMapping(path = "/{finger}/mesh.json", produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseBody
  Map<String, Object> mesh(@PathVariable long id, @PathVariable Finger finger) {
    NailPlan plan = built(id, finger);
    return Map.of(
        "build", mesh(NailMesh.ofBuild(plan.build(), plan.arches())),
        "plate", mesh(NailMesh.ofPlate(plan.build(), plan.arches())),
        "lengthMm", plan.build().profile().length(),
        "widthMm", plan.nail().width());
  }

  private static Map<String, Object> mesh(NailMesh mesh) {
    double[] rounded = mesh.points().clone();
    for (int i = 0; i < rounded.length; i++) {
      rounded[i] = Math.round(rounded[i] * 1e4) / 1e4;
    }
    return Map.of("points", rounded, "triangles", mesh.triangles());
  }

  @GetMapping(path = "/{finger}/nail.stl")
  ResponseEntity<byte[]> stl(@PathVariable long id, @PathVariable Finger finger) {
    return file(MeshFiles.stl(solid(id, finger)), "model/stl", finger + ".stl");
  }

  @GetMapping(path = "/{finger}/nail.3mf")
  ResponseEntity<byte[]> threeMf(@PathVariable long id, @PathVariable Finger finger) {
    return file(
        MeshFiles.threeMf(solid(id, finger), Words.of(finger)), "model/3mf", finger + ".3mf");
  }

  private NailMesh solid(long id, Finger finger) {
    NailPlan plan = built(id, finger);
    return NailMesh.ofBuild(plan.build(), plan.arches());
  }

  private NailPlan built(long id, Finger finger) {
    NailPlan plan = reader.planned(id).of(finger);
    if (plan.stopped()) {
      throw new NotFound("a build on " + Words.of(finger));
    }
    return plan;
  }

  private static ResponseEntity<byte[]> file(byte[] content, String type, String name) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("nail-" + name).build().toString())
        .body(content);
  }

  /** The circles of all barrels on one page, with a ruler to check the print. */
  @GetMapping(path = "/guides.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> guides(@PathVariable long id) {
    PlannedSet planned = reader.planned(id);
    List<Scene> guides =
        planned.plan().built().stream()
            .filter(plan -> plan.extension() > 0)
            .map(PinchDrawing::guide)
            .toList();
    List<List<Scene>> rows =
        IntStream.range(0, (guides.size() + GUIDES_PER_ROW - 1) / GUIDES_PER_ROW)
            .mapToObj(
                row ->
                    guides.subList(
                        row * GUIDES_PER_ROW, Math.min(guides.size(), (row + 1) * GUIDES_PER_ROW)))
            .toList();
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("guides-" + id + ".pdf").build().toString())
        .body(
            pdf.write(
                "structure/guides-pdf",
                Map.of(
                    "clientName", planned.client().getName(),
                    "rows", rows,
                    "ruler", FormDrawing.ruler())));
  }
}
