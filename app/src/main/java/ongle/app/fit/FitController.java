package ongle.app.fit;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ongle.app.drawing.FitDrawing;
import ongle.app.drawing.FormDrawing;
import ongle.app.drawing.Scene;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.paper.PaperStyle;
import ongle.app.paper.PdfWriter;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.app.words.FitWords;
import ongle.app.words.Numbers;
import ongle.app.words.PickingWords;
import ongle.app.words.Words;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Seat;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.NailPlan;
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

/** Fitting: which way to build on which finger, with which tip or form, and what to do to it. */
@Controller
@RequestMapping("/sets/{id}/fit")
class FitController {
  /** So few of a number are left that it is worth saying. */
  private static final int FEW = 10;

  private final SetReader reader;
  private final SetEditor editor;
  private final PdfWriter pdf;
  private final PaperStyle paper;
  private final Drawer drawer;

  FitController(
      SetReader reader, SetEditor editor, PdfWriter pdf, PaperStyle paper, Drawer drawer) {
    this.drawer = drawer;
    this.reader = reader;
    this.editor = editor;
    this.pdf = pdf;
    this.paper = paper;
  }

  /**
   * A kit tried on this nail, or leading the set.
   *
   * @param says how it does, in a few words
   */
  record KitChoice(String code, String label, String says, boolean chosen) {}

  /** One size of the kit in the rack. */
  record Rack(
      String number,
      String verdict,
      String slack,
      String pieces,
      boolean usable,
      boolean taken,
      boolean advised) {}

