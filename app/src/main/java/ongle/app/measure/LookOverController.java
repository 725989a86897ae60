package ongle.app.measure;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import ongle.app.deeds.Act;
import ongle.app.deeds.Deeds;
import ongle.app.deeds.Part;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.sets.SetNail;
import ongle.app.web.Edit;
import ongle.app.web.FormReading;
import ongle.app.words.Dates;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Range;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.OldBuild;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.plan.Contraindication;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Looking before measuring: plates, skin, what is on the nails, what the hands do, what is wanted.
 */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/look")
class LookOverController {
  private final SetReader reader;
  private final SetEditor editor;
  private final Deeds deeds;

  LookOverController(SetReader reader, SetEditor editor, Deeds deeds) {
    this.reader = reader;
    this.editor = editor;
    this.deeds = deeds;
  }

  /** One finger as looked at. */
  record Seen(
      Finger finger,
      PlateCondition condition,
      SkinState skin,
      EarlierProduct earlier,
      OldBuild old,
      String measured,
      String clip) {}

  /**
   * A finger that is not built on, or is built on for a reason.
   *
   * @param reason why it is built on all the same; null if it is not
   * @param by who said so and when; null where that is not on record
   */
  record Halted(Finger finger, Contraindication stop, String reason, String by) {
    public boolean mayBeOverruled() {
      return stop == null || stop.answer() == Contraindication.Answer.REASON;
    }
  }

  /** What a hand does all day. */
  record Does(Hand hand, Activity activity) {}

  /**
   * What was said, each by itself; null where nothing was sent.
   *
   * @param reason to build on a finger all the same
   */
  record Said(
      @Size(max = 500, message = "text.longest") String wishes,
      @Size(max = 120, message = "text.longest") String guardian,
      @Size(max = 200, message = "text.longest") String allergyHarmless,
      @Size(max = 200, message = "text.longest") String reason) {
    /** The change one of them asks for; empty where it was not sent. */
    Optional<Change> change(What what) {
      return switch (what) {
        case WISHES -> Optional.ofNullable(wishes).map(Change::wishes);
        case GUARDIAN -> Optional.ofNullable(guardian).map(Change::agreed);
        case ALLERGY -> Optional.ofNullable(allergyHarmless).map(Change::allergySettled);
      };
    }
  }

  /** Which of them is said: on record beside who noted it. */
  enum What {
    WISHES,
    GUARDIAN,
    ALLERGY
  }

