package ongle.app.photo;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.app.check.CheckWords;
import ongle.app.check.Checks;
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
import ongle.core.check.AsBuilt;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.photo.Spot;
import ongle.core.plan.NailPlan;
import ongle.core.trace.Traced;
import ongle.core.trace.View;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;
import org.jspecify.annotations.Nullable;
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

/** Measuring a built nail from pictures above, from the side and down the barrel. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/check/pictures")
class TraceController {
  private final SetReader reader;
  private final Consents consents;
  private final TraceDesk desk;
  private final NailCamera camera;
  private final Checks checks;

  TraceController(
      SetReader reader, Consents consents, TraceDesk desk, NailCamera camera, Checks checks) {
    this.reader = reader;
    this.consents = consents;
    this.desk = desk;
    this.camera = camera;
    this.checks = checks;
  }

  /**
   * A mark as drawn.
   *
   * @param anchor whether the technician sets it; else it lies on an edge
   */
  record Mark(String name, String label, String x, String y, boolean anchor) {}

  /** The picture itself, px. */
  record Shot(long id, int width, int height) {}

  /** An edge as the nail found would show it, as points of an SVG line. */
  record Edge(String points) {}

  /** A measure with how far it may be off, and what was planned. */
  record Figure(String label, String value, String band, String planned) {}

  /**
   * One of the three pictures.
   *
   * @param says how far it has got
   */
  record Tab(View view, boolean shown, String says) {}

  /**
   * What to mark next.
   *
   * @param name of the mark; null when nothing is missing
   */
  record Next(@Nullable String name, String label) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @RequestParam Optional<View> view,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Finger shown = SetPage.chosen(finger, seat);
    show(id, shown, view, seat, model);
    return "photo/trace";
  }

  @PostMapping("/{finger}/{view}")
  String upload(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable View view,
      @RequestParam Optional<MultipartFile> file,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    return takeIn(id, finger, view, () -> Picture.uploaded(file), seat, model);
  }

  /** A picture from the camera over the desk. */
  @PostMapping("/{finger}/{view}/camera")
  String take(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable View view,
      @ModelAttribute("seat") Seat seat,
      Model model)
      throws IOException {
    NailPlan plan = built(reader.planned(id), finger);
    return takeIn(id, finger, view, () -> Picture.of(camera.take(plan, view)), seat, model);
  }

  private String takeIn(
      long id, Finger finger, View view, Picture.Source source, Seat seat, Model model)
      throws IOException {
    built(reader.planned(id), finger); // no picture of a nail that is not there
    try {
      desk.takeIn(id, finger, view, source.get());
    } catch (IllegalArgumentException e) {
      show(id, finger, Optional.of(view), seat, model);
      model.addAttribute("trouble", e.getMessage());
      return "photo/trace";
    }
    return "redirect:" + address(id, finger, view);
  }

  private static NailPlan built(PlannedSet planned, Finger finger) {
    NailPlan plan = planned.of(finger);
    if (plan.extension() <= 0 || plan.stop().isPresent()) {
      throw new NotFound("a built nail on " + Words.of(finger));
    }
    return plan;
  }

  private static String address(long id, Finger finger, View view) {
    return "/sets/" + id + "/check/pictures?finger=" + finger + "&view=" + view;
  }

  @GetMapping(path = "/{finger}/{view}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> image(
      @PathVariable long id, @PathVariable Finger finger, @PathVariable View view) {
    NailPicture picture = desk.of(id, finger).get(view);
    if (picture == null) {
      throw new NotFound("picture");
    }
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(java.time.Duration.ofHours(1)).cachePrivate())
        .body(picture.getJpeg());
  }

  /** Sets or moves a mark. */
  @PostMapping("/{finger}/{view}/mark")
  String mark(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable View view,
      @RequestParam String name,
      @RequestParam double x,
      @RequestParam double y,
      @RequestParam(defaultValue = "false") boolean snap,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    if (!Double.isFinite(x) || !Double.isFinite(y)) {
      throw new ResponseStatusException(HttpStatus.BAD_REQUEST, "no place in a picture");
    }
    desk.mark(id, finger, view, name, new Spot(x, y), snap);
    return marked(id, finger, view, seat, model);
  }

  @PostMapping("/{finger}/{view}/unmark")
  String unmark(
      @PathVariable long id,
      @PathVariable Finger finger,
      @PathVariable View view,
      @RequestParam String name,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    desk.unmark(id, finger, view, name);
    return marked(id, finger, view, seat, model);
  }

  /** Looks for the edges anew. */
  @PostMapping("/{finger}/{view}/trace")
  String trace(@PathVariable long id, @PathVariable Finger finger, @PathVariable View view) {
    desk.trace(id, finger);
    return "redirect:" + address(id, finger, view);
  }

  @PostMapping("/{finger}/{view}/forget")
  String forget(@PathVariable long id, @PathVariable Finger finger, @PathVariable View view) {
    desk.forget(id, finger, view);
    return "redirect:" + address(id, finger, view);
  }

  /** Writes what the pictures tell into the check. */
  @PostMapping("/{finger}/take-over")
  String takeOver(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "false") boolean keep,
      @ModelAttribute("technician") String technician) {
    return desk.takeOver(id, finger, keep, technician)
        ? "redirect:/sets/" + id + "/check?finger=" + finger
        : "redirect:/sets/" + id + "/check/pictures?finger=" + finger;
  }

  private String marked(long id, Finger finger, View view, Seat seat, Model model) {
    show(id, finger, Optional.of(view), seat, model);
    model.addAttribute("edit", new Edit.Saved());
    return "photo/trace :: marked";
  }

  private void show(long id, Finger finger, Optional<View> asked, Seat seat, Model model) {
    PlannedSet planned = reader.planned(id);
    NailPlan plan = planned.of(finger);
    model.addAttribute(
        "page",
        SetPage.of(planned, Stage.CHECK, "check/pictures", finger, seat)
            .with(CheckWords.figures(checks.of(planned))));
    Map<View, NailPicture> pictures = desk.of(id, finger);
    View view =
        asked.orElseGet(
            () ->
                Arrays.stream(View.values())
                    .filter(each -> !pictures.containsKey(each) || !pictures.get(each).isMarked())
                    .findFirst()
                    .orElse(View.ABOVE));
    NailPicture picture = pictures.get(view);
    TraceDesk.Outcome outcome = desk.outcome(plan, pictures);
    model.addAttribute("finger", finger);
    model.addAttribute("agreed", consents.mayPicture(id));
    model.addAttribute("built", plan.extension() > 0 && plan.stop().isEmpty());
    model.addAttribute("view", view);
    model.addAttribute(
        "tabs",
        Arrays.stream(View.values())
            .map(each -> new Tab(each, each == view, says(each, pictures.get(each))))
            .toList());
    model.addAttribute(
        "picture",
        picture == null
            ? null
            : new Shot(picture.getId(), picture.getWidth(), picture.getHeight()));
    model.addAttribute("why", outcome.trouble().orElse(null));
    model.addAttribute("sound", outcome.sound());
    model.addAttribute("kept", pictures.values().stream().anyMatch(NailPicture::isKept));
    model.addAttribute("figures", outcome.traced().map(t -> figures(plan, t)).orElse(List.of()));
    if (picture != null) {
      model.addAttribute("viewBox", "0 0 " + picture.getWidth() + " " + picture.getHeight());
      model.addAttribute("dot", picture.getWidth() / 150.0);
      model.addAttribute("marks", marks(picture));
      model.addAttribute("edges", outcome.traced().map(t -> edges(view, t)).orElse(List.of()));
      model.addAttribute("next", next(picture));
    }
  }

  private static String says(View view, @Nullable NailPicture picture) {
    if (picture == null) {
      return Words.say("trace.no-picture");
    }
    int points = picture.traced(false).values().stream().mapToInt(Map::size).sum();
    return points > 0
        ? Words.say("trace.points", "points", points)
        : Words.say("trace.marks", "marks", picture.anchors().size(), "of", view.anchors().size());
  }

  private static List<Figure> figures(NailPlan plan, Traced traced) {
    List<Figure> figures = new ArrayList<>();
    for (Quantity quantity : AsBuilt.QUANTITIES) {
      Double value = traced.values().get(quantity);
      if (value != null) {
        figures.add(
            new Figure(
                Words.of(quantity),
                Numbers.withUnit(quantity, value),
                "± " + Numbers.format(traced.bands().get(quantity), quantity.decimals() + 1),
                Numbers.format(AsBuilt.planned(plan, quantity), quantity.decimals())));
      }
    }
    return figures;
  }

  private static List<Edge> edges(View view, Traced traced) {
    return view.curves().stream()
        .map(
            curve ->
                new Edge(
                    traced.line(view, curve).stream()
                        .map(at -> Numbers.plain(at.x(), 1) + "," + Numbers.plain(at.y(), 1))
                        .collect(Collectors.joining(" "))))
        .toList();
  }

  private static List<Mark> marks(NailPicture picture) {
    List<Mark> marks = new ArrayList<>();
    for (Curve curve : picture.getView().curves()) {
      for (int i = 0; i < curve.points(); i++) {
        String name = NailPicture.name(curve, i);
        int number = i + 1;
        picture
            .mark(name)
            .ifPresent(
                at ->
                    marks.add(
                        mark(
                            name,
                            Words.say("trace.point", "curve", Words.of(curve), "number", number),
                            at,
                            false)));
      }
    }
    for (Anchor anchor : picture.getView().anchors()) {
      picture
          .mark(anchor.name())
          .ifPresent(
              at -> marks.add(mark(anchor.name(), says(picture.getView(), anchor), at, true)));
    }
    return marks;
  }

  private static Mark mark(String name, String label, Spot at, boolean anchor) {
    return new Mark(name, label, Numbers.plain(at.x(), 1), Numbers.plain(at.y(), 1), anchor);
  }

  private static String says(View view, Anchor anchor) {
    return switch (view) {
      case ABOVE -> Words.of(anchor, "above");
      case SIDE -> Words.of(anchor, "side");
      case BARREL -> Words.of(anchor, "barrel");
    };
  }

  private static Next next(NailPicture picture) {
    return picture.getView().anchors().stream()
        .filter(anchor -> picture.mark(anchor.name()).isEmpty())
        .findFirst()
        .map(anchor -> new Next(anchor.name(), says(picture.getView(), anchor)))
        .orElse(new Next(null, Words.say("trace.traced")));
  }
}
