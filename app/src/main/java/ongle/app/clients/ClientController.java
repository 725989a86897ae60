package ongle.app.clients;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.NotFound;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Find, add and edit clients. */
@Controller
@Needs(Right.BOOK)
class ClientController {
  private final ClientRepository clients;
  private final ClientHistory history;
  private final Agreed agreed;

  ClientController(ClientRepository clients, ClientHistory history, Agreed agreed) {
    this.clients = clients;
    this.history = history;
    this.agreed = agreed;
  }

  /**
   * Clients by name or telephone. The page asks beside its address, so that no name stands in the
   * browser's history.
   *
   * @param open whether to go to the one found, if it is one
   */
  @GetMapping("/clients")
  String find(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "false") boolean open,
      @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
      HttpServletResponse response,
      Model model) {
    List<Client> found = clients.find(q.strip());
    if (open && found.size() == 1) {
      response.setHeader("HX-Redirect", "/clients/" + found.get(0).getId());
    }
    model.addAttribute("q", q);
    model.addAttribute("clients", found);
    return fragment ? "clients/list :: found" : "clients/list";
  }

  @GetMapping("/clients/new")
  String blank(@RequestParam(defaultValue = "") String name, Model model) {
    ClientForm form = new ClientForm();
    form.setName(name);
    model.addAttribute("form", form);
    return edit(Map.of(), model);
  }

  private static String edit(Map<String, String> faults, Model model) {
    model.addAttribute("faults", faults);
    return "clients/edit";
  }

  private static String edit(BindingResult errors, Model model) {
    return edit(new FormReading(errors).faults(), model);
  }

  @PostMapping("/clients")
  String add(@Valid @ModelAttribute("form") ClientForm form, BindingResult errors, Model model) {
    if (errors.hasErrors()) {
      return edit(errors, model);
    }
    return "redirect:/clients/" + added(form).getId();
  }

  @GetMapping("/clients/{id}")
  String show(@PathVariable long id, Model model) {
    Client client = client(id);
    model.addAttribute("client", client);
    model.addAttribute("unsigned", agreed.missing(id));
    model.addAttribute("sets", Present.may(Right.HANDS) ? history.of(id) : List.of());
    model.addAttribute("setKey", UUID.randomUUID());
    return "clients/show";
  }

  @GetMapping("/clients/{id}/edit")
  String edit(@PathVariable long id, Model model) {
    model.addAttribute("form", ClientForm.of(client(id)));
    model.addAttribute("id", id);
    return edit(Map.of(), model);
  }

  @PostMapping("/clients/{id}")
  String change(
      @PathVariable long id,
      @Valid @ModelAttribute("form") ClientForm form,
      BindingResult errors,
      Model model) {
    Client client = client(id);
    model.addAttribute("id", id);
    if (form.getVersion() == null || form.getVersion() != client.getVersion()) {
      return changedElsewhere(client, form, errors, model);
    }
    if (errors.hasErrors()) {
      return edit(errors, model);
    }
    form.writeTo(client);
    try {
      clients.saveAndFlush(client);
    } catch (ObjectOptimisticLockingFailureException e) {
      return changedElsewhere(client(id), form, errors, model);
    }
    return "redirect:/clients/" + id;
  }

  /** Keeps what was typed, shows what is stored, and lets the next save go through knowingly. */
  private static String changedElsewhere(
      Client stored, ClientForm form, BindingResult errors, Model model) {
    form.setVersion(stored.getVersion());
    model.addAttribute("stored", stored);
    return edit(errors, model);
  }

  private Client added(ClientForm form) {
    Optional<Client> already = clients.findByFormKey(form.getFormKey());
    if (already.isPresent()) {
      return already.get();
    }
    Client client = new Client(form.getFormKey(), form.getName());
    form.writeTo(client);
    try {
      return clients.saveAndFlush(client);
    } catch (DataIntegrityViolationException sentTwice) {
      return clients.findByFormKey(form.getFormKey()).orElseThrow(() -> sentTwice);
    }
  }

  private Client client(long id) {
    return clients.findById(id).orElseThrow(() -> new NotFound("client " + id));
  }
}
