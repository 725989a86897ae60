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

  OwnSecretController(People people) {
    this.people = people;
  }

  @GetMapping
  String page(Model model) {
    return show(null, null, model);
  }

  @PostMapping
  String change(
      @RequestParam(defaultValue = "") String present,
      @RequestParam(defaultValue = "") String wanted,
      @RequestParam(defaultValue = "") String again,
      Model model) {
    Who who = Present.who().orElseThrow();
    Optional<String> fault =
        wanted.equals(again)
            ? People.fault(who.role(), wanted).map(Words::say)
            : Optional.of(Words.say("door.not-the-same"));
    if (fault.isPresent()) {
      return show(null, fault.get(), model);
    }
    Optional<String> not = SignInController.why(people.changeOwn(who.id(), present, wanted));
    return not.isPresent() ? show(not.get(), null, model) : "redirect:/sign-in?as=" + who.id();
  }

  private static String show(String present, String wanted, Model model) {
    model.addAttribute("whyPresent", present);
    model.addAttribute("whyWanted", wanted);
    model.addAttribute("owner", Present.who().orElseThrow().role().hasPassword());
    return "door/own-secret";
  }
}
