package ongle.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import ongle.app.feed.Feeds;
import ongle.app.people.People;
import ongle.app.people.Who;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Browsers somebody is signed in at. */
@Component
class Sessions {
  /** Whoever comes back in the morning signs in again. */
  private static final Duration WORKING_DAY = Duration.ofHours(12);

  private final SecurityContextRepository signedIn;
  private final FindByIndexNameSessionRepository<? extends Session> all;
  private final Feeds feeds;

  Sessions(
      SecurityContextRepository signedIn,
      FindByIndexNameSessionRepository<? extends Session> all,
      Feeds feeds) {
    this.signedIn = signedIn;
    this.all = all;
    this.feeds = feeds;
  }

  /**
   * From here on this browser is theirs. Its session gets another name, so that nobody who knew it
   * before comes in with them; what changes it sends keep their token.
   */
  void begin(Who who, HttpServletRequest request, HttpServletResponse response) {
    request.getSession().setMaxInactiveInterval((int) WORKING_DAY.toSeconds());
    request.changeSessionId();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(who, null, List.of()));
    SecurityContextHolder.setContext(context);
    signedIn.saveContext(context, request, response);
  }

  /** This browser knows nobody any more. */
  static void end(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  /** Signs somebody out at every browser. */
  void endAll(long person) {
    all.findByPrincipalName(String.valueOf(person)).keySet().forEach(all::deleteById);
    feeds.left(person);
  }

  @EventListener
  void changed(People.Changed changed) {
    endAll(changed.id());
  }
}
