package ongle.app.standin;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.check.Part;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.trace.View;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The stand-in camera's own page: how it is held, what it sees, and what it really drew. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/standin/camera")
class CameraController {
  private static final double MAX_TILT = 60;

  private static final double FARTHEST = 15;
  private static final double MAX_NAIL_TILT = 30;

  private final DrawnHandCamera camera;
  private final DrawnNailCamera nails;
  private final SetReader reader;

  CameraController(DrawnHandCamera camera, DrawnNailCamera nails, SetReader reader) {
    this.camera = camera;
    this.nails = nails;
    this.reader = reader;
  }

  /** In what the drawn nail differs from its plan. */
  record PartRow(Part part, String name, double off) {}

  @GetMapping
  String page(Model model) {
    model.addAttribute("setting", camera.setting());
    model.addAttribute("hands", Hand.values());
    model.addAttribute("nail", nails.setting());
    model.addAttribute(
        "parts",
        EnumSet.range(Part.LENGTH, Part.TILT).stream()
            .map(
                part ->
                    new PartRow(
                        part, Words.of(part), nails.setting().off().getOrDefault(part, 0.0)))
            .toList());
    model.addAttribute(
        "sizes",
        Arrays.stream(Finger.values())
            .collect(
                Collectors.toMap(
                    Words::of,
                    finger -> size(DrawnHand.nail(finger)),
                    (a, b) -> a,
                    java.util.LinkedHashMap::new)));
    return "standin/camera";
  }

  private static String size(Nail nail) {
    return Words.say(
        "standin.camera.nail",
        "width",
        nail.width(),
        "length",
        nail.plateLength(),
        "edge",
        nail.freeEdgeDepth(),
        "lean",
        nail.lean());
  }

  @PostMapping
  String hold(
      @RequestParam(defaultValue = "0") double tilt,
      @RequestParam(defaultValue = "0") double towards,
      @RequestParam(defaultValue = "false") boolean cardOnTable,
      @RequestParam(defaultValue = "false") boolean onItsSide) {
    camera.hold(
        new DrawnHandCamera.Setting(
            Math.max(0, Math.min(MAX_TILT, tilt)), towards, cardOnTable, onItsSide));
    return "redirect:/standin/camera";
  }

  /**
   * How it is held to one built nail, and what that has otherwise than its plan.
   *
   * @param off by the names of {@link Part}, in each one's unit
   */
  @PostMapping("/nail")
  String holdToNail(
      @RequestParam(defaultValue = "0") double tilt,
      @RequestParam(defaultValue = "0") double towards,
      @RequestParam Map<String, String> off) {
    Map<Part, Double> parts = new EnumMap<>(Part.class);
    for (Part part : EnumSet.range(Part.LENGTH, Part.TILT)) {
      Numbers.parse(off.getOrDefault(part.name(), ""))
          .map(value -> Math.max(-FARTHEST, Math.min(FARTHEST, value)))
          .filter(value -> value != 0)
          .ifPresent(value -> parts.put(part, value));
    }
    nails.hold(
        new DrawnNailCamera.Setting(
            Math.max(0, Math.min(MAX_NAIL_TILT, tilt)), finite(towards), parts));
    return "redirect:/standin/camera";
  }

  private static double finite(double degrees) {
    return Double.isFinite(degrees) ? degrees % 360 : 0;
  }

  /** Where every mark belongs in a picture of a built nail, px: for comparing only. */
  @GetMapping(path = "/nail.json", produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseBody
  Map<String, List<Double>> nailTruth(
      @RequestParam long set, @RequestParam Finger finger, @RequestParam View view) {
    return nails.truth(reader.planned(set).of(finger), view).entrySet().stream()
        .collect(
            Collectors.toMap(
                entry -> entry.getKey().name(),
                entry -> List.of(entry.getValue().x(), entry.getValue().y())));
  }

  /** The picture it would take now. */
  @GetMapping(path = "/{hand}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable Hand hand) {
    return ResponseEntity.ok().body(camera.take(hand));
  }

  /**
   * Where every mark belongs in it, px of the upright picture: for comparing, never for measuring.
   */
  @GetMapping(path = "/{hand}.json", produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseBody
  Map<String, List<Double>> truth(@PathVariable Hand hand) {
    return camera.sees(hand).truth().entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey, entry -> List.of(entry.getValue().x(), entry.getValue().y())));
  }
}
