package ongle.app;

import java.util.List;
import ongle.app.people.Role;
import ongle.app.people.Who;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** Who asks in a test. */
public final class As {
  /** Of the demo's owner. */
  public static final String PASSWORD = "birch-and-copper";

  private As() {}

  /** Somebody of a role. */
  public static Who who(Role role) {
    return new Who(1 + role.ordinal(), "Ilse Marrow", role);
  }

  public static UsernamePasswordAuthenticationToken known(Role role) {
    return UsernamePasswordAuthenticationToken.authenticated(who(role), null, List.of());
  }

  public static RequestPostProcessor a(Role role) {
    return SecurityMockMvcRequestPostProcessors.authentication(known(role));
  }

  public static RequestPostProcessor nobody() {
    return SecurityMockMvcRequestPostProcessors.anonymous();
  }
}
