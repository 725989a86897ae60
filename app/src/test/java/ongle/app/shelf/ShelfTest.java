package ongle.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@SalonTest
class ShelfTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 10);

  @Autowired private MockMvc mvc;
  @Autowired private Shelf shelf;

  private Shelf.Kept kept(String number) {
    return shelf.all().stream()
        .filter(each -> each.lot().number().equals(number))
        .findFirst()
        .orElseThrow();
  }

  private ResultActions send(MockHttpServletRequestBuilder to, Map<String, String> values)
      throws Exception {
    values.forEach(to::param);
    return mvc.perform(to);
  }

  private static Map<String, String> jar(String field, String value) {
    Map<String, String> jar =
        new java.util.HashMap<>(
            Map.of(
                "material", "solid-gel",
                "number", "SO-1",
                "content", "50",
                "left", "",
                "expires", "2027-01-31",
                "opened", "",
                "months", "12",
                "price", "30"));
    jar.put(field, value);
    return jar;
  }

  @Test
  void aJarIsPutThereOnceCorrectedAndTakenAway() throws Exception {
    String key = UUID.randomUUID().toString();
    for (int sent = 0; sent < 2; sent++) {
      send(post("/shelf").param("formKey", key), jar("number", "SO-7"))
          .andExpect(redirectedUrl("/shelf"));
    }
    assertThat(shelf.all()).filteredOn(each -> each.lot().number().equals("SO-7")).hasSize(1);
    assertThat(kept("SO-7").lot().left()).isEqualTo(50);

    Shelf.Kept before = kept("SO-7");
    Map<String, String> half = jar("number", "SO-7");
    half.put("left", "24,5");
    send(post("/shelf/{id}", before.id()).param("seen", before.seen() + ""), half)
        .andExpect(redirectedUrl("/shelf"));
    assertThat(kept("SO-7").lot().left()).isEqualTo(24.5);
    half.put("left", "3");
    send(post("/shelf/{id}", before.id()).param("seen", before.seen() + ""), half)
        .andExpect(content().string(containsString("Somebody else changed")))
        .andExpect(content().string(containsString("value=\"3\"")));
    assertThat(kept("SO-7").lot().left()).isEqualTo(24.5);

    mvc.perform(post("/shelf/{id}/away", before.id())).andExpect(redirectedUrl("/shelf"));
    mvc.perform(get("/shelf")).andExpect(content().string(not(containsString("SO-7"))));
  }

  @ParameterizedTest
  @CsvSource({
    "number, '', The number printed",
    "content, 0, A number from 1 to 5000",
    "content, much, A number from 1 to 5000",
    "left, 51, A number from 0 to 50",
    "expires, soon, A day as",
    "months, 0, A number from 1 to 60",
    "price, -2, A number from 0",
    "material, toffee, Choose what is in it"
  })
  void whatCannotBeIsSaidBesideItsFieldAndStaysTyped(String field, String typed, String said)
      throws Exception {
    int before = shelf.all().size();
    send(post("/shelf").param("formKey", UUID.randomUUID().toString()), jar(field, typed))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(said)))
        .andExpect(
            content().string(containsString("value=\"" + (field.equals("price") ? typed : "30"))));
    assertThat(shelf.all()).hasSize(before);
  }

  @Test
  void aVisitTakesFromTheOpenJarFirstAndOnlyOnce() {
    Map<Material, Double> amounts =
        Map.of(Material.of(ongle.core.product.Product.HARD_GEL), 1.6, Material.COLOUR, 1.0);
    double open = kept("HG-1140").lot().left();
    assertThat(open).isLessThan(1.6);

    shelf.take(7, 91, amounts, DAY);
    shelf.take(7, 91, amounts, DAY);

    assertThat(kept("HG-1140").lot().left()).isZero();
    assertThat(kept("HG-1163").lot().left()).isCloseTo(30 - 1.6 + open, within(1e-9));
    assertThat(kept("HG-1163").lot().opened()).contains(DAY);
    assertThat(shelf.taken(7, 91).stream().map(use -> use.material() + " " + use.number()))
        .containsExactlyInAnyOrder(
            "hard-gel HG-1140", "hard-gel HG-1163", "colour C-114", "colour ");
    assertThat(shelf.taken(7, 92)).isEmpty();
  }

  @Test
  void twoJarsOfOneLotAreCountedTogether() throws Exception {
    for (int jar = 0; jar < 2; jar++) {
      send(post("/shelf").param("formKey", UUID.randomUUID().toString()), jar("number", "SO-9"));
    }
    Material putty = Material.of(ongle.core.product.Product.SOLID_GEL);
    assertThat(shelf.take(7, 93, Map.of(putty, 60.0), DAY)).isTrue();

    assertThat(shelf.taken(7, 93)).extracting(LotUse::amount).containsExactly(60.0);
    assertThat(shelf.all())
        .filteredOn(each -> each.lot().number().equals("SO-9"))
        .extracting(each -> each.lot().left())
        .containsExactlyInAnyOrder(0.0, 40.0);
  }

  @Test
  void theShelfSaysWhatItLacks() {
    Need liquid = shelf.needs(Map.of(Material.ACRYLIC_LIQUID, 50.0), DAY).get(0);
    assertThat(liquid.standing()).isEqualTo(Need.Standing.SHORT);
    assertThat(liquid.lacking()).isCloseTo(9, within(1e-9));
    assertThat(liquid.unusable()).extracting(lot -> lot.number()).containsExactly("AL-0688");
    Need soaked =
        shelf.needs(Map.of(Material.of(ongle.core.product.Product.SOAK_OFF_GEL), 1.0), DAY).get(0);
    assertThat(soaked.standing()).isEqualTo(Need.Standing.ALL_OPEN_TOO_LONG);
  }

  @Test
  void costsAreShownOnlyWhereTheyAreWanted() throws Exception {
    mvc.perform(get("/sets/2/bench")).andExpect(content().string(containsString("crowns")));
    mvc.perform(post("/shelf/currency").param("currency", "a very long word"))
        .andExpect(content().string(containsString("Up to 8 characters")));
    mvc.perform(post("/shelf/currency").param("currency", ""));
    mvc.perform(get("/sets/2/bench")).andExpect(content().string(not(containsString("Together"))));
    mvc.perform(post("/shelf/currency").param("currency", "crowns"));
  }
}
