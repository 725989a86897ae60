package ongle.app.lamps;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ongle.app.web.CleanText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;

/** A lamp as typed; whatever is wrong with it is said beside its field. */
record LampForm(
    String label, String wavelengths, String light, String programmes, Boolean thumbsApart) {
  /** A field that was not sent is empty. */
  LampForm {
    label = CleanText.orEmpty(label);
    wavelengths = CleanText.orEmpty(wavelengths);
    light = CleanText.orEmpty(light);
    programmes = CleanText.orEmpty(programmes);
  }

  static final LampForm EMPTY = new LampForm("", "365 405", "40", "10, 30, 60", true);

  private static final int LONGEST_NAME = 60;
  private static final Pattern BUTTON =
      Pattern.compile("(\\d{1,4})\\s*s?(?:\\s*(?:@|at)\\s*(\\d{1,3})\\s*%)?");

  static LampForm of(Lamp lamp) {
    return new LampForm(
        lamp.label(),
        lamp.wavelengths().stream().sorted().map(String::valueOf).collect(Collectors.joining(" ")),
        Numbers.format(lamp.nominal(), 0),
        lamp.programmes().stream().map(LampForm::typed).collect(Collectors.joining(", ")),
        lamp.thumbsApart());
  }

  private static String typed(Programme button) {
    return button.power() < 1
        ? button.seconds() + " @ " + Math.round(100 * button.power()) + " %"
        : String.valueOf(button.seconds());
  }

  /**
   * What came of reading it.
   *
   * @param faults by field
   */
  record Read(Optional<Lamp> lamp, Map<String, String> faults) {}

  /**
   * @param code of the lamp it becomes
   * @param measured what a meter said of it, mW/cm²
   */
  Read read(String code, OptionalDouble measured) {
    Map<String, String> faults = new LinkedHashMap<>();
    if (label.isBlank() || label.strip().length() > LONGEST_NAME) {
      faults.put("label", Words.say("name.wanted", "longest", LONGEST_NAME));
    }
    Set<Integer> waves = waves(faults);
    List<Programme> buttons = buttons(faults);
    Optional<Double> nominal = Numbers.parse(light).filter(Lamp::believed);
    if (nominal.isEmpty()) {
      faults.put(
          "light",
          Words.say("lamps.light.wanted", "least", Lamp.MIN_LIGHT, "most", Lamp.MAX_LIGHT));
    }
    return new Read(
        faults.isEmpty()
            ? Optional.of(
                new Lamp(
                    code,
                    label.strip(),
                    waves,
                    nominal.get(),
                    measured,
                    thumbsApart != null && thumbsApart,
                    buttons))
            : Optional.empty(),
        faults);
  }

  private Set<Integer> waves(Map<String, String> faults) {
    Optional<Set<Integer>> waves = Lamp.wavelengths(wavelengths);
    if (waves.isEmpty()) {
      faults.put(
          "wavelengths",
          Words.say(
              "lamps.wavelengths.wanted",
              "shortest",
              Lamp.SHORTEST_WAVE,
              "longest",
              Lamp.LONGEST_WAVE));
    }
    return waves.orElse(Set.of());
  }

  private List<Programme> buttons(Map<String, String> faults) {
    List<Programme> buttons = new ArrayList<>();
    for (String part : programmes.strip().split("[,;]")) {
      Matcher typed = BUTTON.matcher(part.strip());
      if (!typed.matches()) {
        faults.put("programmes", Words.say("lamps.programmes.wanted"));
        return buttons;
      }
      int seconds = Integer.parseInt(typed.group(1));
      int percent = typed.group(2) == null ? 100 : Integer.parseInt(typed.group(2));
      try {
        buttons.add(
            new Programme(
                seconds + " s" + (percent < 100 ? ", " + percent + " %" : ""),
                seconds,
                percent / 100.0));
      } catch (IllegalArgumentException notSo) {
        faults.put(
            "programmes",
            Words.say(
                "lamps.programme.allowed",
                "shortest",
                Programme.SHORTEST,
                "longest",
                Programme.LONGEST));
      }
    }
    return buttons;
  }
}
