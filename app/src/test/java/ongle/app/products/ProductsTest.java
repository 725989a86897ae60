package ongle.app.products;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.app.shelf.Shelf;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.StepKind;
import ongle.core.nail.Finger;
import ongle.core.product.Handling;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** The salon's own products, from the form to the lamp. */
@SalonTest
class ProductsTest {
  @Autowired private MockMvc mvc;
  @Autowired private Products products;
  @Autowired private Shelf shelf;
  @Autowired private VisitPlanner visits;

  private static Map<String, String> typed(String label) {
    return new HashMap<>(
        Map.ofEntries(
            Map.entry("label", label),
            Map.entry("handling", "BRUSHED"),
            Map.entry("origin", "test sheet"),
            Map.entry("modulus", "1600"),
            Map.entry("strength", "60"),
            Map.entry("density", "1,15"),
            Map.entry("shrinkage", "0.07"),
            Map.entry("fullSeconds", "120"),
            Map.entry("flashSeconds", "15"),
            Map.entry("lamp", "led"),
            Map.entry("wavelengths", "365 405"),
            Map.entry("clearReach", "0.9"),
            Map.entry("pigmentedReach", "0.5"),
            Map.entry("reactivity", "1.1"),
            Map.entry("levelling", "true")));
  }

  private ResultActions send(String to, Map<String, String> values) throws Exception {
    var request = post(to);
    values.forEach(request::param);
    return mvc.perform(request);
  }

  private Product added(String label) throws Exception {
    Map<String, String> values = typed(label);
    values.put("formKey", UUID.randomUUID().toString());
    send("/products", values).andExpect(status().is3xxRedirection());
    send("/products", values).andExpect(status().is3xxRedirection());
    return kept(label).product();
  }

  private Products.Kept kept(String label) {
    return products.own().stream()
        .filter(kept -> kept.product().label().equals(label))
        .reduce(
            (one, other) -> {
              throw new AssertionError("there twice");
            })
        .orElseThrow();
  }

  @Test
  void secondsInALampBecomeLightAndComeBackAsSeconds() throws Exception {
    Product product = added("Test gel A");

    assertThat(product.light().orElseThrow().fullDose()).isCloseTo(120 * 40 / 1000.0, within(1e-9));
    assertThat(product.density()).isEqualTo(1.15);
    assertThat(product.handling()).isEqualTo(Handling.BRUSHED);
    mvc.perform(get("/products").param("product", product.code()))
        .andExpect(content().string(containsString("name=\"fullSeconds\"")))
        .andExpect(content().string(containsString("value=\"120\"")));
    assertThat(Words.of(shelf.material(product.code()).orElseThrow())).isEqualTo("Test gel A");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "label;;Give it a name",
        "origin;;where the figures come from",
        "modulus;stiff;50 to 20000 MPa",
        "strength;0;1 to 500 MPa",
        "density;NaN;0.50 to 5.00",
        "shrinkage;60;0.00 to 0.50",
        "fullSeconds;0;Seconds in LED",
        "flashSeconds;120;Shorter than the full cure",
        "wavelengths;green;Whole numbers from 300 to 500 nm",
        "clearReach;-1;0.05 to 5.00 mm"
      })
  void whatCannotBeIsSaidBesideItsFieldAndStaysTyped(String field, String value, String said)
      throws Exception {
    Map<String, String> values = typed("Never kept");
    values.put(field, value == null ? "" : value);
    values.put("formKey", UUID.randomUUID().toString());

    ResultActions answer =
        send("/products", values)
            .andExpect(status().isOk())
            .andExpect(content().string(containsString(said)));
    if (value != null) {
      answer.andExpect(content().string(containsString("value=\"" + value + "\"")));
    }
    assertThat(products.own()).noneMatch(kept -> kept.product().label().equals("Never kept"));
  }

  @Test
  void powderAndLiquidNeedNoLight() throws Exception {
    Map<String, String> values = typed("Test powder");
    values.put("handling", "POWDER_AND_LIQUID");
    values.put("fullSeconds", "");
    values.put("wavelengths", "");
    values.put("formKey", UUID.randomUUID().toString());
    send("/products", values).andExpect(status().is3xxRedirection());

    assertThat(kept("Test powder").product().setsByItself()).isTrue();
  }

  @Test
  void correctedItReachesTheSetsBuiltOfItAndASecondCorrectorIsTold() throws Exception {
    Product product = added("Test gel B");
    mvc.perform(post("/sets/8/shape").param("product", product.code())).andExpect(status().isOk());
    try {
      assertThat(cure(visits.of(8).plan())).isEqualTo(120);
      Map<String, String> values = typed("Test gel B");
      values.put("fullSeconds", "180");
      values.put("seen", String.valueOf(kept("Test gel B").seen()));
      send("/products/" + product.code(), values).andExpect(status().is3xxRedirection());
      assertThat(cure(visits.of(8).plan())).isEqualTo(180);

      values.put("fullSeconds", "240");
      send("/products/" + product.code(), values)
          .andExpect(content().string(containsString("Somebody else changed")))
          .andExpect(content().string(containsString("value=\"240\"")));
      assertThat(cure(visits.of(8).plan())).isEqualTo(180);
    } finally {
      mvc.perform(post("/sets/8/shape").param("product", "hard-gel"));
    }
  }

  private static int cure(BenchPlan plan) {
    return plan.steps().stream()
        .filter(step -> step.kind() == StepKind.CURE && step.fingers().contains(Finger.L2))
        .findFirst()
        .orElseThrow()
        .job()
        .seconds();
  }

  @Test
  void putAwayItIsOfferedNoMoreButSetsOfItGoOn() throws Exception {
    Product product = added("Test gel C");
    mvc.perform(get("/sets/8/shape")).andExpect(content().string(containsString("Test gel C")));
    mvc.perform(post("/sets/8/shape").param("product", product.code()));
    mvc.perform(post("/products/{code}/away", product.code()));
    try {
      mvc.perform(get("/sets/8/shape")).andExpect(content().string(containsString("Test gel C")));
      mvc.perform(get("/sets/5/shape"))
          .andExpect(content().string(not(containsString("Test gel C"))));
      assertThat(visits.of(8).plan().plan().wish().product()).isEqualTo(product);
    } finally {
      mvc.perform(post("/sets/8/shape").param("product", "hard-gel"));
    }
    mvc.perform(get("/products")).andExpect(content().string(containsString("Offer again")));
  }

  @Test
  void aSetOfItComesOutWithItsFiguresAndPlansTheSameElsewhere() throws Exception {
    Product product = added("Test gel D");
    mvc.perform(post("/sets/8/shape").param("ownProduct", product.code()).param("finger", "R3"));
    try {
      String file =
          mvc.perform(get("/sets/8/set.json")).andReturn().getResponse().getContentAsString();
      assertThat(file).contains("Test gel D", "test sheet", "\"fullDoseJPerCm2\":4.8");
      String plan =
          mvc.perform(post("/api/plan").contentType(MediaType.APPLICATION_JSON).content(file))
              .andExpect(status().isOk())
              .andReturn()
              .getResponse()
              .getContentAsString();
      assertThat(plan).contains("\"makespanS\":" + visits.of(8).plan().schedule().makespan() + ",");
    } finally {
      mvc.perform(post("/sets/8/shape").param("ownProduct", "").param("finger", "R3"));
    }
  }
}
