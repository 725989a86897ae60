package ongle.app.web;

import java.util.Map;
import java.util.UUID;
import org.springframework.ui.Model;

/**
 * A form on its page: a new thing, or one to correct. Nothing typed is lost by a fault, nor by
 * somebody else who changed the thing meanwhile.
 *
 * @param key of the thing corrected; null for a new one
 * @param seen as the thing was when the corrector looked
 * @param faults by field, in words
 * @param why it was not taken as a whole; empty if that is not so
 */
public record Written<F>(String key, int seen, F form, Map<String, String> faults, String why) {
  public static <F> Written<F> anew(F form) {
    return new Written<>(null, 0, form, Map.of(), "");
  }

  public static <F> Written<F> correcting(Object key, int seen, F form) {
    return new Written<>(String.valueOf(key), seen, form, Map.of(), "");
  }

  public Written<F> refused(FormReading reading) {
    return new Written<>(key, seen, form, reading.faults(), why);
  }

  /**
   * @param now what it is seen as from here on
   * @param reason in words
   */
  public Written<F> changedMeanwhile(int now, String reason) {
    return new Written<>(key, now, form, faults, reason);
  }

  /** Puts it on the page, with a key for the form of a new thing. */
  public void show(Model model) {
    model.addAttribute("key", key);
    model.addAttribute("seen", seen);
    model.addAttribute("form", form);
    model.addAttribute("faults", faults);
    model.addAttribute("why", why);
    model.addAttribute("formKey", UUID.randomUUID());
  }
}
