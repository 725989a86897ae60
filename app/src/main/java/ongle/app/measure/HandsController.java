package ongle.app.measure;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.drawing.Scene;
import ongle.app.drawing.TenDrawing;
import ongle.app.planning.SetReader;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetNail;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** A client's hands over the visits: every plate as it was, what it grew, what it suffered. */
@Controller
class HandsController {
  /** More visits than fit on a page are left to their own sets. */
  private static final int MAX_VISITS = 8;

  private final SetReader reader;
  private final ClientRepository clients;

  HandsController(SetReader reader, ClientRepository clients) {
    this.reader = reader;
    this.clients = clients;
  }

  /**
   * One nail at one visit.
   *
   * @param plate width by length, what is measured of it
   * @param change of the length since the visit before; null at the first
   * @param growth regrowth since the visit before; null if not measured
   * @param trouble with plate or skin, in words; null if there is none
   */
  record Cell(
      Finger finger, Scene scene, String plate, String change, String growth, String trouble) {}

  /** One visit over the ten. */
  record Visit(long setId, LocalDate on, List<Cell> cells) {}

  @GetMapping("/clients/{clientId}/hands")
  String hands(@PathVariable long clientId, @ModelAttribute("seat") Seat seat, Model model) {
    Client client =
        clients.findById(clientId).orElseThrow(() -> new NotFound("client " + clientId));
    List<NailSet> all = reader.visits(clientId);
    List<Visit> visits = new ArrayList<>();
    for (int i = all.size() - 1; i >= Math.max(0, all.size() - MAX_VISITS); i--) {
      visits.add(visit(all.get(i), i == 0 ? null : all.get(i - 1), seat));
    }
    model.addAttribute("client", client);
    model.addAttribute("visits", visits);
    model.addAttribute("order", Finger.asSeenFrom(seat));
    model.addAttribute("left", all.size() - visits.size());
    model.addAttribute("grownOut", grownOut(all).orElse(null));
    return "measure/hands";
  }

  /** How much longer plates are than at the first visit, where they were bitten then. */
  private static Optional<String> grownOut(List<NailSet> all) {
    if (all.size() < 2) {
      return Optional.empty();
    }
    NailSet first = all.get(0);
    NailSet last = all.get(all.size() - 1);
    OptionalDouble by =
        Arrays.stream(Finger.values())
            .filter(finger -> first.nail(finger).getPlateCondition().has(PlateFinding.BITTEN))
            .filter(
                finger ->
                    first.nail(finger).value(Quantity.PLATE_LENGTH).isPresent()
                        && last.nail(finger).value(Quantity.PLATE_LENGTH).isPresent())
            .mapToDouble(
                finger ->
                    last.nail(finger).value(Quantity.PLATE_LENGTH).orElseThrow()
                        - first.nail(finger).value(Quantity.PLATE_LENGTH).orElseThrow())
            .average();
    return by.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Words.say(
                "measure.grown-out",
                "by",
                by.getAsDouble(),
                "weeks",
                ChronoUnit.WEEKS.between(first.getCreatedAt(), last.getCreatedAt())));
  }

  private static Visit visit(NailSet set, NailSet before, Seat seat) {
    Map<Finger, Map<Quantity, Double>> last = before == null ? Map.of() : before.measured();
    Readings readings = set.readings(last);
    List<Nail> nails =
        Finger.asSeenFrom(seat).stream()
            .map(
                finger ->
                    readings.nail(
                        finger, set.nail(finger).getPlateCondition(), set.nail(finger).getSkin()))
            .toList();
    return new Visit(
        set.getId(),
        set.getCreatedAt().toLocalDate(),
        nails.stream().map(nail -> cell(nail, nails, set, before, seat)).toList());
  }

  private static Cell cell(Nail nail, List<Nail> all, NailSet set, NailSet before, Seat seat) {
    SetNail stored = set.nail(nail.finger());
    Optional<Double> regrowth = stored.value(Quantity.REGROWTH);
    return new Cell(
        nail.finger(),
        TenDrawing.natural(nail, all, seat, regrowth.orElse(0.0)),
        figure(stored, Quantity.WIDTH) + " × " + figure(stored, Quantity.PLATE_LENGTH),
        before == null ? null : change(stored, before.nail(nail.finger())),
        before == null
            ? null
            : regrowth
                .map(
                    mm ->
                        growth(
                            mm, ChronoUnit.DAYS.between(before.getCreatedAt(), set.getCreatedAt())))
                .orElse(null),
        trouble(stored));
  }

  private static String figure(SetNail nail, Quantity quantity) {
    return nail.value(quantity).map(value -> Numbers.format(quantity, value)).orElse("–");
  }

  private static String change(SetNail now, SetNail before) {
    return now.value(Quantity.PLATE_LENGTH)
        .flatMap(
            length ->
                before
                    .value(Quantity.PLATE_LENGTH)
                    .map(then -> length - then)
                    .filter(by -> Math.abs(by) >= 0.05)
                    .map(by -> Words.say("measure.length-change", "by", by)))
        .orElse(null);
  }

  private static String growth(double millimetres, long days) {
    return days > 0
        ? Words.say("measure.grown.a-day", "by", millimetres, "daily", millimetres / days)
        : Words.say("measure.grown", "by", millimetres);
  }

  private static String trouble(SetNail nail) {
    List<String> words = new ArrayList<>();
    if (!nail.getPlateCondition().sound()) {
      words.add(Words.of(nail.getPlateCondition()));
    }
    if (nail.getSkin() != SkinState.INTACT) {
      words.add(Words.of(nail.getSkin()));
    }
    return words.isEmpty() ? null : String.join(", ", words);
  }
}
