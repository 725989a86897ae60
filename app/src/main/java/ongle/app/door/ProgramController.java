package ongle.app.door;

import jakarta.validation.Valid;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.web.Written;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Programs of the salon's that ask for plans. */
@Controller
@RequestMapping("/salon/programs")
@Needs(Right.SALON)
class ProgramController {
  private final Programs programs;
  private final Again again;

  ProgramController(Programs programs, Again again) {
    this.programs = programs;
    this.again = again;
  }

  /** A new one, as typed. */
  record Typed(@Named(max = People.LONGEST_NAME) String name) {}

  private static final Typed NONE = new Typed("");

  @GetMapping
  String page(Model model) {
    return show(Written.anew(NONE), model);
  }

  /** Its token stands on this one answer, and nowhere afterwards. */
  @PostMapping
  String letIn(
      @Valid Typed typed,
      BindingResult errors,
      @RequestParam(defaultValue = "") String own,
      Model model) {
    FormReading reading = new FormReading(errors);
    again.look(reading, own);
    return reading
        .made(() -> programs.letIn(typed.name()))
        .map(
            token -> {
              model.addAttribute("shown", token);
              return show(Written.anew(NONE), model);
            })
        .orElseGet(() -> show(Written.anew(typed).refused(reading), model));
  }

  @PostMapping("/{id}/out")
  String shutOut(@PathVariable long id) {
    programs.shutOut(id);
    return "redirect:/salon/programs";
  }

  private String show(Written<Typed> written, Model model) {
    written.show(model);
    again.ask(Optional.ofNullable(written.faults().get(Again.FIELD)), model);
    model.addAttribute("programs", programs.all());
    return "door/programs";
  }
}
