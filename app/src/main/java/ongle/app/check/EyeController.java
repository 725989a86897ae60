package ongle.app.check;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import ongle.app.drawing.ClientsEye;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.core.check.Body;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.photo.Spot;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How the set looks from the client's own side, as built and as planned. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/check/eye")
class EyeController {
  /** Cloth the hands lie on. */
  private static final int GROUND = 0xe9e4de;

  private static final int ABOVE_TIP = 12;

  private final VisitPlanner visits;
  private final Checks checks;

  EyeController(VisitPlanner visits, Checks checks) {
    this.visits = visits;
    this.checks = checks;
  }

  /**
   * What is written at a tip.
   *
   * @param x in the picture, px
   * @param y above the tip, px
   * @param stands whether it is out of the ten
   */
  record Label(Finger finger, NailCheck.Verdict verdict, long x, long y, boolean stands) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedVisit visit = visits.of(id);
    SetCheck check = checks.of(visit.planned());
    model.addAttribute(
        "page",
        SetPage.of(visit.planned(), Stage.CHECK, "check/eye", SetPage.chosen(finger, seat), seat)
            .with(CheckWords.figures(check)));
    model.addAttribute("width", ClientsEye.WIDTH);
    model.addAttribute("height", ClientsEye.HEIGHT);
    model.addAttribute("built", labels(check, true));
    model.addAttribute("planned", labels(check, false));
    model.addAttribute("version", Integer.toHexString(visit.planned().set().built().hashCode()));
    return "check/eye";
  }

  private static List<Label> labels(SetCheck check, boolean built) {
    Map<Finger, Spot> tips = ClientsEye.tips(bodies(check, built));
    List<Label> labels = new ArrayList<>();
    check
        .nails()
        .forEach(
            (finger, nail) -> {
              Spot at = tips.get(finger);
              labels.add(
                  new Label(
                      finger,
                      nail.verdict(),
                      Math.round(at.x()),
                      Math.round(at.y()) - ABOVE_TIP,
                      check.outOfTheTen().filter(finger::equals).isPresent()));
            });
    return labels;
  }

  private static Map<Finger, Body> bodies(SetCheck check, boolean built) {
    Map<Finger, Body> bodies = new EnumMap<>(Finger.class);
    check
        .nails()
        .forEach(
            (finger, nail) ->
                bodies.put(
                    finger, built ? Body.of(nail.built()) : new Body(nail.plan(), Map.of())));
    return bodies;
  }

  /** As built. */
  @GetMapping(path = "/built.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> built(@PathVariable long id) {
    return picture(visits.of(id).planned(), true);
  }

  /** As planned. */
  @GetMapping(path = "/planned.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> planned(@PathVariable long id) {
    return picture(visits.of(id).planned(), false);
  }

  private ResponseEntity<byte[]> picture(PlannedSet planned, boolean built) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(ClientsEye.of(bodies(checks.of(planned), built), GROUND), "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(1)).cachePrivate())
        .body(out.toByteArray());
  }
}
