package ongle.app.templates;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockServletContext;
import org.thymeleaf.context.WebContext;
import org.thymeleaf.exceptions.TemplateProcessingException;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.StringTemplateResolver;
import org.thymeleaf.web.servlet.JakartaServletWebApplication;

class KeptFragmentsTest {
  private static final AtomicInteger LOOKS = new AtomicInteger();

  /** A value that counts how often a template looks at it. */
  public record Nail(String finger) {
    public String look() {
      LOOKS.incrementAndGet();
      return finger;
    }
  }

  private static final String PAGE =
      """
      <th:block th:each="nail : ${nails}">
      <p kept:replace="~{:: #drawn(nail=${nail})}"></p>
      </th:block>
      <th:block th:if="false"><b id="drawn" th:fragment="drawn"\
       th:text="|${nail.look()} ${#locale.language} ${client}|"></b></th:block>
      """;

  private final SpringTemplateEngine engine = new SpringTemplateEngine();
  private final JakartaServletWebApplication web =
      JakartaServletWebApplication.buildApplication(new MockServletContext());

  @BeforeEach
  void setUp() {
    engine.setTemplateResolver(new StringTemplateResolver());
    engine.addDialect(new KeptFragments());
    new PageVariables(engine);
    LOOKS.set(0);
  }

  private String page(String template, Locale language, Map<String, Object> variables) {
    return engine.process(
        template,
        new WebContext(
            web.buildExchange(new MockHttpServletRequest(), new MockHttpServletResponse()),
            language,
            new HashMap<>(variables)));
  }

  private String page(Locale language, String... fingers) {
    return page(
        PAGE,
        language,
        Map.of("nails", List.of(fingers).stream().map(Nail::new).toList(), "client", "Greta"));
  }

  @Test
  void theSameParametersAreWrittenOnce() {
    String first = page(Locale.ENGLISH, "L1", "L2");
    assertThat(page(Locale.ENGLISH, "L1", "L2")).isEqualTo(first).contains("L1 en", "L2 en");
    assertThat(LOOKS).hasValue(2);
  }

  @Test
  void otherParametersAreWrittenAnew() {
    page(Locale.ENGLISH, "L1", "L2");
    assertThat(page(Locale.ENGLISH, "L1", "L3")).contains("L1", "L3").doesNotContain("L2");
    assertThat(LOOKS).hasValue(3);
  }

  @Test
  void anotherLanguageIsWrittenAnew() {
    page(Locale.ENGLISH, "L1");
    assertThat(page(Locale.GERMAN, "L1")).contains("L1 de");
  }

  @Test
  void aFragmentKnowsNothingOfItsPage() {
    assertThat(page(Locale.ENGLISH, "L1")).doesNotContain("Greta");
  }

  @Test
  void parametersWithoutNamesAreRefused() {
    String page =
        """
        <p kept:replace="~{:: drawn('L1')}"></p><b th:fragment="drawn(nail)" th:text="${nail}"></b>
        """;
    assertThatThrownBy(() -> page(page, Locale.ENGLISH, Map.of()))
        .isInstanceOf(TemplateProcessingException.class)
        .hasRootCauseInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whatAPageSetsStaysInThePage() {
    MockHttpServletRequest request = new MockHttpServletRequest();
    request.setAttribute("client", "Greta");
    String page =
        engine.process(
            "<p th:each=\"nail : ${nails}\" th:text=\"|${nail} ${client}|\"></p>",
            new WebContext(
                web.buildExchange(request, new MockHttpServletResponse()),
                Locale.ENGLISH,
                Map.of("nails", List.of("L1"))));
    assertThat(page).contains("L1 Greta");
    assertThat(request.getAttribute("nails")).isNull();
  }
}
