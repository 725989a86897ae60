package ongle.app.fit;

import java.util.Optional;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.frame.SetPage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.NailPlan;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Fitting: which way to build on which finger, with which tip or form, and what to do to it. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/fit")
class FitController {
  private final SetReader reader;
  private final SetEditor editor;

  FitController(SetReader reader, SetEditor editor) {
    this.reader = reader;
    this.editor = editor;
  }

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    FitPage.show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
    return "fit/page";
  }

  /**
   * @param kit the number is of; with a kit alone, the size advised from it is taken
   * @param number of the tip to take; without kit and number back to the advised one
   */
  @PostMapping("/{finger}/tip")
  String take(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String kit,
      @RequestParam(defaultValue = "") String number,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<TipNumber> wanted =
        kit.isBlank()
            ? Optional.empty()
            : Optional.of(new TipNumber(kit, number.isBlank() ? nearest(id, finger, kit) : number));
    wanted.ifPresent(tip -> known(reader.planned(id).of(finger), tip));
    FitPage.show(editor.make(id, Change.tip(finger, wanted)), finger, seat, model);
    return "fit/page :: stage";
  }

  /**
   * @param way to go; left out to go back to the one ranked first
   */
  @PostMapping("/{finger}/way")
  String go(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Optional<BuildWay> way,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    FitPage.show(editor.make(id, Change.method(finger, way)), finger, seat, model);
    return "fit/page :: stage";
  }

  /** Tips or forms where either would do, for the whole set. */
  @PostMapping("/{finger}/school")
  String prefer(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam TipsOrForms school,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    FitPage.show(editor.make(id, Change.prefer(school)), finger, seat, model);
    return "fit/page :: stage";
  }

  /** How bitten nails are built on in this set. */
  @PostMapping("/{finger}/bitten")
  String prefer(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam FreeHandOrForms bitten,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    FitPage.show(editor.make(id, Change.prefer(bitten)), finger, seat, model);
    return "fit/page :: stage";
  }

  /**
   * @param kit of tips to lead the set; empty for the one with the least to file
   */
  @PostMapping("/{finger}/kit")
  String fitFrom(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String kit,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Optional<String> lead = Optional.of(kit).filter(code -> !code.isBlank());
    lead.ifPresent(
        code -> {
          if (FitPage.leads(reader.planned(id)).stream()
              .noneMatch(each -> each.code().equals(code))) {
            throw new NotFound("kit " + code);
          }
        });
    FitPage.show(editor.make(id, Change.fitFrom(lead)), finger, seat, model);
    return "fit/page :: stage";
  }

  /** The size to show of a kit: the advised one, else the nearest. */
  private String nearest(long id, Finger finger, String kit) {
    TipSizing sizing =
        reader
            .planned(id)
            .of(finger)
            .fit()
            .ofKit(kit)
            .orElseThrow(() -> new NotFound("kit " + kit));
    return sizing.advised().map(TipPick::number).orElseGet(() -> sizing.nearest().tip().number());
  }

  private static void known(NailPlan plan, TipNumber tip) {
    if (plan.fit().ofKit(tip.kit()).flatMap(sizing -> sizing.ofNumber(tip.number())).isEmpty()) {
      throw new NotFound("tip " + tip.number() + " of " + tip.kit());
    }
  }
}
