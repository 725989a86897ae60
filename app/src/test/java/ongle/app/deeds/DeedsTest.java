package ongle.app.deeds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import ongle.app.As;
import ongle.app.SalonTest;
import ongle.app.people.Role;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every change says who. */
@SalonTest
class DeedsTest {
  @Autowired private MockMvc mvc;
  @Autowired private Deeds deeds;
  @Autowired private JdbcTemplate salon;
  @Autowired private RequestMappingHandlerMapping routing;

  @Test
  void aChangeIsWrittenDownWithWhoMadeItAndAReadingIsNot() throws Exception {
    salon.update("delete from deed");
    mvc.perform(get("/sets/4/measure").with(As.a(Role.TRAINEE)));
    assertThat(deeds.of(4)).isEmpty();
    mvc.perform(
        post("/sets/4/measure/L3/WIDTH")
            .with(As.a(Role.TRAINEE))
            .param("value", "11.1")
            .param("seen", ""));
    List<Deed> done = deeds.of(4);
    assertThat(done).hasSize(1);
    assertThat(done.get(0).person()).isEqualTo(As.who(Role.TRAINEE).called());
    assertThat(done.get(0).part()).isEqualTo(Part.MEASURE);
    assertThat(done.get(0).detail()).isEqualTo("L3 WIDTH");
    mvc.perform(get("/salon/deeds"))
        .andExpect(content().string(containsString("measures and findings · L3 width")))
        .andExpect(content().string(containsString("/sets/4/measure")));
    assertThat(deeds.of(LocalDate.now(), 999L)).isEmpty();
    mvc.perform(get("/sets/4/bench/guide/record"))
        .andExpect(
            content().string(containsString("<b>" + As.who(Role.TRAINEE).called() + "</b>")));
  }

  @Test
  void whatWasRefusedForItsRightsIsNoDeed() throws Exception {
    salon.update("delete from deed");
    mvc.perform(
        post("/sets/4/look/R3/anyway").with(As.a(Role.TRAINEE)).param("reason", "I want to"));
    assertThat(deeds.of(4)).isEmpty();
    mvc.perform(
        post("/sets/4/look/R3/anyway")
            .with(As.a(Role.TECHNICIAN))
            .param("reason", "seen by a doctor"));
    assertThat(deeds.of(4)).hasSize(1);
    mvc.perform(get("/salon/deeds"))
        .andExpect(
            content()
                .string(
                    containsString("measures and findings · built on in spite of a finding · R3")));
  }

  @Test
  void everyPageThatChangesSomethingBelongsToAPart() {
    assertThat(changing().filter(method -> Part.of(method.getBeanType()).isEmpty())).isEmpty();
  }

  @Test
  void everyActIsWhatAPageDoes() {
    assertThat(changing().map(method -> method.getMethod().getName()).toList())
        .containsAll(Arrays.stream(Act.values()).map(Act::action).toList());
  }

  private Stream<HandlerMethod> changing() {
    return routing.getHandlerMethods().entrySet().stream()
        .filter(
            each ->
                !Set.of(RequestMethod.GET)
                    .containsAll(each.getKey().getMethodsCondition().getMethods()))
        .map(Map.Entry::getValue)
        .filter(method -> method.getBeanType().getName().startsWith("ongle"));
  }
}
