package ongle.app.door;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderNotFoundException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * The way in. Who somebody is stands in their browser's session, which lies in the database; what
 * they may do is asked where it is done ({@link RightsOnPages}, {@link RightsInServices}). Every
 * change carries a token of its session besides.
 */
@Configuration(proxyBeanMethods = false)
class Door {
  /** What says nothing of anybody: needs no session. */
  private static final List<String> OPEN =
      List.of("/css/**", "/js/**", "/vendor/**", "/fonts/**", "/icon.svg");

  private static final String[] FOR_EVERYBODY = {"/sign-in/**", "/begin", "/look", "/error"};

  /** The plan service stores nothing; it has its own rule ({@link ProgramDoor}). */
  private static final String PROGRAMS = "/api/**";

  @Bean
  SecurityFilterChain way(
      HttpSecurity http,
      SecurityContextRepository sessions,
      Programs programs,
      @Value("${ongle.demo}") boolean demo)
      throws Exception {
    return http.securityContext(context -> context.securityContextRepository(sessions))
        .authorizeHttpRequests(
            asked ->
                asked
                    .dispatcherTypeMatchers(
                        DispatcherType.ERROR, DispatcherType.FORWARD, DispatcherType.ASYNC)
                    .permitAll()
                    .requestMatchers(OPEN.toArray(String[]::new))
                    .permitAll()
                    .requestMatchers(FOR_EVERYBODY)
                    .permitAll()
                    .requestMatchers(PROGRAMS)
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        .addFilterBefore(new ProgramDoor(programs, demo), AnonymousAuthenticationFilter.class)
        .csrf(csrf -> csrf.ignoringRequestMatchers(PROGRAMS))
        .exceptionHandling(
            trouble ->
                trouble.authenticationEntryPoint(Door::ask).accessDeniedHandler(Door::refuse))
        .headers(AbstractHttpConfigurer::disable) // web.SecurityHeaders has them, on every answer
        .requestCache(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .build();
  }

  @Bean
  SecurityContextRepository signedIn() {
    return new HttpSessionSecurityContextRepository();
  }

  /**
   * Read by no script, sent by no other site's form. Over TLS never without it, and its name says
   * so: browsers take one called {@code __Host-} from this very host alone.
   */
  @Bean
  CookieSerializer cookie(@Value("${ongle.lan:false}") boolean overTls) {
    DefaultCookieSerializer cookie = new DefaultCookieSerializer();
    cookie.setCookieName(overTls ? "__Host-desk" : "desk");
    cookie.setUseHttpOnlyCookie(true);
    cookie.setSameSite("Lax");
    return cookie;
  }

  /** Nobody is let in but by the sign-in page. */
  @Bean
  AuthenticationManager noOtherWay() {
    return asked -> {
      throw new ProviderNotFoundException("people sign in by the sign-in page");
    };
  }

  /** A page is come back to after signing in; an edit is told, and its page asks. */
  private static void ask(
      HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
      throws IOException {
    if ("GET".equals(request.getMethod()) && request.getHeader("HX-Request") == null) {
      String query = request.getQueryString();
      String to = request.getRequestURI() + (query == null ? "" : "?" + query);
      response.sendRedirect("/sign-in?to=" + URLEncoder.encode(to, StandardCharsets.UTF_8));
    } else {
      response.sendError(HttpServletResponse.SC_UNAUTHORIZED);
    }
  }

  /**
   * A change with no token of this session: it has ended, and whoever sits there signs in again.
   */
  private static void refuse(
      HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
      throws IOException {
    response.sendError(
        why instanceof CsrfException
            ? HttpServletResponse.SC_UNAUTHORIZED
            : HttpServletResponse.SC_FORBIDDEN);
  }
}
