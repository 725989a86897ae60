package ongle.app.frame;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.UUID;
import ongle.app.clients.ClientRepository;
import ongle.app.editing.SetEditor;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.sets.NailSet;
import ongle.app.web.NotFound;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Begins a set and leads to its stages. */
@Controller
@Needs(Right.HANDS)
class SetController {
  private final SetEditor editor;
  private final SetReader reader;
  private final ClientRepository clients;
  private final Clock clock;

  SetController(SetEditor editor, SetReader reader, ClientRepository clients, Clock clock) {
    this.editor = editor;
    this.reader = reader;
    this.clients = clients;
    this.clock = clock;
  }

  @PostMapping("/clients/{clientId}/sets")
  String begin(@PathVariable long clientId, @RequestParam UUID formKey) {
    if (!clients.existsById(clientId)) {
      throw new NotFound("client " + clientId);
    }
    NailSet set = editor.begin(formKey, clientId, LocalDateTime.now(clock));
    return "redirect:/sets/" + set.getId() + "/look";
  }

  /** Where the work on a set goes on: measuring until every width is known, then structure. */
  @GetMapping("/sets/{id}")
  String open(@PathVariable long id) {
    Stage stage = reader.planned(id).set().measuredNails() < 10 ? Stage.MEASURE : Stage.STRUCTURE;
    return "redirect:/sets/" + id + "/" + stage.path();
  }
}
