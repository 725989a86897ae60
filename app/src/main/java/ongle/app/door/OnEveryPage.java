package ongle.app.door;

import ongle.app.people.Present;
import ongle.app.people.Right;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Who looks at the page, for its head and for what they are offered. */
@ControllerAdvice
class OnEveryPage {
  /**
   * Whoever is signed in, as pages see them.
   *
   * @param name empty while nobody is
   */
  public record Me(String name, boolean hands, boolean overrules, boolean stock, boolean salon) {}

  @ModelAttribute("me")
  Me me() {
    return Present.who()
        .map(
            who ->
                new Me(
                    who.called(),
                    who.may(Right.HANDS),
                    who.may(Right.OVERRULE),
                    who.may(Right.STOCK),
                    who.may(Right.SALON)))
        .orElse(new Me("", false, false, false, false));
  }

  /** Who measures, checks and builds at this desk. */
  @ModelAttribute("technician")
  String technician() {
    return Present.called();
  }
}
