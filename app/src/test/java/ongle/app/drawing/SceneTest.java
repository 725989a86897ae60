package ongle.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import ongle.core.nail.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;

/** Scenes become SVG that any reader takes, whatever a kit or a client is called. */
class SceneTest {
  private static Element read(Scene scene) throws Exception {
    return DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new InputSource(new java.io.StringReader("<svg>" + scene.svg() + "</svg>")))
        .getDocumentElement();
  }

  private static Scene with(Scene.Builder marks) {
    return marks.build(-1, -2, 30, 20, "title", "words");
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0",
    "1, 1",
    "-1, -1",
    "0.5, 0.5",
    "0.05, 0.05",
    "12.345, 12.35",
    "-0.004, 0",
    "-0.006, -0.01",
    "99.999, 100"
  })
  void aCoordinateIsAHundredthOfAMillimetreFine(double value, String written) {
    assertThat(Scene.number(value)).isEqualTo(written);
  }

  @Test
  void namesCannotBecomeMarkup() throws Exception {
    String name = "A & B \"<script>alert(1)</script>\"";
    Element svg = read(with(new Scene.Builder(1).text("note", 0, 0, "start", name)));

    assertThat(svg.getElementsByTagName("script").getLength()).isZero();
    assertThat(svg.getElementsByTagName("text").item(0).getTextContent()).isEqualTo(name);
  }

  @Test
  void everyKindOfMarkIsWrittenInItsOrder() throws Exception {
    Element svg =
        read(
            with(
                new Scene.Builder(2)
                    .closed("plate", List.of(new Scene.Point(0, 0), new Scene.Point(1, 1)))
                    .open("arch", List.of(new Scene.Point(0, 0), new Scene.Point(2, 2)))
                    .line("stress", 0, 0, 3, 3)
                    .circle("bead", 1, 1, 0.5)));

    assertThat(svg.getChildNodes().getLength()).isEqualTo(4);
    Element closed = (Element) svg.getChildNodes().item(0);
    assertThat(closed.getAttribute("d")).isEqualTo("M0 0L1 1Z");
    assertThat(((Element) svg.getChildNodes().item(1)).getAttribute("d")).isEqualTo("M0 0L2 2");
    assertThat(svg.getChildNodes().item(2).getNodeName()).isEqualTo("line");
    assertThat(((Element) svg.getChildNodes().item(3)).getAttribute("r")).isEqualTo("0.5");
  }

  @Test
  void aDimensionHasTwoTicksAndItsFigure() throws Exception {
    Element svg = read(with(new Scene.Builder(1).dimensionAcross(0, 8, 3, "8.0 mm")));

    assertThat(svg.getElementsByTagName("line").getLength()).isEqualTo(3);
    Element figure = (Element) svg.getElementsByTagName("text").item(0);
    assertThat(figure.getTextContent()).isEqualTo("8.0 mm");
    assertThat(figure.getAttribute("x")).isEqualTo("4");
  }

  @Test
  void aHandleIsASliderThatSaysItsRangeAndWhatAMillimetreDoes() throws Exception {
    Scene.Axis axis = new Scene.Axis(Quantity.EXTENSION, 6, 1);
    Scene.Handle handle =
        new Scene.Handle("handle", "length", 3, 4, 1, 4, "Length", "6.0 mm", axis, null);
    Element g =
        (Element) read(with(new Scene.Builder(1).add(handle))).getElementsByTagName("g").item(0);

    assertThat(g.getAttribute("id")).isEqualTo("handle-length");
    assertThat(g.getAttribute("role")).isEqualTo("slider");
    assertThat(g.getAttribute("tabindex")).isEqualTo("0");
    assertThat(g.getAttribute("aria-valuetext")).isEqualTo("6.0 mm");
    assertThat(Double.parseDouble(g.getAttribute("aria-valuemax")))
        .isEqualTo(Quantity.EXTENSION.max());
    assertThat(g.getAttribute("data-x-quantity")).isEqualTo("EXTENSION");
    assertThat(g.hasAttribute("data-y-quantity")).isFalse();
    assertThat(Double.parseDouble(g.getAttribute("data-x-step"))).isEqualTo(0.1);
  }

  @Test
  void trueSizeIsTheScenesOwnMillimetres() {
    Scene scene = with(new Scene.Builder(1));

    assertThat(scene.viewBox()).isEqualTo("-1 -2 30 20");
    assertThat(scene.trueSize()).containsEntry("width", "30mm").containsEntry("height", "20mm");
  }
}
