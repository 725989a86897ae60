package ongle.app.lamps;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.UUID;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The salon's lamps: what they give, what a meter said, their buttons. */
@Controller
@RequestMapping("/lamps")
class LampController {
  private final Lamps lamps;

  LampController(Lamps lamps, List<LampMeter> meters) {
    this.lamps = lamps;
    meters.forEach(meter -> meter.onReading(lamps::measured));
  }

  /** A lamp as it is listed. */
  record Row(
      String code,
      String label,
      String light,
      String wavelengths,
      String programmes,
      String standing,
      boolean bad) {}

  /** A lamp as it is being written: a new one, or one to correct. */
  private record Written(
      Optional<String> code, int seen, LampForm form, Map<String, String> faults, String why) {
    static final Written NOTHING = new Written(Optional.empty(), 0, LampForm.EMPTY, Map.of(), "");
  }

  @GetMapping
  String page(@RequestParam Optional<String> lamp, Model model) {
    return show(
        lamp.flatMap(this::kept)
            .map(kept -> new Written(lamp, kept.seen(), LampForm.of(kept.lamp()), Map.of(), ""))
            .orElse(Written.NOTHING),
        model);
  }

  private Optional<Lamps.Kept> kept(String code) {
    return lamps.all().stream().filter(kept -> kept.lamp().code().equals(code)).findFirst();
  }

  @PostMapping
  String add(@RequestParam UUID formKey, LampForm form, Model model) {
    LampForm.Read read =
        form.read("lamp-" + formKey.toString().substring(0, 8), OptionalDouble.empty());
    read.lamp().ifPresent(lamp -> lamps.add(formKey, lamp));
    return read.lamp().isPresent()
        ? "redirect:/lamps"
        : show(new Written(Optional.empty(), 0, form, read.faults(), ""), model);
  }

  @PostMapping("/{code}")
  String correct(@PathVariable String code, @RequestParam int seen, LampForm form, Model model) {
    Lamps.Kept kept = kept(code).orElseThrow(() -> new NotFound("lamp " + code));
    LampForm.Read read = form.read(code, kept.lamp().measured());
    if (read.lamp().isEmpty()) {
      return show(new Written(Optional.of(code), seen, form, read.faults(), ""), model);
    }
    return lamps.correct(seen, read.lamp().get())
        ? "redirect:/lamps"
        : show(
            new Written(
                Optional.of(code), kept.seen(), form, Map.of(), Words.say("lamps.conflict")),
            model);
  }

  @PostMapping("/{code}/away")
  String giveAway(@PathVariable String code, Model model) {
    if (lamps.giveAway(code)) {
      return "redirect:/lamps";
    }
    model.addAttribute("awayWhy", Words.say("lamps.last-stays"));
    return show(Written.NOTHING, model);
  }

  private String show(Written written, Model model) {
    model.addAttribute("lamps", lamps.all().stream().map(LampController::row).toList());
    model.addAttribute("code", written.code().orElse(null));
    model.addAttribute("seen", written.seen());
    model.addAttribute("form", written.form());
    model.addAttribute("faults", written.faults());
    model.addAttribute("why", written.why());
    model.addAttribute("formKey", UUID.randomUUID());
    return "lamps/page";
  }

  private static Row row(Lamps.Kept kept) {
    Lamp lamp = kept.lamp();
    return new Row(
        lamp.code(),
        lamp.label(),
        Numbers.format(lamp.nominal(), 0) + " mW/cm²",
        Words.of(new TreeSet<>(lamp.wavelengths())) + " nm",
        String.join(", ", lamp.programmes().stream().map(Programme::label).toList()),
        Lamps.standing(lamp),
        lamp.weakened());
  }
}
