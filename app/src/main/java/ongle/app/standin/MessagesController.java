package ongle.app.standin;

import ongle.app.people.Needs;
import ongle.app.people.Right;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The stand-in for messages: its own page, with what it was given. */
@Controller
@Needs(Right.BOOK)
@RequestMapping("/standin/messages")
class MessagesController {
  private final SimulatedMessages messages;

  MessagesController(SimulatedMessages messages) {
    this.messages = messages;
  }

  @GetMapping
  String page(Model model) {
    model.addAttribute("sent", messages.sent());
    model.addAttribute("down", messages.isDown());
    return "standin/messages";
  }

  @PostMapping
  String fail(@RequestParam(defaultValue = "false") boolean down) {
    messages.fail(down);
    return "redirect:/standin/messages";
  }
}
