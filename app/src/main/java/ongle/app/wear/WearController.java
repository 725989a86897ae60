package ongle.app.wear;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import ongle.app.drawing.PlacesDrawing;
import ongle.app.drawing.WearDrawing;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.photo.FindingPictures;
import ongle.app.words.Dates;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.bench.Infill;
import ongle.core.cause.Cause;
import ongle.core.cause.Change;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import ongle.core.check.NailCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.wear.LoadFactor;
import ongle.core.wear.Outlook;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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

/** The stage Wear: tap on what happened, see why, take the change over. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/wear")
class WearController {
  private static final double CUBIC_MM_A_ML = 1000;

  private final Wears wears;
  private final WearDesk desk;
  private final Lessons lessons;
  private final OnHands onHands;
  private final FindingPictures pictures;

  WearController(
      Wears wears, WearDesk desk, Lessons lessons, OnHands onHands, FindingPictures pictures) {
    this.pictures = pictures;
    this.wears = wears;
    this.desk = desk;
    this.lessons = lessons;
    this.onHands = onHands;
  }

  /** A cause as it is shown. */
  record Why(String cause, String share, List<String> speaksFor, List<String> speaksAgainst) {}

  /**
   * Something that happened, as it is shown.
   *
   * @param own whether the cause is the technician's
   * @param change for next time; null where nothing is changed
   */
  record Happened(
      long id,
      Finger finger,
      String what,
      String when,
      @Nullable String said,
      List<Why> why,
      Cause cause,
      boolean own,
      @Nullable String change) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(id, SetPage.chosen(finger, seat), seat, model);
    return "wear/page";
  }

  @PostMapping("/{finger}")
  String note(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Finding.Kind kind,
      @RequestParam Finding.Place place,
      @RequestParam(defaultValue = "") String far,
      @RequestParam(defaultValue = "") String day,
      @RequestParam(defaultValue = "") String whole,
      @RequestParam(defaultValue = "NOTHING_KNOWN") Finding.After after,
      @RequestParam(defaultValue = "") String said,
      @RequestParam(defaultValue = "false") boolean told,
      @RequestParam Optional<MultipartFile> picture,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    try {
      WearForm form =
          new WearForm(
              kind,
              place,
              far.isBlank()
                  ? 0
                  : Numbers.parse(far)
                      .filter(value -> value >= 0)
                      .orElseThrow(
                          () ->
                              new IllegalArgumentException(
                                  Words.say("wear.too-far", "most", Finding.FARTHEST))),
              whole.isBlank() ? Optional.empty() : Optional.of(date(whole)),
              after,
              said.isBlank()
                  ? null
                  : said.strip().substring(0, Math.min(WearForm.LONGEST, said.strip().length())),
              told);
      LocalDate found = day.isBlank() ? wears.today() : date(day);
      Optional<FindingPictures.Readable> shown = pictures.read(id, picture);
      if (shown.isPresent()) {
        desk.note(id, finger, found, form, shown.get());
      } else {
        desk.note(id, finger, found, form);
      }
    } catch (IllegalArgumentException e) {
      show(id, finger, seat, model);
      model.addAttribute("trouble", e.getMessage());
      model.addAttribute(
          "typed",
          Map.of(
              "kind",
              kind.name(),
              "place",
              place.name(),
              "far",
              far,
              "day",
              day,
              "whole",
              whole,
              "after",
              after.name(),
              "said",
              said,
              "told",
              String.valueOf(told)));
      return "wear/page";
    }
    return "redirect:/sets/" + id + "/wear?finger=" + finger;
  }

  private static LocalDate date(String typed) {
    try {
      return LocalDate.parse(typed.strip());
    } catch (java.time.format.DateTimeParseException e) {
      throw new IllegalArgumentException(Words.say("wear.no-day"), e);
    }
  }

  @GetMapping(path = "/findings.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv(@PathVariable long id) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("wear-" + id + ".csv").build().toString())
        .body(WearCsv.write(wears.of(id)).getBytes(StandardCharsets.UTF_8));
  }

  /** A picture of what happened. */
  @GetMapping(path = "/pictures/{picture}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable long picture) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
        .body(pictures.jpeg(id, picture));
  }

  /** All fine where nothing else is known. */
  @PostMapping("/fine")
  String fine(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String day,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    try {
      desk.fine(id, day.isBlank() ? wears.today() : date(day));
    } catch (IllegalArgumentException e) {
      show(id, SetPage.chosen(Optional.empty(), seat), seat, model);
      model.addAttribute("trouble", e.getMessage());
      return "wear/page";
    }
    return "redirect:/sets/" + id + "/wear";
  }

  @PostMapping("/notes/{note}/forget")
  String forget(@PathVariable long id, @PathVariable long note) {
    desk.forget(id, note);
    return "redirect:/sets/" + id + "/wear";
  }

  /** The technician names another cause. */
  @PostMapping("/notes/{note}/cause")
  String hold(
      @PathVariable long id,
      @PathVariable long note,
      @RequestParam Optional<Cause> cause,
      @RequestParam Optional<Finger> finger) {
    desk.hold(id, note, cause);
    return "redirect:/sets/" + id + "/wear" + finger.map(f -> "?finger=" + f).orElse("");
  }

  /** Begins the visit that builds what failed anew, the changes taken over. */
  @PostMapping("/redo")
  String redo(@PathVariable long id, @RequestParam UUID formKey) {
    return lessons
        .redo(id, formKey)
        .map(next -> "redirect:/sets/" + next + "/look")
        .orElse("redirect:/sets/" + id + "/wear");
  }

  /** Takes the changes over into the client's next set of all ten. */
  @PostMapping("/next")
  String goOn(@PathVariable long id, @RequestParam UUID formKey) {
    return "redirect:/sets/" + lessons.goOn(id, formKey) + "/look";
  }

  private void show(long id, Finger finger, Seat seat, Model model) {
    Wears.Worn worn = wears.of(id);
    onHands.keep(id, worn);
    Map<Finger, String> figures = new EnumMap<>(Finger.class);
    worn.fine().forEach(each -> figures.put(each, Words.say("wear.fine")));
    worn.explained()
        .forEach(
            each -> figures.put(each.finding().finger(), Words.of(each.finding().kind(), "short")));
    worn.check().nails().keySet().forEach(each -> figures.putIfAbsent(each, "–"));
    model.addAttribute(
        "page",
        SetPage.of(worn.visit().planned(), Stage.WEAR, Stage.WEAR.path(), finger, seat)
            .with(figures));
    model.addAttribute("finger", finger);
    model.addAttribute("built", worn.check().of(finger).isPresent());
    LocalDate built = worn.visit().planned().set().getCreatedAt().toLocalDate();
    int today = WearNote.days(built, wears.today());
    model.addAttribute("scene", WearDrawing.of(rows(worn, seat), today));
    worn.check()
        .of(finger)
        .ifPresent(
            nail ->
                model.addAttribute(
                    "where",
                    PlacesDrawing.of(
                        nail.plan(),
                        seat,
                        worn.explained().stream()
                            .map(Wears.Explained::finding)
                            .filter(each -> each.finger() == finger)
                            .toList())));
    model.addAttribute("pictures", pictures.of(id));
    model.addAttribute("infill", infill(worn));
    model.addAttribute("stays", stays(worn, wears.share()));
    List<Happened> happened = worn.explained().stream().map(WearController::happened).toList();
    model.addAttribute("happened", happened.stream().filter(e -> e.finger() == finger).toList());
    model.addAttribute("others", happened.stream().filter(e -> e.finger() != finger).toList());
    model.addAttribute("failed", happened.size());
    model.addAttribute(
        "changes",
        happened.stream().map(Happened::change).filter(c -> c != null).distinct().toList());
    model.addAttribute(
        "common",
        worn.common()
            .map(Diagnosis::first)
            .filter(first -> first.cause() != Cause.UNKNOWN)
            .filter(first -> first.share() >= Diagnosis.CLAIMED)
            .map(
                first ->
                    Words.say(
                        "wear.common",
                        "cause",
                        Words.of(first.cause()),
                        "share",
                        100 * first.share()))
            .orElse(null));
    model.addAttribute("clientId", worn.visit().planned().client().getId());
    model.addAttribute(
        "next",
        worn.next()
            .map(set -> Dates.of(set.getCreatedAt().toLocalDate(), "daymonth"))
            .orElse(null));
    model.addAttribute("kinds", Finding.Kind.values());
    model.addAttribute("places", Finding.Place.values());
    model.addAttribute("afters", Finding.After.values());
    model.addAttribute("causes", Cause.values());
    model.addAttribute("today", wears.today());
    model.addAttribute("from", built);
    model.addAttribute("formKey", UUID.randomUUID());
    model.addAttribute("typed", Map.of());
  }

  private static List<WearDrawing.Row> rows(Wears.Worn worn, Seat seat) {
    LoadFactor hands = worn.hands();
    List<WearDrawing.Row> rows = new ArrayList<>();
    for (NailCheck nail : worn.check().inOrder(Finger.asSeenFrom(seat))) {
      Finger finger = nail.plan().nail().finger();
      Outlook outlook = nail.outlook();
      rows.add(
          new WearDrawing.Row(
              finger,
              outlook.due().day(),
              worn.whole().stream()
                  .filter(note -> note.getFinger() == finger)
                  .map(WearNote::getDays)
                  .toList(),
              worn.explained().stream()
                  .map(Wears.Explained::finding)
                  .filter(each -> each.finger() == finger)
                  .map(Finding::day)
                  .toList(),
              hands.survives(nail.course(), outlook.due().day())));
    }
    return rows;
  }

  /** Until when all are whole with the share that is asked, beside the day the infill is due. */
  private static String stays(Wears.Worn worn, double share) {
    OptionalInt until = worn.staysUntil(share);
    return until.isPresent()
        ? Words.say("wear.stays", "share", 100 * share, "day", until.getAsInt(), "due", worn.due())
        : Words.say("wear.stays.long", "share", 100 * share, "due", worn.due());
  }

  /** What the infill will take on the day it is due; null where nothing is left to fill. */
  private static @Nullable String infill(Wears.Worn worn) {
    Set<Finger> failed = EnumSet.noneOf(Finger.class);
    worn.explained().forEach(each -> failed.add(each.finding().finger()));
    int due = worn.due();
    double gap = 0;
    double volume = 0;
    int filled = 0;
    for (NailCheck nail : worn.check().nails().values()) {
      if (failed.contains(nail.plan().nail().finger())) {
        continue;
      }
      Infill infill = Infill.of(nail.plan(), nail.outlook().on(due).gap());
      gap = Math.max(gap, infill.gap());
      volume += infill.share() * nail.plan().volumes().total();
      filled++;
    }
    return filled == 0
        ? null
        : Words.say(
            "wear.infill",
            "day",
            due,
            "nails",
            filled,
            "ml",
            volume / CUBIC_MM_A_ML,
            "gap",
            gap,
            "anew",
            failed.size());
  }

  private static Happened happened(Wears.Explained each) {
    Finding finding = each.finding();
    Change change = Change.against(each.cause());
    return new Happened(
        each.note().getId(),
        finding.finger(),
        Words.say(
            "wear.what",
            "kind",
            Words.of(finding.kind()),
            "place",
            Words.of(finding.place()),
            "far",
            finding.far()),
        Words.say(
            "wear.when", "day", finding.day(), "on", Dates.of(each.note().getSeenOn(), "daymonth")),
        each.note().getSaid(),
        each.diagnosis().named().stream().map(WearController::why).toList(),
        each.cause(),
        each.note().ownCause().isPresent(),
        change == Change.NONE ? null : Words.of(change));
  }

  private static Why why(Diagnosis.Ranked ranked) {
    return new Why(
        Words.of(ranked.cause()),
        Words.say("wear.share", "share", 100 * ranked.share()),
        evidence(ranked.speaksFor()),
        evidence(ranked.speaksAgainst()));
  }

  private static List<String> evidence(List<Diagnosis.Evidence> all) {
    return all.stream()
        .limit(3)
        .map(each -> each.so() ? Words.of(each.sign()) : Words.of(each.sign(), "not"))
        .toList();
  }
}
