package ongle.app.measure;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.sets.Taken;
import ongle.app.web.CsvText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
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
import org.springframework.web.multipart.MultipartFile;

/** A measuring sheet out to a file and in from one. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}")
class MeasuresController {
  private final SetReader reader;
  private final SetEditor editor;

  MeasuresController(SetReader reader, SetEditor editor) {
    this.reader = reader;
    this.editor = editor;
  }

  /** One finger of a file as shown before anything is saved. */
  record Line(String finger, List<String> values) {}

  @GetMapping(path = "/measures.csv", produces = "text/csv")
  ResponseEntity<byte[]> write(@PathVariable long id) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("measures-" + id + ".csv").build().toString())
        .body(MeasuresCsv.write(reader.planned(id).set()).getBytes(StandardCharsets.UTF_8));
  }

  @GetMapping("/measures/read")
  String choose(@PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    return show(id, seat, "", model);
  }

  /** Shows what a file holds; nothing is saved yet. */
  @PostMapping("/measures/read")
  String preview(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String text,
      @RequestParam Optional<MultipartFile> file,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    try {
      CsvText csv = CsvText.given(file, text);
      MeasuresCsv.Read read = MeasuresCsv.read(csv);
      model.addAttribute("read", read);
      model.addAttribute("lines", read.plates().stream().map(MeasuresController::line).toList());
      return show(id, seat, csv.text(), model);
    } catch (IllegalArgumentException e) {
      model.addAttribute("trouble", e.getMessage());
      return show(id, seat, text, model);
    }
  }

  /** Saves the good lines of what was shown. */
  @PostMapping("/measures/read/save")
  String save(
      @PathVariable long id,
      @RequestParam String text,
      @ModelAttribute("technician") String technician,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Map<Finger, Map<Quantity, Double>> hands = new EnumMap<>(Finger.class);
    List<MeasuresCsv.Plate> plates;
    try {
      plates = MeasuresCsv.read(CsvText.of(text)).plates();
    } catch (IllegalArgumentException noLongerReadable) {
      model.addAttribute("trouble", noLongerReadable.getMessage());
      return show(id, seat, text, model);
    }
    plates.forEach(plate -> hands.put(plate.finger(), plate.values()));
    List<Change> changes = new ArrayList<>();
    changes.add(Change.measured(hands, Taken.How.FILE, technician.isBlank() ? null : technician));
    for (MeasuresCsv.Plate plate : plates) {
      plate.condition().ifPresent(seen -> changes.add(Change.plate(plate.finger(), seen)));
      plate.skin().ifPresent(seen -> changes.add(Change.skin(plate.finger(), seen)));
    }
    editor.make(id, changes);
    return "redirect:/sets/" + id + "/measure";
  }

  private String show(long id, Seat seat, String text, Model model) {
    SetPage.show(
        reader.planned(id), Stage.MEASURE, SetPage.chosen(Optional.empty(), seat), seat, model);
    model.addAttribute("quantities", MeasuresCsv.quantities());
    model.addAttribute(
        "columns", MeasuresCsv.quantities().stream().map(MeasuresCsv::column).toList());
    model.addAttribute("text", text);
    return "measure/read";
  }

  private static Line line(MeasuresCsv.Plate plate) {
    List<String> values = new ArrayList<>();
    for (Quantity quantity : MeasuresCsv.quantities()) {
      Double value = plate.values().get(quantity);
      values.add(value == null ? "" : Numbers.format(quantity, value));
    }
    values.add(plate.condition().map(each -> Words.of(each)).orElse(""));
    values.add(plate.skin().map(each -> Words.of(each)).orElse(""));
    return new Line(Words.of(plate.finger()), values);
  }
}
