package ongle.app.lamps;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import ongle.app.web.Numbers;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The salon's lamps: what they give, what a meter said, their buttons. */
@Controller
@RequestMapping("/lamps")
class LampController {
  private static final int LONGEST_NAME = 60;

  private final Lamps lamps;

  LampController(Lamps lamps, List<LampMeter> meters) {
    this.lamps = lamps;
    meters.forEach(meter -> meter.onReading(lamps::measured));
  }

  /** A lamp as it is listed. */
  record Row(
      String label,
      String light,
      String wavelengths,
      String programmes,
      String standing,
      boolean bad) {}

  /** What was typed for a new lamp. */
  record Typed(
      String label, String wavelengths, String light, String seconds, Boolean thumbsApart) {
    static final Typed NOTHING = new Typed("", "365 405", "40", "10, 30, 60", true);
  }

  @GetMapping
  String page(Model model) {
    return show(Typed.NOTHING, null, model);
  }

  @PostMapping
  String add(@RequestParam UUID formKey, Typed typed, Model model) {
    try {
      lamps.add(formKey, lamp(formKey, typed));
      return "redirect:/lamps";
    } catch (IllegalArgumentException notSo) {
      return show(typed, notSo.getMessage(), model);
    }
  }

  private String show(Typed typed, String why, Model model) {
    model.addAttribute("lamps", lamps.all().stream().map(LampController::row).toList());
    model.addAttribute("typed", typed);
    model.addAttribute("why", why);
    model.addAttribute("formKey", UUID.randomUUID());
    return "lamps/page";
  }

  private static Row row(Lamps.Kept kept) {
    Lamp lamp = kept.lamp();
    return new Row(
        lamp.label(),
        Numbers.format(lamp.nominal(), 0) + " mW/cm²",
        String.join(
                " and ", new TreeSet<>(lamp.wavelengths()).stream().map(String::valueOf).toList())
            + " nm",
        String.join(", ", lamp.programmes().stream().map(Programme::label).toList()),
        Lamps.standing(lamp),
        lamp.weakened());
  }

  private static Lamp lamp(UUID formKey, Typed typed) {
    String label = typed.label().strip();
    if (label.isEmpty() || label.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A lamp needs a name of up to " + LONGEST_NAME + " letters.");
    }
    Set<Integer> wavelengths = new TreeSet<>();
    for (int each : whole(typed.wavelengths(), "Wavelengths")) {
      if (each < 300 || each > 500) {
        throw new IllegalArgumentException("Wavelengths are 300 to 500 nm, as 365 405.");
      }
      wavelengths.add(each);
    }
    List<Programme> programmes = new ArrayList<>();
    for (int each : whole(typed.seconds(), "Programmes")) {
      programmes.add(new Programme(each + " s", each, 1));
    }
    return new Lamp(
        "lamp-" + formKey.toString().substring(0, 8),
        label,
        wavelengths,
        Numbers.parse(typed.light())
            .orElseThrow(() -> new IllegalArgumentException("Type the light as a number, mW/cm².")),
        OptionalDouble.empty(),
        typed.thumbsApart() != null && typed.thumbsApart(),
        programmes);
  }

  private static List<Integer> whole(String typed, String what) {
    List<Integer> numbers = new ArrayList<>();
    for (String part : typed.strip().split("[,; ]+")) {
      if (!part.matches("\\d{1,4}")) {
        throw new IllegalArgumentException(what + " are whole numbers with commas between them.");
      }
      numbers.add(Integer.valueOf(part));
    }
    return numbers;
  }
}
