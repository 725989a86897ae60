package ongle.app.shape;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.app.drawing.Scene;
import ongle.app.drawing.ShapeDrawing;
import ongle.app.drawing.TenDrawing;
import ongle.app.sets.Edit;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetEditor;
import ongle.app.sets.SetPage;
import ongle.app.sets.SetReader;
import ongle.app.sets.Stage;
import ongle.app.web.Numbers;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
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
@RequestMapping("/sets/{id}/shape")
class ShapeController {
  private final SetReader reader;
  private final SetEditor editor;

  ShapeController(SetReader reader, SetEditor editor) {
    this.reader = reader;
    this.editor = editor;
  }

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
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    shape.ifPresent(wanted -> editor.wishShape(id, wanted));
    product.flatMap(Product::ofCode).ifPresent(wanted -> editor.buildIn(id, wanted));
    PlannedSet before = reader.planned(id);
    LengthField refused = null;
    if (mode.isPresent() && mode.get() != before.set().length().mode()) {
      editor.wishLength(id, sameLengthIn(mode.get(), before));
    } else if (length.isPresent()) {
      LengthWish.Mode current = before.set().length().mode();
      Optional<Double> value =
          Numbers.parse(length.get(), current.quantity()).filter(current.quantity()::allows);
      if (value.isPresent()) {
        editor.wishLength(id, new LengthWish(current, value.get()));
      } else {
        refused =
            new LengthField(
                current,
                length.get(),
                "Type a number from "
                    + Numbers.range(current.quantity())
                    + ". The set keeps its length.");
      }
    }
    show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
    if (refused != null) {
      model.addAttribute("length", refused);
    }
    model.addAttribute(
        "edit", refused == null ? new Edit.Saved() : new Edit.Refused(refused.why()));
    return "shape/answer";
  }

  /** The value that leaves the middle finger as long as it is. */
  private static LengthWish sameLengthIn(LengthWish.Mode mode, PlannedSet planned) {
    NailPlan middle = planned.of(Finger.R3);
    Nail nail = middle.nail();
    double value =
        switch (mode) {
          case MILLIMETRES -> middle.extension();
          case PLATE_SHARE -> 100 * middle.extension() / nail.plateLength();
          case COVER_FINGERTIP -> middle.extension() - nail.overhang();
        };
    double within = Math.max(mode.quantity().least(), Math.min(mode.quantity().most(), value));
    double factor = Math.pow(10, mode.quantity().decimals());
    return new LengthWish(mode, Math.round(within * factor) / factor);
  }

  private static void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.SHAPE, finger, seat, model);
    LengthWish length = planned.set().length();
    Nail sample = planned.of(Finger.of(Hand.RIGHT, Digit.MIDDLE)).nail();
    NailShape chosen = planned.set().getShape();
    model.addAttribute(
        "shapes",
        Arrays.stream(NailShape.values())
            .map(shape -> new Choice(shape, shape == chosen, ShapeDrawing.of(shape, sample)))
            .toList());
    model.addAttribute("modes", LengthWish.Mode.values());
    model.addAttribute(
        "length",
        new LengthField(
            length.mode(), Numbers.format(length.mode().quantity(), length.value()), null));
    model.addAttribute("products", Product.STANDARD);
    model.addAttribute("product", planned.set().product());
    model.addAttribute(
        "hands", TenDrawing.hands(planned.inOrder(Finger.asSeenFrom(seat)), seat, finger));
    model.addAttribute("notes", notes(planned));
  }

  /** What the technician should know about this wish on these hands. */
  private static List<String> notes(PlannedSet planned) {
    List<String> notes = new java.util.ArrayList<>();
    List<NailPlan> built = planned.plan().built();
    List<NailPlan> tooShort = built.stream().filter(plan -> !plan.readsAsShape()).toList();
    if (!tooShort.isEmpty()) {
      String nearest =
          tooShort.stream()
              .map(plan -> plan.nearestShape().label())
              .distinct()
              .collect(Collectors.joining(" or "));
      notes.add(
          "Too short to read as "
              + planned.set().getShape().label()
              + ": "
              + names(tooShort)
              + ". Nearest that reads: "
              + nearest
              + ".");
    }
    List<NailPlan> lengthened = built.stream().filter(NailPlan::lengthenedToCover).toList();
    if (!lengthened.isEmpty()) {
      notes.add("Lengthened to cover the fingertip (bitten): " + names(lengthened) + ".");
    }
    List<NailPlan> weak = built.stream().filter(plan -> !plan.advisedApex().holds()).toList();
    if (!weak.isEmpty()) {
      notes.add(
          "Too long for "
              + planned.set().product().label()
              + " at any advisable thickness: "
              + names(weak)
              + ". See Structure.");
    }
    return notes;
  }

  private static String names(List<NailPlan> plans) {
    return plans.size() == 10
        ? "all ten"
        : plans.stream()
            .map(plan -> plan.nail().finger().label())
            .collect(Collectors.joining(", "));
  }
}
