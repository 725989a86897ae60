package ongle.app.door;

import jakarta.validation.Valid;
import java.util.Optional;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.people.Role;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.web.Written;
import ongle.app.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who works here and what they may do. */
@Controller
@RequestMapping("/salon/people")
@Needs(Right.SALON)
class PeopleController {
  private final People people;
  private final Sessions sessions;
  private final Again again;

  PeopleController(People people, Sessions sessions, Again again) {
    this.people = people;
    this.sessions = sessions;
    this.again = again;
  }

  /** Somebody new, or somebody's new role and secret, as typed. */
  record Typed(@Named(max = People.LONGEST_NAME) String name, Role role, String secret) {
    Role is() {
      return PeopleController.known(role);
    }

    String typedSecret() {
      return secret == null ? "" : secret;
    }

    /** The same without what must not be sent back. */
    Typed shown() {
      return new Typed(name, is(), "");
    }
  }

  private static final Typed NOBODY = new Typed("", Role.TECHNICIAN, "");

  @GetMapping
  String page(@RequestParam Optional<Long> of, Model model) {
    return show(of, Written.anew(NOBODY), model);
  }

  @PostMapping
  String add(
      @RequestParam UUID formKey,
      @Valid Typed typed,
      BindingResult errors,
      @RequestParam(defaultValue = "") String own,
      Model model) {
    FormReading reading = new FormReading(errors);
    People.fault(typed.is(), typed.typedSecret())
        .ifPresent(why -> reading.fault("secret", Words.say(why)));
    again.look(reading, own);
    return reading
        .made(() -> people.add(formKey, typed.name(), typed.is(), typed.typedSecret()))
        .map(added -> "redirect:/salon/people")
        .orElseGet(
            () -> show(Optional.empty(), Written.anew(typed.shown()).refused(reading), model));
  }

  /** Another role, another secret. */
  @PostMapping("/{id}")
  String change(
      @PathVariable long id,
      @RequestParam(required = false) Role role,
      @RequestParam(defaultValue = "") String secret,
      @RequestParam(defaultValue = "") String own,
      Model model) {
    Role is = known(role);
    FormReading reading = new FormReading();
    People.fault(is, secret).ifPresent(why -> reading.fault("secret", Words.say(why)));
    again.look(reading, own);
    if (reading.why().isEmpty()) {
      if (people.change(id, is, secret)) {
        return "redirect:/salon/people";
      }
      model.addAttribute("fault", Words.say("people.last-owner"));
    }
    model.addAttribute("typedRole", is);
    return show(Optional.of(id), Written.anew(NOBODY).refused(reading), model);
  }

  @PostMapping("/{id}/gone")
  String gone(@PathVariable long id, Model model) {
    if (people.gone(id)) {
      return "redirect:/salon/people";
    }
    model.addAttribute("fault", Words.say("people.last-owner"));
    return show(Optional.of(id), Written.anew(NOBODY), model);
  }

  /** Signs them out at every browser. */
  @PostMapping("/{id}/out")
  String out(@PathVariable long id) {
    sessions.endAll(id);
    return "redirect:/salon/people";
  }

  private static Role known(@Nullable Role role) {
    return role != null && Role.PEOPLE.contains(role) ? role : Role.TECHNICIAN;
  }

  private String show(Optional<Long> of, Written<Typed> written, Model model) {
    written.show(model);
    again.ask(Optional.ofNullable(written.faults().get(Again.FIELD)), model);
    model.addAttribute("people", people.all());
    model.addAttribute("of", of.orElse(null));
    model.addAttribute("roles", Role.PEOPLE);
    return "door/people";
  }
}
