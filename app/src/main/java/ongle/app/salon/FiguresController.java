package ongle.app.salon;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.Edit;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Range;
import ongle.core.check.Tolerance;
import ongle.core.check.Tolerances;
import ongle.core.nail.Digit;
import ongle.core.plan.Activity;
import ongle.core.plan.SalonFigures;
import ongle.core.structure.ApexFloor;
import ongle.core.structure.LoadedNail;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The salon's planning figures: what fingers and days ask of a nail, the thinnest apex, and what a
 * built nail may be off.
 */
@Controller
@Needs(Right.SALON)
@RequestMapping("/salon/figures")
class FiguresController {
  private final SalonSettings settings;

  FiguresController(SalonSettings settings) {
    this.settings = settings;
  }

  /**
   * One figure to type.
   *
   * @param name of the parameter it is typed in
   * @param why what is allowed instead, if what was typed cannot be taken
   */
  record Field(String name, String label, String shown, String usual, String unit, String why) {}

  /** With what share a set is to stay whole until its infill, percent. */
  private static final Range STAYS_WHOLE = new Range(50, 99);

  private static final int USUAL_STAYS_WHOLE = 80;

  /** Figures that belong together, with what they are for. */
  record Group(String title, String about, List<Field> fields) {}

  @GetMapping
  String page(Model model) {
    model.addAttribute("groups", groups(Map.of(), Map.of()));
    return "salon/figures";
  }

  @PostMapping
  String change(@RequestParam Map<String, String> typed, Model model) {
    Map<String, String> wrong = new HashMap<>();
    SalonFigures now = settings.figures();
    Map<Digit, Double> shares = new EnumMap<>(now.shares());
    for (Digit digit : Digit.values()) {
      read(typed, "share-" + digit, SalonFigures.RANGE, wrong)
          .ifPresent(value -> shares.put(digit, value));
    }
    Map<Activity, Double> factors = new EnumMap<>(now.factors());
    for (Activity activity : Activity.values()) {
      read(typed, "factor-" + activity, SalonFigures.RANGE, wrong)
          .ifPresent(value -> factors.put(activity, value));
    }
    double none = read(typed, "floor-none", ApexFloor.THICKNESS, wrong).orElse(now.floor().none());
    double perMm =
        read(typed, "floor-per-mm", ApexFloor.PER_MILLIMETRE, wrong)
            .orElse(now.floor().perMillimetre());
    double max = read(typed, "floor-most", ApexFloor.THICKNESS, wrong).orElse(now.floor().max());
    if (max < none) {
      wrong.put("floor-most", Words.say("salon.floor.most.wanted"));
    }
    Map<Tolerance, Double> tolerances = new EnumMap<>(Tolerance.class);
    for (Tolerance tolerance : Tolerance.values()) {
      double value =
          read(typed, name(tolerance), tolerance.range(), wrong)
              .orElse(settings.tolerances().of(tolerance));
      if (value != tolerance.usual()) {
        tolerances.put(tolerance, value);
      }
    }
    double stays =
        read(typed, "stays-whole", STAYS_WHOLE, wrong)
            .orElse((double) settings.current().getStaysWhole());
    if (wrong.isEmpty()) {
      settings.change(
          salon -> {
            salon.stayWhole((int) Math.round(stays));
            salon.reckonWith(new SalonFigures(shares, factors, new ApexFloor(none, perMm, max)));
            salon.letPass(new Tolerances(tolerances));
          });
    }
    model.addAttribute("groups", groups(typed, wrong));
    model.addAttribute(
        "edit",
        wrong.isEmpty() ? new Edit.Saved() : new Edit.Refused(wrong.values().iterator().next()));
    return "salon/figures :: answered";
  }

  private static Optional<Double> read(
      Map<String, String> typed, String name, Range range, Map<String, String> wrong) {
    String text = typed.get(name);
    if (text == null) {
      return Optional.empty();
    }
    Optional<Double> value = Numbers.parse(text).filter(range::allows);
    if (value.isEmpty()) {
      wrong.put(name, Words.say("number.from-to", "min", range.min(), "max", range.max()));
    }
    return value;
  }

  /** What was typed and cannot be stays beside its reason. */
  private List<Group> groups(Map<String, String> typed, Map<String, String> wrong) {
    SalonFigures figures = settings.figures();
    SalonFigures usual = SalonFigures.USUAL;
    List<Field> shares = new ArrayList<>();
    for (Digit digit : Digit.values()) {
      shares.add(
          field(
              "share-" + digit,
              Words.of(digit),
              figures.shares().get(digit),
              usual.shares().get(digit),
              "×",
              typed,
              wrong));
    }
    List<Field> factors = new ArrayList<>();
    for (Activity activity : Activity.values()) {
      factors.add(
          field(
              "factor-" + activity,
              Words.of(activity),
              figures.factors().get(activity),
              usual.factors().get(activity),
              "×",
              typed,
              wrong));
    }
    ApexFloor floor = figures.floor();
    ApexFloor usualFloor = usual.floor();
    return List.of(
        new Group(
            Words.say("structure.figure.floor"),
            Words.say("salon.floor.about"),
            List.of(
                field(
                    "floor-none",
                    Words.say("salon.floor.none"),
                    floor.none(),
                    usualFloor.none(),
                    "mm",
                    typed,
                    wrong),
                field(
                    "floor-per-mm",
                    Words.say("salon.floor.per-mm"),
                    floor.perMillimetre(),
                    usualFloor.perMillimetre(),
                    "mm",
                    typed,
                    wrong),
                field(
                    "floor-most",
                    Words.say("salon.floor.most"),
                    floor.max(),
                    usualFloor.max(),
                    "mm",
                    typed,
                    wrong))),
        new Group(
            Words.say("salon.shares"),
            Words.say("salon.shares.about", "press", LoadedNail.PRESS, "pry", LoadedNail.PRY),
            shares),
        new Group(Words.say("salon.factors"), Words.say("salon.factors.about"), factors),
        new Group(
            Words.say("salon.stays-whole"),
            Words.say("salon.stays-whole.about"),
            List.of(
                field(
                    "stays-whole",
                    Words.say("salon.stays-whole.share"),
                    settings.current().getStaysWhole(),
                    USUAL_STAYS_WHOLE,
                    "%",
                    typed,
                    wrong))),
        new Group(
            Words.say("salon.tolerances"),
            Words.say("salon.tolerances.about"),
            tolerances(typed, wrong)));
  }

  private List<Field> tolerances(Map<String, String> typed, Map<String, String> wrong) {
    Tolerances now = settings.tolerances();
    List<Field> fields = new ArrayList<>();
    for (Tolerance tolerance : Tolerance.values()) {
      fields.add(
          field(
              name(tolerance),
              Words.of(tolerance),
              now.of(tolerance),
              tolerance.usual(),
              switch (tolerance) {
                case BARREL -> "×";
                case LEAN, ARCHES -> "°";
                default -> "mm";
              },
              typed,
              wrong));
    }
    return fields;
  }

  private static String name(Tolerance tolerance) {
    return "tolerance-" + tolerance;
  }

  private static Field field(
      String name,
      String label,
      double now,
      double usual,
      String unit,
      Map<String, String> typed,
      Map<String, String> wrong) {
    return new Field(
        name,
        label,
        wrong.containsKey(name) ? typed.get(name) : Numbers.format(now, 2),
        Numbers.format(usual, 2),
        unit,
        wrong.get(name));
  }
}
