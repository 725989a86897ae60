package ongle.app.door;

import java.util.Optional;
import ongle.app.deeds.Deeds;
import ongle.app.deeds.Part;
import ongle.app.people.People;
import ongle.app.people.Present;
import ongle.app.people.Who;
import ongle.app.web.FormReading;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/**
 * Asks whoever is signed in for their password or PIN once more, before what cannot be taken back,
 * before somebody new is let in and before they change their own: a desk may stand open while
 * nobody looks. Its field on a page is {@code door/again :: field}.
 */
@Component
public class Again {
  /** The field's name. */
  public static final String FIELD = "own";

  private final People people;
  private final Deeds deeds;
  private final DemoPeople demo;

  Again(People people, Deeds deeds, DemoPeople demo) {
    this.people = people;
    this.deeds = deeds;
    this.demo = demo;
  }

  /** Why not, in words; empty if it is theirs. It counts as a try to sign in. */
  public Optional<String> refusal(String typed) {
    Who who = Present.who().orElseThrow();
    Optional<String> why = SignInController.why(deeds.beforehand(() -> people.again(typed)));
    if (why.isPresent()) {
      deeds.note(Part.KEPT_OUT, who.id(), who.called());
    }
    return why;
  }

  /** The same as a fault of a form; asked only once nothing else is wrong with it. */
  void look(FormReading reading, String typed) {
    if (reading.why().isEmpty()) {
      refusal(typed).ifPresent(why -> reading.fault(FIELD, why));
    }
  }

  /** Puts on a page what its field needs. */
  public void ask(Optional<String> why, Model model) {
    model.addAttribute("whyOwn", why.orElse(null));
    Who who = Present.who().orElseThrow();
    model.addAttribute("ownPin", !who.role().hasPassword());
    model.addAttribute("ownHint", demo.secrets().get(who.id()));
  }
}
