package ongle.app.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.salon.Salon;
import ongle.app.salon.SalonSettings;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.web.Written;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.portion.Lot;
import ongle.core.portion.Material;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What stands on the shelf. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/shelf")
class ShelfController {
  private final Shelf shelf;
  private final SalonSettings salon;
  private final Clock clock;

  ShelfController(Shelf shelf, SalonSettings salon, Clock clock) {
    this.shelf = shelf;
    this.salon = salon;
    this.clock = clock;
  }

  /** What costs are given in. */
  record Costs(
      @Size(max = Salon.LONGEST_CURRENCY, message = "shelf.currency.longest") String currency) {}

  /** A lot as it is listed. */
  record Row(
      long id, int seen, String number, double share, String left, String good, String fault) {}

  /** All lots of a material. */
  record Group(Material material, String usable, List<Row> rows) {}

  @GetMapping
  String page(@RequestParam Optional<Long> lot, Model model) {
    return show(
        lot.flatMap(id -> shelf.all().stream().filter(kept -> kept.id() == id).findFirst())
            .map(kept -> Written.correcting(kept.id(), kept.seen(), LotForm.of(kept.lot())))
            .orElseGet(() -> Written.anew(LotForm.EMPTY)),
        model);
  }

  @Needs(Right.STOCK)
  @PostMapping
  String add(@RequestParam UUID formKey, @Valid LotForm form, BindingResult errors, Model model) {
    FormReading typed = new FormReading(errors);
    Optional<Lot> lot = form.read(typed, shelf.materials());
    lot.ifPresent(read -> shelf.add(formKey, read));
    return lot.isPresent() ? "redirect:/shelf" : show(Written.anew(form).refused(typed), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{id}")
  String correct(
      @PathVariable long id,
      @RequestParam int seen,
      @Valid LotForm form,
      BindingResult errors,
      Model model) {
    FormReading typed = new FormReading(errors);
    Written<LotForm> written = Written.correcting(id, seen, form);
    Optional<Lot> lot = form.read(typed, shelf.materials());
    if (lot.isEmpty()) {
      return show(written.refused(typed), model);
    }
    return shelf.correct(id, seen, lot.get())
        ? "redirect:/shelf"
        : show(written.changedMeanwhile(shelf.seen(id), Words.say("shelf.conflict")), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{id}/away")
  String throwAway(@PathVariable long id) {
    shelf.throwAway(id);
    return "redirect:/shelf";
  }

  /** What costs are given in; nothing for no costs. */
  @Needs(Right.STOCK)
  @PostMapping("/currency")
  String setCurrency(@Valid Costs costs, BindingResult errors, Model model) {
    Optional<String> why = new FormReading(errors).why();
    if (why.isPresent()) {
      model.addAttribute("currencyTyped", costs.currency());
      model.addAttribute("currencyWhy", why.get());
      return page(Optional.empty(), model);
    }
    salon.setCurrency(CleanText.orEmpty(costs.currency()).strip());
    return "redirect:/shelf";
  }

  private String show(Written<LotForm> written, Model model) {
    LocalDate today = LocalDate.now(clock);
    Map<String, List<Shelf.Kept>> byMaterial =
        shelf.all().stream().collect(Collectors.groupingBy(kept -> kept.lot().material()));
    model.addAttribute(
        "groups",
        shelf.materials().stream()
            .filter(material -> byMaterial.containsKey(material.code()))
            .map(material -> group(material, byMaterial.get(material.code()), today))
            .toList());
    model.addAttribute("materials", shelf.materials());
    model.addAttribute("currency", salon.current().getCurrency());
    written.show(model);
    return "shelf/page";
  }

  private static Group group(Material material, List<Shelf.Kept> lots, LocalDate today) {
    double usable =
        lots.stream()
            .map(Shelf.Kept::lot)
            .filter(lot -> lot.fault(today).isEmpty())
            .mapToDouble(Lot::left)
            .sum();
    return new Group(
        material,
        Words.say("shelf.usable", "amount", amount(material, usable)),
        lots.stream().map(kept -> row(material, kept, today)).toList());
  }

  private static Row row(Material material, Shelf.Kept kept, LocalDate today) {
    Lot lot = kept.lot();
    return new Row(
        kept.id(),
        kept.seen(),
        lot.number(),
        lot.left() / lot.content(),
        Words.say(
            "shelf.left",
            "left",
            amount(material, lot.left()),
            "of",
            amount(material, lot.content())),
        lot.opened()
                .map(day -> Words.say("shelf.open-since", "day", day))
                .orElseGet(() -> Words.say("shelf.closed"))
            + lot.goodUntil().map(day -> Words.say("shelf.good-until", "day", day)).orElse(""),
        lot.fault(today).map(Words::of).orElse(""));
  }

  private static String amount(Material material, double amount) {
    return Numbers.format(amount, 1) + " " + material.measure().symbol();
  }
}
