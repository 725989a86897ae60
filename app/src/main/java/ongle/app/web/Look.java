package ongle.app.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.words.Words;
import ongle.core.nail.Seat;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.util.WebUtils;

/**
 * How this browser likes to see things: theme, language, side of the desk. Kept in cookies, not on
 * the set.
 */
public final class Look {
  private static final int A_YEAR = 365 * 24 * 3600;
  private static final String THEME = "theme";
  private static final String SEAT = "seat";
  private static final String LANGUAGE = "language";

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
    String theme(HttpServletRequest request) {
      return Look.theme(request);
    }

    @ModelAttribute("seat")
    Seat seat(HttpServletRequest request) {
      return known(Seat.class, cookie(request, SEAT), Seat.OPPOSITE);
    }
  }

  /** As it was sent, or empty: a broken cookie breaks no page. */
  private static String cookie(HttpServletRequest request, String name) {
    Cookie cookie = WebUtils.getCookie(request, name);
    return cookie == null || cookie.getValue() == null ? "" : cookie.getValue();
  }

  /** The theme this browser chose, as pages name it. */
  static String theme(HttpServletRequest request) {
    return known(Theme.class, cookie(request, THEME), Theme.AUTO)
        .name()
        .toLowerCase(java.util.Locale.ROOT);
  }

  /** The language this browser chose, as a two-letter code; empty if it follows the salon. */
  public static String language(HttpServletRequest request) {
    return cookie(request, LANGUAGE);
  }

  /** Changes them; the page asks again afterwards. */
  @Controller
  @Needs(Right.NONE)
  static class Change {
    @PostMapping("/look")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void look(
        @RequestParam(required = false) String theme,
        @RequestParam(required = false) String seat,
        @RequestParam(required = false) String language,
        HttpServletResponse response) {
      if (theme != null) {
        response.addCookie(
            cookie(
                THEME,
                known(Theme.class, theme.toUpperCase(java.util.Locale.ROOT), Theme.AUTO).name()));
      }
      if (language != null && Words.language(language).isPresent()) {
        response.addCookie(cookie(LANGUAGE, language));
      }
      if (seat != null) {
        response.addCookie(cookie(SEAT, known(Seat.class, seat, Seat.OPPOSITE).name()));
      }
      response.setHeader("HX-Refresh", "true");
    }

    private static Cookie cookie(String name, String value) {
      Cookie cookie = new Cookie(name, value);
      cookie.setPath("/");
      cookie.setMaxAge(A_YEAR);
      cookie.setHttpOnly(true);
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
