package ongle.app.layers;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ongle.app.lamps.Lamps;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.products.MakersLight;
import ongle.app.web.FormReading;
import ongle.app.web.NotFound;
import ongle.app.web.Written;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.product.Limits;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Primers, bases, colours, inlays, clear and top coats; the salon's own can be written. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/coats")
class CoatController {
  private final Layers layers;
  private final Lamps lamps;

  CoatController(Layers layers, Lamps lamps) {
    this.layers = layers;
    this.lamps = lamps;
  }

  /**
   * A bottle as it is listed.
   *
   * @param own whether it is the salon's own
   */
  record Row(
      String code,
      String label,
      LayerKind kind,
      String laid,
      String light,
      String limits,
      boolean own,
      boolean putAway) {}

  /**
   * @param coat to correct
   * @param like to begin a new one from
   */
  @GetMapping
  String page(
      @RequestParam Optional<String> coat, @RequestParam Optional<String> like, Model model) {
    Lamp lamp = lamps.of("");
    Coat from = like.flatMap(layers::coat).orElse(Coat.PALE);
    return show(
        coat.flatMap(this::kept)
            .map(
                kept ->
                    Written.correcting(
                        kept.own().code(), kept.seen(), CoatForm.of(kept.own(), lamp)))
            .orElseGet(() -> Written.anew(CoatForm.of(from, lamp))),
        model);
  }

  private Optional<Layers.Kept<Coat>> kept(String code) {
    return layers.ownCoats().stream().filter(kept -> kept.own().code().equals(code)).findFirst();
  }

  @Needs(Right.STOCK)
  @PostMapping
  String add(@RequestParam UUID formKey, @Valid CoatForm form, BindingResult errors, Model model) {
    FormReading typed = new FormReading(errors);
    Optional<Coat> coat =
        form.read(typed, "own-" + formKey.toString().substring(0, 8), lamps.of(form.lamp()));
    coat.ifPresent(read -> layers.add(formKey, read));
    return coat.isPresent() ? "redirect:/coats" : show(Written.anew(form).refused(typed), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}")
  String correct(
      @PathVariable String code,
      @RequestParam int seen,
      @Valid CoatForm form,
      BindingResult errors,
      Model model) {
    Layers.Kept<Coat> now = kept(code).orElseThrow(() -> new NotFound(code));
    FormReading typed = new FormReading(errors);
    if (form.kind() != null && form.kind() != now.own().kind()) {
      typed.fault("kind", Words.say("layers.kind.stays")); // recipes lay it as what it is
    }
    Written<CoatForm> written = Written.correcting(code, seen, form);
    Optional<Coat> coat = form.read(typed, code, lamps.of(form.lamp()));
    if (coat.isEmpty()) {
      return show(written.refused(typed), model);
    }
    return layers.correct(seen, coat.get())
        ? "redirect:/coats"
        : show(written.changedMeanwhile(now.seen(), Words.say("layers.conflict")), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}/away")
  String putAway(@PathVariable String code, @RequestParam(defaultValue = "true") boolean away) {
    layers.putCoatAway(code, away);
    return "redirect:/coats";
  }

  private String show(Written<CoatForm> written, Model model) {
    List<Lamps.Kept> all = lamps.all();
    Lamp first = all.get(0).lamp();
    model.addAttribute(
        "rows",
        Stream.concat(
                layers.ownCoats().stream()
                    .map(kept -> row(kept.own(), first, true, kept.putAway())),
                Coat.SHIPPED.stream().map(coat -> row(coat, first, false, false)))
            .toList());
    model.addAttribute("kinds", Coat.KINDS);
    model.addAttribute("lamps", all);
    model.addAttribute("lampLabel", first.label());
    written.show(model);
    return "layers/coats";
  }

  private Row row(Coat coat, Lamp lamp, boolean own, boolean putAway) {
    return new Row(
        coat.code(),
        Words.of(coat),
        coat.kind(),
        BenchWords.laid(coat),
        coat.light()
            .map(
                light ->
                    Words.say(
                        light.lowHeat() ? "layers.light.gentle" : "layers.light",
                        "seconds",
                        MakersLight.seconds(light.fullDose(), lamp, light.lowHeat())))
            .orElse(""),
        limits(coat.limits()),
        own,
        putAway);
  }

  private String limits(Limits limits) {
    return BenchWords.limits(limits, limits.lamp().map(code -> lamps.of(code).label()).orElse(""));
  }
}
