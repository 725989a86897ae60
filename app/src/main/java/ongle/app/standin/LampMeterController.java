package ongle.app.standin;

import ongle.app.lamps.Lamps;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The stand-in light meter's own page. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/standin/lamp-meter")
class LampMeterController {
  private final SimulatedLampMeter meter;
  private final Lamps lamps;

  LampMeterController(SimulatedLampMeter meter, Lamps lamps) {
    this.meter = meter;
    this.lamps = lamps;
  }

  @GetMapping
  String page(Model model) {
    model.addAttribute("lamps", lamps.all());
    return "standin/lamp-meter";
  }

  @PostMapping
  String press(@RequestParam String lamp, @RequestParam String light, Model model) {
    model.addAttribute("lamps", lamps.all());
    model.addAttribute("chosen", lamp);
    model.addAttribute("light", light);
    model.addAttribute("answer", meter.send(lamp, light));
    return "standin/lamp-meter";
  }
}
