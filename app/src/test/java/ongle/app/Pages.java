package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Pages and answers as text, for tests that read them. */
public record Pages(MockMvc mvc) {
  public String page(String path) throws Exception {
    return read(get(path), path, 200);
  }

  /**
   * @param parameters names and values by turns
   */
  public String change(String path, String... parameters) throws Exception {
    return read(with(path, parameters), path, 200);
  }

  public int status(String path, String... parameters) throws Exception {
    return mvc.perform(with(path, parameters)).andReturn().getResponse().getStatus();
  }

  private static MockHttpServletRequestBuilder with(String path, String... parameters) {
    MockHttpServletRequestBuilder request = post(path);
    for (int i = 0; i < parameters.length; i += 2) {
      request.param(parameters[i], parameters[i + 1]);
    }
    return request;
  }

  private String read(MockHttpServletRequestBuilder request, String path, int status)
      throws Exception {
    MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
    assertThat(response.getStatus()).as(path).isEqualTo(status);
    return withoutToken(response.getContentAsString(StandardCharsets.UTF_8));
  }

  /**
   * A page without the token of its session, which is written otherwise each time: any letters may
   * stand in it by chance.
   */
  public static String withoutToken(String page) {
    return page.replaceAll("(\"_csrf\"[^>]* (?:content|value)=)\"[^\"]*\"", "$1\"\"");
  }
}
