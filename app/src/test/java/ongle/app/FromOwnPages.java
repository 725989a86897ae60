package ongle.app;

import org.springframework.boot.webmvc.test.autoconfigure.MockMvcBuilderCustomizer;
import org.springframework.stereotype.Component;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.setup.ConfigurableMockMvcBuilder;

/** Tests ask as a page of Ongle's own would, unless they say otherwise. */
@Component
class FromOwnPages implements MockMvcBuilderCustomizer {
  @Override
  public void customize(ConfigurableMockMvcBuilder<?> builder) {
    builder.defaultRequest(MockMvcRequestBuilders.get("/").header("Origin", "http://localhost"));
  }
}
