package ongle.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The plans of the demo sets, figure by figure, as they were when they were last signed. Where a
 * plan is meant to change, write them anew with {@code -Dongle.golden=write} and read what changed.
 */
@SalonTest
class GoldenPlanTest {
  private static final Path KEPT =
      Path.of("src", "test", "resources", "golden", "demo-sets.txt.gz");

  /** Words are counted, not compared: the same plan may be said better, or in another language. */
  private static final Set<String> SAID =
      Set.of(
          "cautions",
          "instead",
          "whyAnotherWay",
          "reasons",
          "noTipAdvice",
          "refusals",
          "title",
          "tool",
          "name",
          "direction",
          "removalBecause",
          "hints",
          "label",
          "programme",
          "measure");

  private static final int SIGNED = 10;

  @Autowired MockMvc mvc;
  @Autowired JsonMapper json;

  @Test
  void theDemoSetsAreStillPlannedAsTheyWereSigned() throws Exception {
    List<String> plans = new ArrayList<>();
    // The sets of years, after these, are the same wishes again and again.
    for (long id = 1; id <= SIGNED; id++) {
      MockHttpServletResponse file =
          mvc.perform(get("/sets/{id}/set.json", id)).andReturn().getResponse();
      String plan =
          mvc.perform(
                  post("/api/plan")
                      .contentType("application/json")
                      .content(file.getContentAsString()))
              .andReturn()
              .getResponse()
              .getContentAsString();
      lines("set-" + id, json.readTree(plan), plans);
    }
    if (System.getProperty("ongle.golden", "").equals("write")) {
      write(plans);
    }
    assertThat(plans).containsExactlyInAnyOrderElementsOf(kept());
  }

  private static void lines(String path, JsonNode node, List<String> out) {
    String name = path.substring(path.lastIndexOf('.') + 1);
    if (SAID.contains(name)) {
      out.add(path + " " + (node.isArray() ? node.size() + " said" : node.isNull() ? "-" : "said"));
    } else if (node.isObject()) {
      node.properties().forEach(each -> lines(path + "." + each.getKey(), each.getValue(), out));
    } else if (node.isArray()) {
      for (int i = 0; i < node.size(); i++) {
        lines(path + "[" + i + "]", node.get(i), out);
      }
    } else {
      out.add(path + " " + node);
    }
  }

  private static List<String> kept() throws IOException {
    try (InputStream in = new GZIPInputStream(Files.newInputStream(KEPT))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  private static void write(List<String> plans) throws IOException {
    Files.createDirectories(KEPT.getParent());
    try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(KEPT))) {
      out.write(String.join("\n", plans).getBytes(StandardCharsets.UTF_8));
    }
  }
}