  /**
   * A text that could not be taken.
   *
   * @param field it was typed into
   */
  record Refusal(String field, String typed, String why) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
    return "measure/look";
  }

  /** One thing seen on one finger. */
  @PostMapping("/{finger}")
  String seen(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "false") boolean plate,
      @RequestParam(required = false) Set<PlateFinding> finding,
      @RequestParam Optional<SkinState> skin,
      @RequestParam Optional<EarlierProduct> earlier,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    if (plate) {
      model.addAttribute("picking", finger);
    }
    PlannedSet planned = note(id, List.of(finger), seenOn(plate, finding), skin, earlier);
    return answer(planned, finger, seat, model);
  }

  /** The same seen on all ten. */
  @PostMapping("/all")
  String seenOnAll(
      @PathVariable long id,
      @RequestParam(defaultValue = "false") boolean plate,
      @RequestParam(required = false) Set<PlateFinding> finding,
      @RequestParam Optional<SkinState> skin,
      @RequestParam Optional<EarlierProduct> earlier,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = note(id, List.of(Finger.values()), seenOn(plate, finding), skin, earlier);
    return answer(planned, SetPage.chosen(finger, seat), seat, model);
  }

  /** What is known of the build on one finger. */
  @PostMapping("/{finger}/old")
  String old(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam Optional<OldBuild.Thickness> thickness,
      @RequestParam Optional<String> measured,
      @RequestParam Optional<String> clip,
      @RequestParam Optional<Boolean> tip,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    for (Optional<String> typed : List.of(measured, clip)) {
      Range range = typed == measured ? OldBuild.THICKNESS : OldBuild.CLIP;
      if (typed.filter(text -> !text.isBlank() && read(text, range).isEmpty()).isPresent()) {
        show(reader.planned(id), finger, seat, model);
        String why = Words.say("measure.old.allowed", "min", range.min(), "max", range.max());
        String field = (typed == measured ? "measured-" : "clip-") + finger;
        model.addAttribute("refusal", new Refusal(field, typed.get(), why));
        model.addAttribute("edit", new Edit.Refused(why));
        return "measure/look :: answer";
      }
    }
    return answer(
        editor.make(
            id,
            Change.judged(
                finger,
                old -> {
                  OldBuild known = thickness.map(old::with).orElse(old);
                  known =
                      measured.isPresent()
                          ? known.measuring(read(measured.get(), OldBuild.THICKNESS))
                          : known;
                  known =
                      clip.isPresent() ? known.clipping(read(clip.get(), OldBuild.CLIP)) : known;
                  return tip.isPresent() ? known.onTip(tip.get()) : known;
                })),
        finger,
        seat,
        model);
  }

  /** A number within a range; empty for nothing typed, or what is none. */
  private static OptionalDouble read(String typed, Range range) {
    return Numbers.parse(typed).filter(range::allows).stream()
        .mapToDouble(Double::doubleValue)
        .findFirst();
  }

  /** The plate as ticked; empty where the plate was not asked about. */
  private static Optional<PlateCondition> seenOn(boolean plate, Set<PlateFinding> finding) {
    return plate
        ? Optional.of(new PlateCondition(finding == null ? Set.of() : finding))
        : Optional.empty();
  }

  private PlannedSet note(
      long id,
      List<Finger> fingers,
      Optional<PlateCondition> condition,
      Optional<SkinState> skin,
      Optional<EarlierProduct> earlier) {
    List<Change> changes = new ArrayList<>();
    for (Finger finger : fingers) {
      condition.ifPresent(seen -> changes.add(Change.plate(finger, seen)));
      skin.ifPresent(seen -> changes.add(Change.skin(finger, seen)));
      earlier.ifPresent(product -> changes.add(Change.found(finger, product)));
    }
    return editor.make(id, changes);
  }

  /**
   * @param reason to build although the skin says postpone; blank to leave the finger alone
   */
  @PostMapping("/{finger}/anyway")
  String buildAnyway(
      @PathVariable long id,
      @PathVariable Finger finger,
      @Valid Said said,
      BindingResult errors,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    String reason = said.reason() == null ? "" : said.reason();
    return errors.hasErrors()
        ? refuse(id, finger, seat, "reason-" + finger, reason, errors, model)
        : answer(editor.make(id, Change.buildAnyway(finger, reason)), finger, seat, model);
  }

  /** What the client says: wishes, a guardian's consent, what an allergy is to. */
  @PostMapping("/said/{what}")
  String said(
      @PathVariable long id,
      @PathVariable What what,
      @Valid Said said,
      BindingResult errors,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    Finger chosen = SetPage.chosen(finger, seat);
    if (errors.hasErrors()) {
      FieldError wrong = errors.getFieldErrors().get(0);
      String typed = String.valueOf(wrong.getRejectedValue());
      return refuse(id, chosen, seat, wrong.getField(), typed, errors, model);
    }
    return answer(editor.make(id, said.change(what).stream().toList()), chosen, seat, model);
  }

  /** What a hand does all day. */
  @PostMapping("/does")
  String does(
      @PathVariable long id,
      @RequestParam Hand hand,
      @RequestParam Activity activity,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    return answer(
        editor.make(id, Change.does(hand, activity)), SetPage.chosen(finger, seat), seat, model);
  }

  private String refuse(
      long id,
      Finger finger,
      Seat seat,
      String field,
      String typed,
      BindingResult errors,
      Model model) {
    show(reader.planned(id), finger, seat, model);
    String why = new FormReading(errors).why().orElseThrow();
    model.addAttribute("refusal", new Refusal(field, typed, why));
    model.addAttribute("edit", new Edit.Refused(why));
    return "measure/look :: answer";
  }

  private String answer(PlannedSet planned, Finger finger, Seat seat, Model model) {
    show(planned, finger, seat, model);
    model.addAttribute("edit", new Edit.Saved());
    return "measure/look :: answer";
  }

  private void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.MEASURE, "look", finger, seat, model);
    List<Finger> order = Finger.asSeenFrom(seat);
    model.addAttribute("set", planned.set());
    model.addAttribute("client", planned.client());
    model.addAttribute("seen", order.stream().map(f -> seen(planned, f)).toList());
    model.addAttribute("halted", order.stream().flatMap(f -> halted(planned, f).stream()).toList());
    model.addAttribute("plateFindings", PlateFinding.values());
    model.addAttribute("skins", SkinState.values());
    model.addAttribute("earliers", EarlierProduct.values());
    model.addAttribute("thicknesses", OldBuild.Thickness.values());
    model.addAttribute(
        "asksOld", order.stream().anyMatch(f -> planned.set().nail(f).getEarlier().builds()));
    model.addAttribute(
        "fromRecord",
        planned.lastVisit().stream()
            .anyMatch(last -> last.getNails().stream().anyMatch(SetNail::known)));
    model.addAttribute("activities", Activity.values());
    model.addAttribute(
        "does",
        Arrays.stream(Hand.values())
            .map(hand -> new Does(hand, planned.set().activity(hand)))
            .toList());
    model.addAttribute("offFirst", SetPage.offFirst(planned));
    // Stops of the whole person are answered once, not finger by finger.
    model.addAttribute("asksAllergy", planned.client().getAllergy() != null);
    model.addAttribute("asksConsent", planned.client().isMinor());
    model.addAttribute("agreedBy", answered(planned, planned.set().getGuardian(), What.GUARDIAN));
    model.addAttribute(
        "settledBy", answered(planned, planned.set().getAllergyHarmless(), What.ALLERGY));
  }

  private static Seen seen(PlannedSet planned, Finger finger) {
    SetNail nail = planned.set().nail(finger);
    return new Seen(
        finger,
        nail.getPlateCondition(),
        nail.getSkin(),
        nail.getEarlier(),
        nail.old(),
        shown(nail.old().measured(), 2),
        shown(nail.old().clip(), 1));
  }

  private static String shown(OptionalDouble known, int decimals) {
    return known.isPresent() ? Numbers.format(known.getAsDouble(), decimals) : "";
  }

  private Optional<Halted> halted(PlannedSet planned, Finger finger) {
    SetNail nail = planned.set().nail(finger);
    Optional<Contraindication> stop =
        planned
            .of(finger)
            .stop()
            .filter(
                each ->
                    each.answer() == Contraindication.Answer.NONE
                        || each.answer() == Contraindication.Answer.REASON);
    boolean overruled = nail.getSkin().mayBeOverruled() && nail.getBuildAnyway() != null;
    return stop.isPresent() || overruled
        ? Optional.of(
            new Halted(
                finger,
                stop.orElse(null),
                nail.getBuildAnyway(),
                nail.getBuildAnyway() == null
                    ? null
                    : by(planned, Act.BUILD_ANYWAY, finger.name())))
        : Optional.empty();
  }

  private @Nullable String answered(PlannedSet planned, @Nullable String answer, What what) {
    return answer == null || answer.isEmpty() ? null : by(planned, Act.SAID, what.name());
  }

  /** Who answered for it. */
  private @Nullable String by(PlannedSet planned, Act act, String detail) {
    return deeds
        .last(planned.id(), Part.MEASURE, act, detail)
        .filter(deed -> !deed.person().isEmpty())
        .map(
            deed ->
                Words.say(
                    "measure.reason-by",
                    "person",
                    deed.person(),
                    "day",
                    Dates.of(deed.at().toLocalDate(), "daymonth")))
        .orElse(null);
  }
}
