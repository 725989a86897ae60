package ongle.app.standin;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
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
@RequestMapping("/standin/camera")
class CameraController {
  private static final double MAX_TILT = 60;

  private final DrawnHandCamera camera;

  CameraController(DrawnHandCamera camera) {
    this.camera = camera;
  }

  @GetMapping
  String page(Model model) {
    model.addAttribute("setting", camera.setting());
    model.addAttribute("hands", Hand.values());
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
