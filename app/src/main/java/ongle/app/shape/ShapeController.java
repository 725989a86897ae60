package ongle.app.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.drawing.Scene;
import ongle.app.drawing.ShapeDrawing;
import ongle.app.drawing.TenDrawing;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.products.Products;
import ongle.app.web.Edit;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.Activity;
import ongle.core.plan.FingerLength.Decision;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Outgrown;
import ongle.core.plan.SetWish;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Shape, length and product of the whole set, seen on both hands. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/sets/{id}/shape")
class ShapeController {
  private final SetReader reader;
  private final SetEditor editor;
  private final Products products;

  ShapeController(SetReader reader, SetEditor editor, Products products) {
    this.reader = reader;
    this.editor = editor;
    this.products = products;
  }

  /** What a hand does all day. */
  record Does(Hand hand, Activity activity) {}

  /** A shape to choose. */
  record Choice(NailShape shape, boolean chosen, Scene scene) {}

  /**
   * The length field.
   *
   * @param shown text in it
   * @param why what is allowed instead, if that cannot be taken
   */
  record LengthField(LengthWish.Mode mode, String shown, String why) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
    return "shape/page";
  }

  /**
   * Changes one part of the wish.
   *
   * @param mode a new way to give the length; the value is converted so that the set stays as long
   */
  @PostMapping
  String wish(
      @PathVariable long id,
      @RequestParam Optional<NailShape> shape,
      @RequestParam Optional<LengthWish.Mode> mode,
      @RequestParam Optional<String> length,
      @RequestParam Optional<String> product,
      @RequestParam Optional<String> ownProduct,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    List<Change> changes = new ArrayList<>();
    shape.map(Change::shape).ifPresent(changes::add);
    product.flatMap(products::of).map(Change::product).ifPresent(changes::add);
    if (ownProduct.isPresent() && finger.isPresent()) {
      changes.add(Change.product(finger.get(), ownProduct.flatMap(products::of)));
    }
    LengthWish.Mode current = reader.lengthOf(id).mode();
    LengthField refused = null;
    if (mode.isPresent() && mode.get() != current) {
      // The value that leaves the middle finger as long as it was wished.
      PlannedSet planned = reader.planned(id);
      changes.add(
          Change.length(
              reaching(planned, mode.get(), Finger.R3, planned.of(Finger.R3).length().wished())));
    } else if (length.isPresent()) {
      Optional<Double> value =
          Numbers.parse(length.get(), current.quantity()).filter(current.quantity()::allows);
      if (value.isPresent()) {
        changes.add(Change.length(new LengthWish(current, value.get())));
      } else {
        refused =
            new LengthField(
                current,
                length.get(),
                Words.say("shape.length.wanted", "range", Numbers.range(current.quantity())));
      }
    }
    show(editor.make(id, changes), SetPage.chosen(finger, seat), seat, model);
    if (refused != null) {
      model.addAttribute("length", refused);
    }
    model.addAttribute(
        "edit", refused == null ? new Edit.Saved() : new Edit.Refused(refused.why()));
    return "shape/answer";
  }

  /** What the ten would be like with one nail this long; nothing is saved. */
  @GetMapping("/try")
  String tryOut(
      @PathVariable long id,
      @RequestParam Map<String, String> values,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet planned = reader.planned(id);
    Optional<LengthWish> held = held(planned, values);
    show(
        held.map(length -> reader.planned(id, length)).orElse(planned),
        SetPage.chosen(finger, seat),
        seat,
        model);
    held.ifPresent(length -> model.addAttribute("length", field(length)));
    return "shape/parts :: tried";
  }

  /** A nail let go of at a length: the whole set follows. */
  @PostMapping("/handle")
  String letGo(
      @PathVariable long id,
      @RequestParam Map<String, String> values,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    PlannedSet before = reader.planned(id);
    PlannedSet planned =
        TenDrawing.fingerOf(values.getOrDefault("handle", ""))
            .flatMap(
                pulled ->
                    held(before, values)
                        .map(length -> editor.make(id, Change.pulled(pulled, length))))
            .orElse(before);
    show(planned, SetPage.chosen(finger, seat), seat, model);
    model.addAttribute("edit", new Edit.Saved());
    return "shape/parts :: letGo";
  }

  /** The wish that makes the nail whose handle is held as long as it is held. */
  private static Optional<LengthWish> held(PlannedSet planned, Map<String, String> values) {
    Optional<Finger> finger = TenDrawing.fingerOf(values.getOrDefault("handle", ""));
    Optional<Double> extension =
        Numbers.parse(values.getOrDefault(Quantity.EXTENSION.name(), ""), Quantity.EXTENSION);
    return finger.flatMap(
        which ->
            extension
                .filter(mm -> !planned.of(which).length().heldBackFrom(mm))
                .map(mm -> reaching(planned, planned.set().choices().length().mode(), which, mm)));
  }

  private static LengthWish reaching(
      PlannedSet planned, LengthWish.Mode mode, Finger finger, double extension) {
    return LengthWish.reaching(mode, planned.of(finger).item().nail(), planned.nails(), extension);
  }

  /** What a hand does, and what limits it. */
  @PostMapping("/does")
  String does(
      @PathVariable long id,
      @RequestParam Hand hand,
      @RequestParam Activity activity,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(editor.make(id, Change.does(hand, activity)), SetPage.chosen(finger, seat), seat, model);
    model.addAttribute("edit", new Edit.Saved());
    return "shape/answer";
  }

  private void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.SHAPE, finger, seat, model);
    LengthWish length = planned.set().choices().length();
    Nail sample = planned.of(Finger.of(Hand.RIGHT, Digit.MIDDLE)).nail();
    NailShape chosen = planned.set().choices().shape();
    model.addAttribute(
        "shapes",
        Arrays.stream(NailShape.values())
            .map(shape -> new Choice(shape, shape == chosen, ShapeDrawing.of(shape, sample)))
            .toList());
    model.addAttribute("modes", LengthWish.Mode.values());
    model.addAttribute("length", field(length));
    model.addAttribute("products", offered(planned));
    model.addAttribute("product", planned.plan().wish().product());
    model.addAttribute(
        "ownProduct", planned.byHand(finger).product().map(Product::code).orElse(""));
    model.addAttribute("activities", Activity.values());
    model.addAttribute(
        "does",
        Arrays.stream(Hand.values())
            .map(hand -> new Does(hand, planned.set().activity(hand)))
            .toList());
    model.addAttribute(
        "hands", TenDrawing.hands(planned.inOrder(Finger.asSeenFrom(seat)), seat, finger));
    model.addAttribute(
        "notes", Stream.concat(outgrown(planned).stream(), notes(planned).stream()).toList());
  }

  /** Why nails are longer than at the last visit, where their plates have grown out. */
  private Optional<String> outgrown(PlannedSet planned) {
    return planned
        .lastVisit()
        .flatMap(
            last ->
                Outgrown.of(reader.planned(last.getId()).plan(), planned.plan())
                    .map(
                        out ->
                            Words.say(
                                "shape.outgrown",
                                "day",
                                last.getCreatedAt().toLocalDate(),
                                "longer",
                                out.longer(),
                                "plates",
                                out.plates(),
                                "fingers",
                                out.fingers().stream()
                                    .map(Words::of)
                                    .collect(Collectors.joining(", ")),
                                "now",
                                out.carries(),
                                "before",
                                out.carried())));
  }

  /** What can be chosen, and what is built of already although it was put away since. */
  private List<Product> offered(PlannedSet planned) {
    return Stream.concat(
            products.all().stream(),
            Stream.concat(
                Stream.of(planned.plan().wish().product()),
                planned.plan().nails().stream()
                    .flatMap(nail -> nail.item().adjustments().product().stream())))
        .distinct()
        .toList();
  }

  private static LengthField field(LengthWish length) {
    return new LengthField(
        length.mode(),
        length.mode().numbered() ? Numbers.format(length.mode().quantity(), length.value()) : "",
        null);
  }

  /** What the technician should know about this wish on these hands. */
  private static List<String> notes(PlannedSet planned) {
    List<String> notes = new java.util.ArrayList<>();
    List<NailPlan> built = planned.plan().built();
    List<NailPlan> tooShort = built.stream().filter(plan -> !plan.readsAsShape()).toList();
    if (!tooShort.isEmpty()) {
      String nearest =
          tooShort.stream()
              .map(plan -> Words.of(plan.nearestShape()))
              .distinct()
              .collect(Collectors.joining(", "));
      notes.add(
          Words.say(
              "shape.note.too-short",
              "shape",
              planned.set().choices().shape(),
              "fingers",
              names(tooShort),
              "nearest",
              nearest));
    }
    for (Decision decision : Decision.values()) {
      List<NailPlan> decided =
          built.stream()
              .filter(plan -> plan.length().set() == decision && decision != Decision.WISH)
              .toList();
      if (!decided.isEmpty()) {
        notes.add(names(decided) + ": " + Words.of(decision) + whoDecided(decided) + ".");
      }
    }
    planned
        .plan()
        .nails()
        .forEach(
            nail ->
                nail.item()
                    .adjustments()
                    .product()
                    .ifPresent(
                        own ->
                            notes.add(
                                Words.say(
                                    "shape.note.own-product",
                                    "finger",
                                    nail.nail().finger(),
                                    "own",
                                    own,
                                    "others",
                                    planned.plan().wish().product()))));
    List<NailPlan> wide = built.stream().filter(plan -> WhichWay.wide(plan.nail())).toList();
    if (!wide.isEmpty()) {
      SetWish wish = planned.plan().wish();
      boolean mayBeLonger =
          !wish.wearer().minor() && wish.length().mode() != LengthWish.Mode.AS_GROWN;
      notes.add(
          Words.say(
              mayBeLonger ? "shape.note.wide.longer" : "shape.note.wide",
              "fingers",
              names(wide),
              "longer",
              LengthWish.SLENDERNESS_CORRECTION));
    }
    return notes;
  }

  /** The twins and neighbours that were pulled along, if any. */
  private static String whoDecided(List<NailPlan> plans) {
    List<NailPlan> pulled =
        plans.stream().filter(plan -> plan.length().setBy() != plan.nail().finger()).toList();
    return pulled.isEmpty() || pulled.size() == plans.size() && plans.size() == 10
        ? ""
        : " " + Words.say("shape.note.pulled", "fingers", names(pulled));
  }

  private static String names(List<NailPlan> plans) {
    return plans.size() == 10
        ? Words.say("sets.all-ten")
        : plans.stream()
            .map(plan -> Words.of(plan.nail().finger()))
            .collect(Collectors.joining(", "));
  }
}
