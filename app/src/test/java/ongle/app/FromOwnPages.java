package ongle.app;

import ongle.app.people.Role;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcBuilderCustomizer;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.stereotype.Component;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.setup.ConfigurableMockMvcBuilder;

/** Tests ask as a page of Ongle's own would that the owner looks at, unless they say otherwise. */
@Component
class FromOwnPages implements MockMvcBuilderCustomizer {
  @Override
  public void customize(ConfigurableMockMvcBuilder<?> builder) {
    builder.defaultRequest(
        MockMvcRequestBuilders.get("/")
            .header("Origin", "http://localhost")
            .with(As.a(Role.OWNER))
            .with(SecurityMockMvcRequestPostProcessors.csrf().asHeader()));
  }
}