  /** One way to build this finger. */
  record Way(BuildWay way, boolean taken, boolean best, boolean possible, List<String> reasons) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
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
    show(editor.make(id, Change.tip(finger, wanted)), finger, seat, model);
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
    show(editor.make(id, Change.method(finger, way)), finger, seat, model);
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
    show(editor.make(id, Change.prefer(school)), finger, seat, model);
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
    show(editor.make(id, Change.prefer(bitten)), finger, seat, model);
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
          if (leads(reader.planned(id)).stream().noneMatch(each -> each.code().equals(code))) {
            throw new NotFound("kit " + code);
          }
        });
    show(editor.make(id, Change.fitFrom(lead)), finger, seat, model);
    return "fit/page :: stage";
  }

  /** What to lay out for the whole set. */
  @GetMapping("/list")
  String list(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    SetPage.show(planned, Stage.FIT, "fit/list", SetPage.chosen(finger, seat), seat, model);
    model.addAttribute("list", PickingWords.of(planned.plan()));
    model.addAttribute("takenOutAt", planned.set().getTakenOutAt());
    return "fit/list";
  }

  /** Counts what the set takes out of the stock, once. */
  @PostMapping("/list/taken")
  String taken(@PathVariable long id) {
    drawer.takeOut(id);
    return "redirect:/sets/" + id + "/fit/list";
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
    return sizing.advised().map(TipPick::number).orElseGet(() -> nearest(sizing).tip().number());
  }

  private static void known(NailPlan plan, TipNumber tip) {
    if (plan.fit().ofKit(tip.kit()).flatMap(sizing -> sizing.ofNumber(tip.number())).isEmpty()) {
      throw new NotFound("tip " + tip.number() + " of " + tip.kit());
    }
  }

  /** One nail's cutting template as a drawing of its own, at true size. */
  @GetMapping(path = "/{finger}/template.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> template(@PathVariable long id, @PathVariable Finger finger) {
    Scene scene = template(reader.planned(id).of(finger));
    String svg =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%s\" width=\"%s\" height=\"%s\">%s</svg>\n"
            .formatted(
                scene.viewBox(),
                scene.trueSize().get("width"),
                scene.trueSize().get("height"),
                scene.svg());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("template-" + finger + ".svg")
                .build()
                .toString())
        .body(paper.styled(svg).getBytes(StandardCharsets.UTF_8));
  }

  /** The templates of all fingers on one page, with a ruler to check the print. */
  @GetMapping(path = "/templates.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> templates(
      @PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedSet planned = reader.planned(id);
    SetPage.show(planned, Stage.FIT, Finger.L1, seat, model);
    List<Scene> all =
        Finger.asSeenFrom(seat).stream()
            .map(planned::of)
            .filter(plan -> !plan.stopped())
            .map(FitController::template)
            .toList();
    model.addAttribute(
        "rows",
        java.util.stream.IntStream.range(0, (all.size() + 3) / 4)
            .mapToObj(row -> all.subList(4 * row, Math.min(all.size(), 4 * row + 4)))
            .toList());
    model.addAttribute("ruler", FormDrawing.ruler());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("templates-" + id + ".pdf").build().toString())
        .body(pdf.write("fit/templates-pdf", model.asMap()));
  }

  private static Scene template(NailPlan plan) {
    return FormDrawing.template(plan.nail(), plan.fit().template());
  }

  private static void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.FIT, finger, seat, model);
    NailPlan plan = planned.of(finger);
    boolean chosen = planned.byHand(finger).way().isPresent();
    model.addAttribute("finger", finger);
    model.addAttribute("plan", plan);
    model.addAttribute("kits", kitsOf(plan));
    model.addAttribute(
        "kitShown", plan.fit().sizing().map(sizing -> sizing.kit().code()).orElse(""));
    model.addAttribute("leads", leads(planned));
    model.addAttribute("bittenSchools", FreeHandOrForms.values());
    model.addAttribute("bitten", planned.set().choices().schools().bitten());
    model.addAttribute("isBitten", plan.nail().condition().has(PlateFinding.BITTEN));
    model.addAttribute("verdict", FitWords.of(plan));
    model.addAttribute("byHand", planned.byHand(finger).tip().isPresent());
    model.addAttribute("wayByHand", chosen);
    model.addAttribute("ways", ways(plan));
    model.addAttribute("schools", TipsOrForms.values());
    model.addAttribute("school", planned.set().choices().schools().tipsOrForms());
    model.addAttribute("rack", plan.fit().way() == BuildWay.TIP ? rack(plan) : List.of());
    model.addAttribute("drawings", plan.stopped() ? List.of() : drawings(plan));
  }

  private static List<Way> ways(NailPlan plan) {
    BuildWay best = plan.fit().ways().best().way();
    return plan.fit().ways().ranked().stream()
        .map(
            option ->
                new Way(
                    option.way(),
                    option.way() == plan.fit().way(),
                    option.way() == best,
                    option.possible(),
                    option.reasons().stream().map(Words::of).toList()))
        .toList();
  }

  /** The kits on this nail, what to take first in front. */
  private static List<KitChoice> kitsOf(NailPlan plan) {
    Optional<String> taken = plan.fit().sizing().map(sizing -> sizing.kit().code());
    return plan.fit().kits().stream()
        .map(
            sizing ->
                new KitChoice(
                    sizing.kit().code(),
                    sizing.kit().label(),
                    says(sizing),
                    taken.filter(sizing.kit().code()::equals).isPresent()))
        .toList();
  }

  private static String says(TipSizing sizing) {
    return sizing
        .advised()
        .map(
            pick ->
                Words.say(
                    pick.suits()
                        ? "fit.kit.to-file"
                        : !pick.blank().covers()
                            ? "fit.kit.narrow"
                            : pick.fit().seating() == TipFit.Seating.FIGHTS
                                ? "fit.kit.fights"
                                : "fit.kit.short",
                    "number",
                    pick.number(),
                    "area",
                    pick.toFile()))
        .orElseGet(() -> Words.say("fit.kit.no-size"));
  }

  /** The kits for the whole set, the one with the least to file in front. */
  private static List<KitChoice> leads(PlannedSet planned) {
    String chosen = planned.set().choices().kit().orElse(null);
    return planned.plan().kits().ranked().stream()
        .map(
            standing ->
                new KitChoice(
                    standing.kit().code(),
                    standing.kit().label(),
                    Words.say(
                        "fit.kit.suits", "nails", standing.suits(), "area", standing.toFile()),
                    standing.kit().code().equals(chosen)))
        .toList();
  }

  private static List<Rack> rack(NailPlan plan) {
    Optional<TipSizing> shown = plan.fit().sizing();
    return shown.map(sizing -> rack(plan, sizing)).orElse(List.of());
  }

  private static List<Rack> rack(NailPlan plan, TipSizing sizing) {
    return sizing.all().stream()
        .map(
            fit ->
                new Rack(
                    fit.tip().number(),
                    fit.verdict() == TipFit.Verdict.FILE
                        ? Words.say("drawing.file", "each", fit.filePerSide())
                        : Words.of(fit.verdict()),
                    Numbers.signed(fit.slack(), 2),
                    pieces(sizing, fit.tip().number()),
                    fit.verdict().usable() && sizing.kit().stock().has(fit.tip().number()),
                    plan.fit().tip().map(TipPick::fit).filter(fit::equals).isPresent(),
                    sizing.advised().map(TipPick::fit).filter(fit::equals).isPresent()))
        .toList();
  }

  /** Left of it, where counted and worth saying. */
  private static String pieces(TipSizing sizing, String number) {
    OptionalInt left = sizing.kit().stock().of(number);
    if (left.isEmpty() || left.getAsInt() > FEW) {
      return null;
    }
    return left.getAsInt() == 0
        ? Words.say("fit.kit.used-up")
        : Words.say("fit.pick.left", "left", left.getAsInt());
  }

  /** Across or from the side first, then from above. */
  private static List<Scene> drawings(NailPlan plan) {
    Optional<FormFit> form = plan.fit().form().map(FormPick::fit);
    if (form.isPresent()) {
      return List.of(
          FormDrawing.fromSide(plan, form.get()), FormDrawing.fromAbove(plan, form.get()));
    }
    // With no usable tip, the nearest one is drawn to show why.
    Optional<TipFit> tip =
        plan.fit()
            .tip()
            .map(TipPick::fit)
            .or(() -> plan.fit().leadKit().map(FitController::nearest));
    if (plan.fit().way() == BuildWay.TIP && tip.isPresent()) {
      TipFit shown = tip.get();
      return List.of(FitDrawing.across(plan.nail(), shown), FitDrawing.fromAbove(plan, shown));
    }
    return List.of(FitDrawing.onTheNail(plan));
  }

  private static TipFit nearest(TipSizing sizing) {
    return sizing.all().stream()
        .min(Comparator.comparingDouble(fit -> Math.abs(fit.slack())))
        .orElseThrow();
  }
}
