package ongle.app.check;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.sets.Taken;
import ongle.app.web.CsvText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** What was measured of built nails, in from a file. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/check/read")
class CheckReadController {
  private final SetReader reader;
  private final SetEditor editor;
  private final Checks checks;

  CheckReadController(SetReader reader, SetEditor editor, Checks checks) {
    this.reader = reader;
    this.editor = editor;
    this.checks = checks;
  }

  /** One finger of a file as shown before anything is saved. */
  record Line(Finger finger, String says) {}

  @GetMapping
  String choose(@PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    return show(id, seat, "", model);
  }

  /** Shows what a file holds; nothing is saved yet. */
  @PostMapping
  String preview(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String text,
      @RequestParam Optional<MultipartFile> file,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    try {
      CsvText csv = CsvText.given(file, text);
      CheckCsv.Read read = CheckCsv.read(csv);
      model.addAttribute("read", read);
      model.addAttribute("lines", lines(read.measured()));
      return show(id, seat, csv.text(), model);
    } catch (IllegalArgumentException e) {
      model.addAttribute("trouble", e.getMessage());
      return show(id, seat, text, model);
    }
  }

  /** Saves the good lines of what was shown. */
  @PostMapping("/save")
  String save(
      @PathVariable long id,
      @RequestParam String text,
      @ModelAttribute("technician") String technician,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    try {
      editor.make(
          id,
          Change.measured(
              CheckCsv.read(CsvText.of(text)).measured(),
              Taken.How.FILE,
              technician.isBlank() ? null : technician));
    } catch (IllegalArgumentException noLongerReadable) {
      model.addAttribute("trouble", noLongerReadable.getMessage());
      return show(id, seat, text, model);
    }
    return "redirect:/sets/" + id + "/check";
  }

  private static List<Line> lines(Map<Finger, Map<Quantity, Double>> measured) {
    return measured.entrySet().stream()
        .map(
            nail ->
                new Line(
                    nail.getKey(),
                    nail.getValue().entrySet().stream()
                        .map(
                            each ->
                                Words.of(each.getKey())
                                    + " "
                                    + Numbers.format(each.getKey(), each.getValue()))
                        .collect(Collectors.joining(", "))))
        .toList();
  }

  private String show(long id, Seat seat, String text, Model model) {
    PlannedSet planned = reader.planned(id);
    model.addAttribute(
        "page",
        SetPage.of(
                planned,
                Stage.CHECK,
                Stage.CHECK.path(),
                SetPage.chosen(Optional.empty(), seat),
                seat)
            .with(CheckWords.figures(checks.of(planned))));
    model.addAttribute("text", text);
    return "check/read";
  }
}
