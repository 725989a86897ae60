package ongle.app.web;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may ask at all, before anybody is asked who they are: the address Ongle was called by and the
 * browser's own word on where a request comes from keep a stranger's page from reading or editing
 * the salon's data; and headers on every answer.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SecurityHeaders extends OncePerRequestFilter {
  private static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
          + "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

  /** Asked of the wrong server. */
  private static final int MISDIRECTED = 421;

  private static final Set<String> THIS_COMPUTER = Set.of("localhost", "127.0.0.1", "[::1]");
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> OWN = Set.of("same-origin", "none");

  /** What says nothing about anybody; the way back to it stays open. */
  private static final List<String> OF_NOBODY =
      List.of(
          "/css/",
          "/js/",
          "/vendor/",
          "/fonts/",
          "/kits",
          "/products",
          "/lamps",
          "/salon",
          "/shelf");

  private final Set<String> hosts;

  /**
   * @param hosts names this computer is called by besides its own
   */
  SecurityHeaders(@Value("${ongle.hosts:}") Set<String> hosts) {
    this.hosts = hosts;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "same-origin");
    if (OF_NOBODY.stream().noneMatch(request.getRequestURI()::startsWith)) {
      response.setHeader("Cache-Control", "no-store");
    }
    if (request.getDispatcherType() == DispatcherType.REQUEST
        && request.getRequestURI().equals("/error")) {
      response.sendError(HttpServletResponse.SC_NOT_FOUND); // only what went wrong leads there
      return;
    }
    String host = request.getServerName().toLowerCase(Locale.ROOT);
    if (!called(host, request)) {
      response.sendError(MISDIRECTED);
    } else if (READING.contains(request.getMethod()) ? peeps(request) : !ownPage(request)) {
      response.sendError(HttpServletResponse.SC_FORBIDDEN);
    } else {
      chain.doFilter(request, response);
    }
  }

  /**
   * Whether this computer is called so: by its own names, by those it was told, or in numbers by
   * the address that was reached. No name of a stranger's that leads here is among them.
   */
  private boolean called(String host, HttpServletRequest request) {
    return THIS_COMPUTER.contains(host)
        || hosts.contains(host)
        || host.equals(request.getLocalAddr());
  }

  /** Whether another site's page asks behind its reader's back; following a link is no peeping. */
  private static boolean peeps(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    String mode = request.getHeader("Sec-Fetch-Mode");
    return site != null && !OWN.contains(site) && !"navigate".equals(mode);
  }

  /**
   * Whether a change comes from a page of ours: every browser names the origin of a change.
   * Programs that use the plan service name none; it changes nothing.
   */
  private static boolean ownPage(HttpServletRequest request) {
    String origin = request.getHeader("Origin");
    String site = request.getHeader("Sec-Fetch-Site");
    if (site != null && !OWN.contains(site)) {
      return false;
    }
    return origin == null
        ? request.getRequestURI().startsWith("/api/")
        : origin.equals(ownOrigin(request));
  }

  private static String ownOrigin(HttpServletRequest request) {
    URI asked = URI.create(request.getRequestURL().toString());
    return asked.getScheme() + "://" + asked.getRawAuthority();
  }
}
