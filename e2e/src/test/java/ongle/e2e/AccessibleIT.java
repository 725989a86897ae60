package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Results;
import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page against axe, in both themes, and without sideways scrolling on a tablet. */
class AccessibleIT extends AtTheDesk {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "/",
        "/clients",
        "/clients/1",
        "/clients/9",
        "/clients/new",
        "/clients/10/consent",
        "/clients/18/consent",
        "/own-secret",
        "/own-secret/code",
        "/sets/2/measure",
        "/sets/4/measure",
        "/sets/3/fit",
        "/sets/3/shape",
        "/sets/1/structure",
        "/sets/1/structure?look=schools",
        "/sets/1/structure?look=barrel",
        "/sets/1/structure?look=ten",
        "/sets/1/structure?look=weeks",
        "/sets/1/structure?look=round",
        "/sets/2/bench",
        "/sets/3/bench?look=TIME",
        "/sets/3/bench?look=STEPS",
        "/sets/3/bench/guide",
        "/sets/9/check",
        "/sets/8/check/looks",
        "/sets/2/sheet",
        "/sets/2/fit",
        "/sets/2/look",
        "/sets/9/measure",
        "/sets/8/fit/list",
        "/sets/4/photo",
        "/sets/4/measures/read",
        "/clients/8/hands",
        "/kits",
        "/kits/2",
        "/kits/read",
        "/salon",
        "/salon/steps",
        "/salon/figures",
        "/products",
        "/products?like=acrylic",
        "/coats",
        "/recipes",
        "/salon/times",
        "/salon/people?of=1",
        "/salon/devices",
        "/salon/programs",
        "/salon/deeds",
        "/salon/backups",
        "/sign-in",
        "/sets/2/bench/guide/record",
        "/shelf",
        "/shelf?lot=1",
        "/lamps?lamp=led",
        "/standin/lamp-meter",
        "/standin/calliper",
        "/standin/camera",
        "/nowhere"
      })
  void aPageHasNoFaultsInEitherTheme(String path) {
    for (String theme : List.of("light", "dark")) {
      desk.open(path);
      desk.script("document.documentElement.dataset.theme = arguments[0]", theme);
      // In the page itself: the window it would open besides must come within a second.
      AxeBuilder axe = new AxeBuilder().setLegacyMode();
      if (theme.equals("dark")) {
        // Only colours differ between the themes.
        axe.withOnlyRules(List.of("color-contrast"));
      }
      Results results = axe.analyze(desk.driver());
      assertThat(results.getViolations())
          .as(theme + " " + path)
          .extracting(AccessibleIT::inWords)
          .isEmpty();
    }
    assertThat(salon.log()).doesNotContain("Exception");
  }

  private static String inWords(Rule rule) {
    return rule.getId()
        + ": "
        + rule.getHelp()
        + " "
        + rule.getNodes().stream().limit(3).map(node -> node.getHtml()).toList();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/",
        "/sets/2/look",
        "/sets/3/measure",
        "/sets/4/photo",
        "/sets/3/fit",
        "/kits/2",
        "/sets/3/shape",
        "/sets/3/structure",
        "/sets/3/bench",
        "/sets/3/bench/guide"
      })
  void nothingIsCutOffOnATablet(String path) {
    for (int[] size : new int[][] {{1024, 768}, {768, 1024}}) {
      desk.size(size[0], size[1]);
      desk.open(path);
      assertThat((Long) desk.script("return document.documentElement.scrollWidth"))
          .as(size[0] + " px " + path)
          .isLessThanOrEqualTo(size[0]);
    }
    desk.size(1280, 800);
  }
}
