package ongle.app.consent;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a client agrees to: read, signed with the finger or the mouse, and withdrawn. */
@Controller
@Needs(Right.BOOK)
@RequestMapping("/clients/{clientId}/consent")
class ConsentController {
  private static final int LONGEST_NAME = 80;

  private final Consents consents;
  private final ClientRepository clients;

  ConsentController(Consents consents, ClientRepository clients) {
    this.consents = consents;
    this.clients = clients;
  }

  private Client client(long id) {
    return clients.findById(id).orElseThrow(() -> new NotFound("client " + id));
  }

  /**
   * What was sent and could not be taken.
   *
   * @param name why the name could not
   * @param signature why the signature could not
   */
  record Refused(Agreement kind, String typed, String path, String name, String signature) {}

  @GetMapping
  String page(@PathVariable long clientId, Model model) {
    return show(client(clientId), null, model);
  }

  @PostMapping("/{kind}")
  String sign(
      @PathVariable long clientId,
      @PathVariable Agreement kind,
      @RequestParam UUID formKey,
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "") String signature,
      Model model) {
    Client client = client(clientId);
    String who = name.strip();
    Optional<String> noName =
        who.isEmpty()
            ? Optional.of(Words.say("consent.who-signs"))
            : who.length() > LONGEST_NAME
                ? Optional.of(Words.say("text.longest", "max", LONGEST_NAME, "typed", who.length()))
                : Optional.empty();
    Optional<String> notDrawn =
        Signature.isDrawn(signature) ? Optional.empty() : Optional.of(Words.say("consent.draw-it"));
    if (noName.isPresent() || notDrawn.isPresent()) {
      return show(
          client,
          new Refused(kind, name, signature, noName.orElse(null), notDrawn.orElse(null)),
          model);
    }
    consents.sign(formKey, clientId, new Signed(kind, who, client.isMinor(), signature));
    return "redirect:/clients/" + clientId + "/consent";
  }

  @Needs(Right.HANDS)
  @PostMapping("/{kind}/withdraw")
  String withdraw(@PathVariable long clientId, @PathVariable Agreement kind) {
    client(clientId);
    consents.withdraw(clientId, kind);
    return "redirect:/clients/" + clientId + "/consent";
  }

  private String show(Client client, Refused refused, Model model) {
    Map<Agreement, Consent> standing = consents.standing(client.getId());
    List<Consent> gone =
        consents.of(client.getId()).stream().filter(each -> each.getWithdrawnAt() != null).toList();
    model.addAttribute("client", client);
    model.addAttribute("kinds", Arrays.asList(Agreement.values()));
    model.addAttribute("standing", standing);
    model.addAttribute("gone", gone);
    model.addAttribute("refused", refused);
    model.addAttribute("formKey", UUID.randomUUID());
    model.addAttribute("box", Signed.BOX);
    return "consent/page";
  }
}
