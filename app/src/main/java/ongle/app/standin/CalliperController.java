package ongle.app.standin;

import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The stand-in calliper's own page: what it shows, how it misbehaves, and its button. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/standin/calliper")
class CalliperController {
  private final SimulatedCalliper calliper;

  CalliperController(SimulatedCalliper calliper) {
    this.calliper = calliper;
  }

  @GetMapping
  String page() {
    return "standin/calliper";
  }

  @PostMapping("/press")
  String press(
      @RequestParam String value,
      @RequestParam(defaultValue = "mm") String unit,
      @RequestParam(defaultValue = "0") double jitter,
      @RequestParam(defaultValue = "false") boolean hold,
      @RequestParam(defaultValue = "0") int dropOuts,
      Model model) {
    Optional<Double> millimetres = Numbers.parse(value);
    // What is no number is sent as it is: a real one sends noise, too.
    String sent =
        millimetres
            .map(
                mm ->
                    calliper.press(
                        mm,
                        new SimulatedCalliper.Behaviour(
                            unit.equals("in"), Math.abs(jitter), hold, dropOuts)))
            .orElseGet(() -> calliper.send(value));
    model.addAttribute(
        "sent",
        sent.isEmpty() ? Words.say("standin.lost") : Words.say("standin.sent", "reading", sent));
    return "standin/calliper :: sent";
  }
}
