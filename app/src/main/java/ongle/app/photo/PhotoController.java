package ongle.app.photo;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.consent.Consents;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.photo.Card;
import ongle.core.photo.CardView;
import ongle.core.photo.MarkTrouble;
import ongle.core.photo.PhotoMeasure;
import ongle.core.photo.Spot;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/** Measuring from a picture of a hand beside a card. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/photo")
class PhotoController {
  private final SetReader reader;
  private final Consents consents;
  private final PhotoDesk desk;
  private final HandCamera camera;

  PhotoController(SetReader reader, Consents consents, PhotoDesk desk, HandCamera camera) {
    this.reader = reader;
    this.consents = consents;
    this.desk = desk;
    this.camera = camera;
  }

  /**
   * A mark as drawn.
   *
   * @param own whether it belongs to the finger being marked, or to the card
   */
  record Mark(String name, String label, String x, String y, boolean card, boolean own) {}

  /** A measure with how far it may be off. */
  record Figure(String label, String value, String band) {}

  /**
   * One finger of the hand.
   *
   * @param key that picks it, 1 to 5
   * @param trouble with its marks; null if there is none
   */
  record Nail(
      Finger finger,
      String key,
      boolean chosen,
      List<Figure> figures,
      int marked,
      String trouble) {}

  /**
   * What to mark next.
   *
   * @param name of the mark; null when nothing is missing
   */
  record Next(String name, String label) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Hand> hand,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Hand shown = hand.or(() -> finger.map(Finger::hand)).orElse(Hand.RIGHT);
    show(id, shown, finger, seat, model);
    return "photo/page";
  }

  @PostMapping
  String upload(
      @PathVariable long id,
      @RequestParam Hand hand,
      @RequestParam Optional<MultipartFile> file,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    return takeIn(id, hand, () -> Picture.uploaded(file), seat, model);
  }

  /** A picture from the camera over the desk. */
  @PostMapping("/camera")
  String take(
      @PathVariable long id,
      @RequestParam Hand hand,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    return takeIn(id, hand, () -> Picture.of(camera.take(hand)), seat, model);
  }

  private String takeIn(long id, Hand hand, Picture.Source source, Seat seat, Model model)
      throws IOException {
    reader.lengthOf(id); // no picture for a set that is not there
    try {
      desk.takeIn(id, hand, source.get());
    } catch (IllegalArgumentException e) {
      return refuse(id, hand, e.getMessage(), seat, model);
    }
    return "redirect:/sets/" + id + "/photo?hand=" + hand;
  }

  private String refuse(long id, Hand hand, String why, Seat seat, Model model) {
    show(id, hand, Optional.empty(), seat, model);
    model.addAttribute("trouble", why);
    return "photo/page";
  }

  @GetMapping(path = "/{hand}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> image(@PathVariable long id, @PathVariable Hand hand) {
    HandPhoto photo = desk.find(id, hand).orElseThrow(() -> new NotFound("picture"));
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(java.time.Duration.ofHours(1)).cachePrivate())
        .body(photo.getJpeg());
  }

  /** Sets or moves a mark. */
  @PostMapping("/{hand}/mark")
  String mark(
      @PathVariable long id,
      @PathVariable Hand hand,
      @RequestParam String name,
      @RequestParam double x,
      @RequestParam double y,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    if (!Double.isFinite(x) || !Double.isFinite(y)) {
      throw new ResponseStatusException(HttpStatus.BAD_REQUEST, "no place in a picture");
    }
    desk.mark(id, hand, name, new Spot(x, y));
    return marked(id, hand, finger, seat, model);
  }

  @PostMapping("/{hand}/unmark")
  String unmark(
      @PathVariable long id,
      @PathVariable Hand hand,
      @RequestParam String name,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    desk.unmark(id, hand, name);
    return marked(id, hand, finger, seat, model);
  }

  @PostMapping("/{hand}/table")
  String cardOnTable(
      @PathVariable long id,
      @PathVariable Hand hand,
      @RequestParam(defaultValue = "false") boolean onTable,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    desk.cardOnTable(id, hand, onTable);
    return marked(id, hand, finger, seat, model);
  }

  @GetMapping("/{hand}/finger")
  String finger(
      @PathVariable long id,
      @PathVariable Hand hand,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    if (desk.find(id, hand).isEmpty()) {
      throw new NotFound("picture of the " + Words.of(hand) + " hand");
    }
    show(id, hand, finger, seat, model);
    return "photo/page :: marking";
  }

  /** Writes what was measured onto the sheet. */
  @PostMapping("/{hand}/take-over")
  String takeOver(
      @PathVariable long id,
      @PathVariable Hand hand,
      @RequestParam(defaultValue = "false") boolean keep,
      @ModelAttribute("technician") String technician) {
    desk.takeOver(id, hand, keep, technician);
    return "redirect:/sets/" + id + "/measure?finger=" + Finger.of(hand).get(0);
  }

  @PostMapping("/{hand}/forget")
  String forget(@PathVariable long id, @PathVariable Hand hand) {
    desk.forget(id, hand);
    return "redirect:/sets/" + id + "/photo?hand=" + hand;
  }

  private String marked(long id, Hand hand, Optional<Finger> finger, Seat seat, Model model) {
    show(id, hand, finger, seat, model);
    model.addAttribute("edit", new Edit.Saved());
    return "photo/page :: marked";
  }

  private void show(long id, Hand hand, Optional<Finger> asked, Seat seat, Model model) {
    PlannedSet planned = reader.planned(id);
    Optional<HandPhoto> photo = desk.find(id, hand);
    Finger finger =
        asked
            .filter(each -> each.hand() == hand)
            .orElseGet(
                () -> photo.map(PhotoController::firstToMark).orElse(Finger.of(hand).get(0)));
    SetPage.show(planned, Stage.MEASURE, "photo", finger, seat, model);
    model.addAttribute("hand", hand);
    model.addAttribute("hands", Hand.values());
    model.addAttribute("finger", finger);
    model.addAttribute("agreed", consents.mayPicture(id));
    model.addAttribute("photo", photo.orElse(null));
    photo.ifPresent(each -> show(each, finger, model));
  }

  private static Finger firstToMark(HandPhoto photo) {
    return Finger.of(photo.getHand()).stream()
        .filter(finger -> photo.nail(finger).isEmpty())
        .findFirst()
        .orElse(Finger.of(photo.getHand()).get(0));
  }

  private static void show(HandPhoto photo, Finger finger, Model model) {
    model.addAttribute("viewBox", "0 0 " + photo.getWidth() + " " + photo.getHeight());
    model.addAttribute("width", photo.getWidth());
    model.addAttribute("height", photo.getHeight());
    model.addAttribute("photoId", photo.getId());
    model.addAttribute("onTable", photo.isOnTable());
    model.addAttribute("kept", photo.isKept());
    // Marks are drawn in the picture's own pixels, of which several make one on the screen.
    model.addAttribute("dot", photo.getWidth() / 130);
    model.addAttribute("marks", marks(photo, finger));
    model.addAttribute("next", next(photo, finger));
    List<Nail> nails = nails(photo, finger);
    model.addAttribute("nails", nails);
    model.addAttribute("measured", nails.stream().filter(n -> !n.figures().isEmpty()).count());
    showCard(photo, model);
  }

  private static void showCard(HandPhoto photo, Model model) {
    if (photo.corners().size() < MarkName.CORNERS) {
      return;
    }
    try {
      CardView view = CardView.of(photo.corners(), Card.USUAL, photo.camera());
      model.addAttribute(
          "cardSays",
          Words.say(
              "photo.card-found",
              "pixels",
              view.pixelsPerMillimetre(),
              "above",
              view.distance() / 10,
              "tilt",
              view.tilt()));
      if (view.tilt() > CardView.TILT_WARNING) {
        model.addAttribute("cardWarns", Words.say("photo.strong-tilt"));
      }
    } catch (MarkTrouble trouble) {
      model.addAttribute("cardTrouble", Words.of(trouble.why()));
    }
  }

  private static List<Mark> marks(HandPhoto photo, Finger chosen) {
    List<Mark> marks = new ArrayList<>();
    Map<String, Spot> all = photo.marks();
    for (int i = 1; i <= MarkName.CORNERS; i++) {
      add(marks, all, MarkName.corner(i), Words.say("photo.corner", "number", i), true, true);
    }
    for (Finger finger : Finger.of(photo.getHand())) {
      for (NailSpot spot : NailSpot.values()) {
        add(
            marks,
            all,
            MarkName.of(finger, spot),
            Words.of(List.of(finger, spot)),
            false,
            finger == chosen);
      }
    }
    return marks;
  }

  private static void add(
      List<Mark> marks,
      Map<String, Spot> all,
      String name,
      String label,
      boolean card,
      boolean own) {
    Spot at = all.get(name);
    if (at != null) {
      marks.add(
          new Mark(name, label, Numbers.plain(at.x(), 1), Numbers.plain(at.y(), 1), card, own));
    }
  }

  private static Next next(HandPhoto photo, Finger finger) {
    Map<String, Spot> all = photo.marks();
    for (int i = 1; i <= MarkName.CORNERS; i++) {
      if (!all.containsKey(MarkName.corner(i))) {
        return new Next(MarkName.corner(i), Words.say("photo.corner", "number", i));
      }
    }
    return Arrays.stream(NailSpot.values())
        .filter(spot -> photo.mark(finger, spot).isEmpty())
        .findFirst()
        .map(
            spot ->
                new Next(
                    MarkName.of(finger, spot),
                    Words.say(
                        spot.needed() ? "photo.mark-next" : "photo.mark-or-go-on",
                        "finger",
                        finger,
                        "spot",
                        spot)))
        .orElse(new Next(null, Words.say("photo.marked", "finger", finger)));
  }

  private static List<Nail> nails(HandPhoto photo, Finger chosen) {
    List<Nail> nails = new ArrayList<>();
    for (Finger finger : Finger.of(photo.getHand())) {
      PhotoDesk.Outcome outcome = PhotoDesk.measure(photo, finger);
      nails.add(
          new Nail(
              finger,
              String.valueOf(finger.digit().ordinal() + 1),
              finger == chosen,
              outcome.measure().map(PhotoController::figures).orElse(List.of()),
              (int)
                  Arrays.stream(NailSpot.values())
                      .filter(spot -> photo.mark(finger, spot).isPresent())
                      .count(),
              outcome.trouble().orElse(null)));
    }
    return nails;
  }

  private static List<Figure> figures(PhotoMeasure measure) {
    return measure.values().entrySet().stream()
        .map(
            entry -> {
              Quantity quantity = entry.getKey();
              double band = measure.bands().get(quantity);
              return new Figure(
                  Words.of(quantity),
                  Numbers.withUnit(quantity, entry.getValue()),
                  "± " + Numbers.format(band, quantity.decimals() + 1));
            })
        .toList();
  }
}
