package ongle.app.layers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.app.shelf.Shelf;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.portion.Material;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** The salon's own bottles and recipes, from the form to the visit, the shelf and the file. */
@SalonTest
class LayersTest {
  private static final long SET = 6;

  @Autowired private MockMvc mvc;
  @Autowired private Layers layers;
  @Autowired private Shelf shelf;
  @Autowired private VisitPlanner visits;

  private static Map<String, String> bottle(String label) {
    return new HashMap<>(
        Map.of(
            "label", label,
            "kind", "COLOUR",
            "number", "27",
            "thickness", "0,06",
            "coats", "2",
            "seconds", "90",
            "lamp", "led",
            "lowHeat", "true",
            "wavelengths", "365 405",
            "limits.longest", "3"));
  }

  private ResultActions send(String to, Map<String, String> values) throws Exception {
    var request = post(to);
    values.forEach(request::param);
    return mvc.perform(request);
  }

  private void anew(String to, Map<String, String> values) throws Exception {
    values.put("formKey", UUID.randomUUID().toString());
    send(to, values).andExpect(status().is3xxRedirection());
    send(to, values).andExpect(status().is3xxRedirection()); // sent twice, kept once
  }

  private Coat coat(String label) throws Exception {
    anew("/coats", bottle(label));
    List<Coat> called =
        layers.bottles().stream().filter(coat -> coat.label().equals(label)).toList();
    assertThat(called).hasSize(1);
    return called.get(0);
  }

  private Recipe recipe(String label, Coat colour) throws Exception {
    anew(
        "/recipes",
        new HashMap<>(
            Map.of(
                "label", label,
                "primer", "usual",
                "slip", "true",
                "colour", colour.code(),
                "coats", "3",
                "cap", "usual",
                "top", "usual")));
    return layers.ownRecipes().stream()
        .map(Layers.Kept::own)
        .filter(recipe -> recipe.label().equals(label))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aBottleIsKeptAsItsMakerSaysIt() throws Exception {
    Coat coat = coat("Kelp");
    assertThat(Words.of(coat)).isEqualTo("Kelp 27");
    assertThat(coat.light().orElseThrow().lowHeat()).isTrue();
    assertThat(coat.light().orElseThrow().fullDose()).isCloseTo(90 * 0.6 * 40 / 1000, within(1e-9));
    assertThat(coat.limits().longest()).hasValue(3);
    mvc.perform(get("/coats").param("coat", coat.code()))
        .andExpect(content().string(containsString("value=\"90\"")))
        .andExpect(content().string(containsString("name=\"limits.longest\"")));
    assertThat(shelf.material(coat.code())).contains(Material.of(coat));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "label;;Give it a name",
        "seconds;long;Seconds in LED",
        "thickness;5;0 to 2",
        "coats;9;1 to 3",
        "wavelengths;green;300 to 500 nm",
        "limits.longest;-1;0 to 60",
        "number;123456789012345678901;Up to 20",
        "kind;BODY;Choose which layer"
      })
  void whatCannotBeIsSaidBesideItsFieldAndStaysTyped(String field, String value, String said)
      throws Exception {
    Map<String, String> values = bottle("Never kept");
    values.put(field, value == null ? "" : value);
    values.put("formKey", UUID.randomUUID().toString());
    send("/coats", values)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(said)))
        .andExpect(
            content()
                .string(
                    containsString(field.equals("label") || field.equals("kind") ? "27" : value)));
    assertThat(layers.bottles()).noneMatch(coat -> coat.label().equals("Never kept"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "inlay;usual;An inlay needs clear",
        "rubbed;usual;takes the place of primer",
        "top;primer;for another layer"
      })
  void aRecipeThatCannotBeLaidIsRefused(String field, String value, String said) throws Exception {
    Map<String, String> values =
        new HashMap<>(Map.of("label", "Never kept", "primer", "usual", field, value));
    values.put("formKey", UUID.randomUUID().toString());
    send("/recipes", values)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(said)));
  }

  @Test
  void aVisitIsWorkedWithTheRecipeAndItsBottle() throws Exception {
    Coat kelp = coat("Kelp two");
    Recipe recipe = recipe("Kelp window", kelp);
    assertThat(recipe.times(LayerKind.COLOUR)).isEqualTo(3);
    assertThat(visits.choose(SET, Map.of("recipe", recipe.code()))).isEmpty();

    BenchPlan plan = visits.of(SET).plan();
    assertThat(plan.amounts()).containsKey(Material.of(kelp)).doesNotContainKey(Material.COLOUR);
    mvc.perform(get("/sets/" + SET + "/bench").param("look", "PRODUCT"))
        .andExpect(content().string(containsString("Kelp window")))
        .andExpect(content().string(containsString("colour: Kelp two 27 ×3")))
        .andExpect(content().string(containsString("is for extensions up to 3.0 mm")));

    layers.putRecipeAway(recipe.code(), true);
    assertThat(visits.of(SET).plan().wish().recipe()).isEqualTo(recipe);
    assertThat(layers.recipes()).doesNotContain(recipe);
    String file =
        mvc.perform(get("/sets/" + SET + "/set.json"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(file).contains("Kelp two", "\"colour\"");
    mvc.perform(post("/api/plan").contentType(MediaType.APPLICATION_JSON).content(file))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Kelp two 27")));
    visits.choose(SET, Map.of("recipe", Recipe.AS_HABITS.code()));
  }

  @Test
  void aColourOfItsOwnIsTakenForTheVisitAndAnUnknownOneIsNot() throws Exception {
    Coat kelp = coat("Kelp three");
    assertThat(visits.choose(SET, Map.of("colour", kelp.code()))).isEmpty();
    assertThat(visits.of(SET).plan().amounts()).containsKey(Material.of(kelp));
    assertThat(visits.choose(SET, Map.of("colour", "own-nobody"))).isPresent();
    assertThat(visits.choose(SET, Map.of("recipe", "own-nobody"))).isPresent();
    assertThat(visits.choose(SET, Map.of("colour", "clear"))).isEmpty();
  }

  @Test
  void whoeverSavesSecondIsToldAndABottleStaysWhatItIs() throws Exception {
    Coat kelp = coat("Kelp four");
    Map<String, String> values = bottle("Kelp four");
    values.put("seen", "0");
    values.put("seconds", "60");
    send("/coats/" + kelp.code(), values).andExpect(status().is3xxRedirection());
    send("/coats/" + kelp.code(), values)
        .andExpect(content().string(containsString("Somebody else changed this")));
    values.put("kind", "TOP");
    send("/coats/" + kelp.code(), values)
        .andExpect(content().string(containsString("add another one instead")));
  }
}
