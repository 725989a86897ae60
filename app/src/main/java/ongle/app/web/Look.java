package ongle.app.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletResponse;
import ongle.core.nail.Seat;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;

/**
 * How this browser likes to see things: theme and the side of the desk. Kept in cookies, not on the
 * set.
 */
public final class Look {
  private static final int A_YEAR = 365 * 24 * 3600;
  private static final String THEME = "theme";
  private static final String SEAT = "seat";

  private Look() {}

  /** Light, dark, or as the device says. */
  public enum Theme {
    AUTO,
    LIGHT,
    DARK
  }

  /** Gives every page the theme and the seat. */
  @ControllerAdvice
  static class OnEveryPage {
    @ModelAttribute("theme")
    String theme(@CookieValue(name = THEME, required = false) String theme) {
      return known(Theme.class, theme, Theme.AUTO).name().toLowerCase(java.util.Locale.ROOT);
    }

    @ModelAttribute("seat")
    Seat seat(@CookieValue(name = SEAT, required = false) String seat) {
      return known(Seat.class, seat, Seat.OPPOSITE);
    }
  }

  /** Changes them; the page asks again afterwards. */
  @Controller
  static class Change {
    @PostMapping("/look")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void look(
        @RequestParam(required = false) String theme,
        @RequestParam(required = false) String seat,
        HttpServletResponse response) {
      if (theme != null) {
        response.addCookie(
            cookie(
                THEME, known(Theme.class, theme.toUpperCase(java.util.Locale.ROOT), Theme.AUTO)));
      }
      if (seat != null) {
        response.addCookie(cookie(SEAT, known(Seat.class, seat, Seat.OPPOSITE)));
      }
      response.setHeader("HX-Refresh", "true");
    }

    private static Cookie cookie(String name, Enum<?> value) {
      Cookie cookie = new Cookie(name, value.name());
      cookie.setPath("/");
      cookie.setMaxAge(A_YEAR);
      cookie.setAttribute("SameSite", "Lax");
      return cookie;
    }
  }

  private static <E extends Enum<E>> E known(Class<E> type, String name, E otherwise) {
    for (E value : type.getEnumConstants()) {
      if (value.name().equals(name)) {
        return value;
      }
    }
    return otherwise;
  }
}
