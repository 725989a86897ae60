package ongle.app.structure;

import ongle.app.editing.Edited;
import ongle.app.history.SetHistory;
import ongle.app.planning.SetReader;
import ongle.app.sets.SetState;
import ongle.app.web.Edit;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The way back on the structure page: undo, redo, and versions kept under a name. */
@Controller
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

  /** Keeps what is chosen now under a name. */
  @PostMapping("/versions")
  String keep(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String name,
      StructurePage.Shown shown,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    String kept = name.strip();
    boolean fits = !kept.isEmpty() && kept.length() <= SetState.LONGEST_NAME;
    if (fits) {
      history.keep(id, kept);
    }
    Edit edit =
        fits
            ? new Edit.Saved()
            : new Edit.Refused(
                Words.say("structure.version.name", "longest", SetState.LONGEST_NAME));
    page.show(new Edited(edit, null, reader.planned(id)), finger, shown, seat, model);
    if (edit instanceof Edit.Refused refused) {
      model.addAttribute("nameTyped", name);
      model.addAttribute("nameWhy", refused.why());
    }
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
