package ongle.app.lamps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;

/** A lamp as typed; whatever is wrong with it is said beside its field. */
record LampForm(
    @Named(max = 60) String label,
    String wavelengths,
    String light,
    String programmes,
    Boolean thumbsApart) {
  /** A field that was not sent is empty. */
  LampForm {
    label = CleanText.orEmpty(label);
    wavelengths = CleanText.orEmpty(wavelengths);
    light = CleanText.orEmpty(light);
    programmes = CleanText.orEmpty(programmes);
  }

  static final LampForm EMPTY = new LampForm("", "365 405", "40", "10, 30, 60", true);

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
   * @param code of the lamp it becomes
   * @param measured what a meter said of it, mW/cm²
   * @return empty if anything was wrong
   */
  Optional<Lamp> read(FormReading typed, String code, OptionalDouble measured) {
    double nominal =
        typed.number(
            "light",
            light,
            Lamp.LIGHT::allows,
            () ->
                Words.say("lamps.light.wanted", "min", Lamp.LIGHT.min(), "max", Lamp.LIGHT.max()));
    Set<Integer> waves = Lamps.waves(typed, wavelengths);
    List<Programme> buttons = buttons(typed);
    return typed.made(
        () ->
            new Lamp(
                code,
                label.strip(),
                waves,
                nominal,
                measured,
                Boolean.TRUE.equals(thumbsApart),
                buttons));
  }

  private List<Programme> buttons(FormReading typed) {
    List<Programme> buttons = new ArrayList<>();
    for (String part : programmes.strip().split("[,;]")) {
      Matcher button = BUTTON.matcher(part.strip());
      if (!button.matches()) {
        typed.fault("programmes", Words.say("lamps.programmes.wanted"));
        return buttons;
      }
      int seconds = Integer.parseInt(button.group(1));
      int percent = button.group(2) == null ? 100 : Integer.parseInt(button.group(2));
      if (!Programme.SECONDS.allows(seconds) || percent < 1 || percent > 100) {
        typed.fault(
            "programmes",
            Words.say(
                "lamps.programme.allowed",
                "min",
                Programme.SECONDS.min(),
                "max",
                Programme.SECONDS.max()));
        return buttons;
      }
      buttons.add(
          new Programme(
              seconds + " s" + (percent < 100 ? ", " + percent + " %" : ""),
              seconds,
              percent / 100.0));
    }
    return buttons;
  }
}
