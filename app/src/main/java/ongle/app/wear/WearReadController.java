package ongle.app.wear;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.CsvText;
import ongle.app.words.Dates;
import ongle.app.words.Words;
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

/** What was seen of worn nails, in from a file. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/wear/read")
class WearReadController {
  private final Wears wears;
  private final WearDesk desk;

  WearReadController(Wears wears, WearDesk desk) {
    this.wears = wears;
    this.desk = desk;
  }

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
      WearCsv.Read read = WearCsv.read(csv);
      model.addAttribute("read", read);
      model.addAttribute("lines", read.seen().stream().map(WearReadController::line).toList());
      return show(id, seat, csv.text(), model);
    } catch (IllegalArgumentException e) {
      model.addAttribute("trouble", e.getMessage());
      return show(id, seat, text, model);
    }
  }

  /** Notes the good lines of what was shown: all of them or none. */
  @PostMapping("/save")
  String save(
      @PathVariable long id,
      @RequestParam String text,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    try {
      desk.note(id, WearCsv.read(CsvText.of(text)).seen());
    } catch (IllegalArgumentException e) {
      model.addAttribute("trouble", e.getMessage());
      return show(id, seat, text, model);
    }
    return "redirect:/sets/" + id + "/wear";
  }

  private static String line(WearDesk.Sight seen) {
    return Words.of(
        List.of(
            Words.of(seen.finger()),
            seen.happened()
                .map(form -> Words.of(form.kind()) + " " + Words.of(form.place()))
                .orElseGet(() -> Words.say("wear.fine")),
            Dates.of(seen.day(), "day")));
  }

  private String show(long id, Seat seat, String text, Model model) {
    model.addAttribute(
        "page",
        SetPage.of(
            wears.of(id).visit().planned(),
            Stage.WEAR,
            Stage.WEAR.path(),
            SetPage.chosen(Optional.empty(), seat),
            seat));
    model.addAttribute("text", text);
    return "wear/read";
  }
}
