package ongle.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Role;
import ongle.app.people.Who;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Programs come with their token. The demo's plan service is open to this computer: it stores
 * nothing and knows nobody.
 */
class ProgramDoor extends OncePerRequestFilter {
  private static final String BEARER = "Bearer ";

  private final Programs programs;
  private final boolean open;

  ProgramDoor(Programs programs, boolean open) {
    this.programs = programs;
    this.open = open;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    Authentication known = SecurityContextHolder.getContext().getAuthentication();
    return !request.getRequestURI().startsWith("/api/")
        || known != null && known.getPrincipal() instanceof Who;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    program(request)
        .ifPresent(
            name -> {
              SecurityContext context = SecurityContextHolder.createEmptyContext();
              context.setAuthentication(
                  UsernamePasswordAuthenticationToken.authenticated(
                      new Who(0, name, Role.PROGRAM), null, List.of()));
              SecurityContextHolder.setContext(context);
            });
    chain.doFilter(request, response);
  }

  private Optional<String> program(HttpServletRequest request) throws IOException {
    String sent = request.getHeader("Authorization");
    if (sent != null && sent.startsWith(BEARER)) {
      return programs.known(sent.substring(BEARER.length()));
    }
    return open && InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
        ? Optional.of("")
        : Optional.empty();
  }
}
