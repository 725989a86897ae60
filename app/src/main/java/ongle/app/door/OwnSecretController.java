package ongle.app.door;

import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.people.Who;
import ongle.app.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Everybody changes their own PIN or password. */
@Controller
@Needs(Right.BOOK)
@RequestMapping("/own-secret")
class OwnSecretController {
  private final People people;
  private final Again again;

  OwnSecretController(People people, Again again) {
    this.people = people;
    this.again = again;
  }

  @GetMapping
  String page(Model model) {
    return show(Optional.empty(), Optional.empty(), model);
  }

  @PostMapping
  String change(
      @RequestParam(defaultValue = "") String own,
      @RequestParam(defaultValue = "") String wanted,
      @RequestParam(name = "again", defaultValue = "") String repeated,
      Model model) {
    Who who = Present.who().orElseThrow();
    Optional<String> fault =
        wanted.equals(repeated)
            ? People.fault(who.role(), wanted).map(Words::say)
            : Optional.of(Words.say("door.not-the-same"));
    Optional<String> refusal = fault.isPresent() ? Optional.empty() : again.refusal(own);
    if (fault.isPresent() || refusal.isPresent()) {
      return show(refusal, fault, model);
    }
    people.changeOwn(wanted);
    return "redirect:/sign-in?as=" + who.id();
  }

  private String show(Optional<String> refusal, Optional<String> wanted, Model model) {
    again.ask(refusal, model);
    model.addAttribute("whyWanted", wanted.orElse(null));
    model.addAttribute("owner", Present.who().orElseThrow().role().hasPassword());
    return "door/own-secret";
  }
}
