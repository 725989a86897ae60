package ongle.app.structure;

import jakarta.validation.Valid;
import java.util.Optional;
import ongle.app.editing.Edited;
import ongle.app.history.SetHistory;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.sets.SetState;
import ongle.app.web.Edit;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The way back on the structure page: undo, redo, and versions kept under a name. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/structure/{finger}")
class WayBackController {
  private final SetReader reader;
  private final SetHistory history;
  private final StructurePage page;

  WayBackController(SetReader reader, SetHistory history, StructurePage page) {
    this.reader = reader;
    this.history = history;
    this.page = page;
  }

  @PostMapping("/undo")
  String undo(
      @PathVariable long id,
      @PathVariable Finger finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(history.undo(id)), finger, shown.settled(), seat, model);
    return "structure/parts :: answer";
  }

  @PostMapping("/redo")
  String redo(
      @PathVariable long id,
      @PathVariable Finger finger,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(history.redo(id)), finger, shown.settled(), seat, model);
    return "structure/parts :: answer";
  }

  /** What a version is to be called. */
  record VersionName(
      @Named(max = SetState.LONGEST_NAME, message = "structure.version.name") String name) {}

  /** Keeps what is chosen now under a name. */
  @PostMapping("/versions")
  String keep(
      @PathVariable long id,
      @PathVariable Finger finger,
      @Valid VersionName typed,
      BindingResult errors,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<String> why = new FormReading(errors).why();
    if (why.isEmpty()) {
      history.keep(id, typed.name().strip());
    }
    Edit edit = why.<Edit>map(Edit.Refused::new).orElseGet(Edit.Saved::new);
    page.show(new Edited(edit, null, reader.planned(id)), finger, shown, seat, model);
    why.ifPresent(
        text -> {
          model.addAttribute("nameTyped", typed.name());
          model.addAttribute("nameWhy", text);
        });
    return "structure/parts :: answer";
  }

  @PostMapping("/versions/{version}")
  String returnTo(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable long version,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    page.show(Edited.saved(history.returnTo(id, version)), finger, shown.settled(), seat, model);
    return "structure/parts :: answer";
  }
}
