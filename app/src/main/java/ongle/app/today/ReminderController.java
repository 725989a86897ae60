package ongle.app.today;

import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.wear.OnHands;
import ongle.app.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Reminds a client of an infill: a text to copy, or to send. */
@Controller
@Needs(Right.BOOK)
@RequestMapping("/reminders/{setId}")
class ReminderController {
  /** What a few messages hold. */
  private static final int LONGEST = 480;

  private final OnHands onHands;
  private final Messenger messenger;

  ReminderController(OnHands onHands, Messenger messenger) {
    this.onHands = onHands;
    this.messenger = messenger;
  }

  @GetMapping
  String page(@PathVariable long setId, Model model) {
    OnHands.Due due = onHands.due(setId);
    return show(
        due, Words.say("today.reminder.text", "client", firstName(due), "day", due.due()), model);
  }

  private static String firstName(OnHands.Due due) {
    return due.client().getName().split(" ")[0];
  }

  private static String show(OnHands.Due due, String text, Model model) {
    model.addAttribute("due", due);
    model.addAttribute("reminded", due.reminded().orElse(null));
    model.addAttribute("text", text);
    return "today/reminder";
  }

  @PostMapping
  String send(@PathVariable long setId, @RequestParam(defaultValue = "") String text, Model model) {
    OnHands.Due due = onHands.due(setId);
    Optional<String> trouble =
        text.isBlank() || text.length() > LONGEST
            ? Optional.of(Words.say("today.reminder.longest", "most", LONGEST))
            : due.client().getPhone() == null
                ? Optional.of(Words.say("today.reminder.no-number"))
                : messenger.send(due.client().getPhone(), text.strip());
    if (trouble.isPresent()) {
      model.addAttribute("trouble", trouble.get());
      return show(due, text, model);
    }
    onHands.remind(setId);
    return "redirect:/";
  }

  /** The text was copied and goes its own way. */
  @PostMapping("/done")
  String done(@PathVariable long setId) {
    onHands.remind(setId);
    return "redirect:/";
  }
}
