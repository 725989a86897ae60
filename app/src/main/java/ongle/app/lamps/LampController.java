package ongle.app.lamps;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.NotFound;
import ongle.app.web.Written;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The salon's lamps: what they give, what a meter said, their buttons. */
@Controller
@Needs(Right.HANDS)
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

  @GetMapping
  String page(@RequestParam Optional<String> lamp, Model model) {
    return show(
        lamp.flatMap(this::kept)
            .map(kept -> Written.correcting(lamp.get(), kept.seen(), LampForm.of(kept.lamp())))
            .orElseGet(() -> Written.anew(LampForm.EMPTY)),
        model);
  }

  private Optional<Lamps.Kept> kept(String code) {
    return lamps.all().stream().filter(kept -> kept.lamp().code().equals(code)).findFirst();
  }

  @Needs(Right.STOCK)
  @PostMapping
  String add(@RequestParam UUID formKey, @Valid LampForm form, BindingResult errors, Model model) {
    FormReading typed = new FormReading(errors);
    Optional<Lamp> lamp =
        form.read(typed, "lamp-" + formKey.toString().substring(0, 8), OptionalDouble.empty());
    lamp.ifPresent(read -> lamps.add(formKey, read));
    return lamp.isPresent() ? "redirect:/lamps" : show(Written.anew(form).refused(typed), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}")
  String correct(
      @PathVariable String code,
      @RequestParam int seen,
      @Valid LampForm form,
      BindingResult errors,
      Model model) {
    Lamps.Kept kept = kept(code).orElseThrow(() -> new NotFound("lamp " + code));
    FormReading typed = new FormReading(errors);
    Written<LampForm> written = Written.correcting(code, seen, form);
    Optional<Lamp> lamp = form.read(typed, code, kept.lamp().measured());
    if (lamp.isEmpty()) {
      return show(written.refused(typed), model);
    }
    return lamps.correct(seen, lamp.get())
        ? "redirect:/lamps"
        : show(written.changedMeanwhile(kept.seen(), Words.say("lamps.conflict")), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}/away")
  String giveAway(@PathVariable String code, Model model) {
    if (lamps.giveAway(code)) {
      return "redirect:/lamps";
    }
    model.addAttribute("awayWhy", Words.say("lamps.last-stays"));
    return show(Written.anew(LampForm.EMPTY), model);
  }

  private String show(Written<LampForm> written, Model model) {
    model.addAttribute("lamps", lamps.all().stream().map(LampController::row).toList());
    written.show(model);
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
