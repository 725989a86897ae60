package ongle.app.drawing;

import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Circle;
import ongle.app.drawing.Scene.Handle;
import ongle.app.drawing.Scene.Line;
import ongle.app.drawing.Scene.Mark;
import ongle.app.drawing.Scene.Path;
import ongle.app.drawing.Scene.Place;
import ongle.app.drawing.Scene.Text;

/**
 * Writes a scene's marks as SVG elements. In Java rather than in the template because a page draws
 * some two hundred marks and every edit draws them again.
 */
final class SvgMarks {
  /** What every handle's id in the page begins with. */
  static final String HANDLE_ID = "handle-";

  private final StringBuilder svg = new StringBuilder(8192);

  private SvgMarks() {}

  static String of(Scene scene) {
    SvgMarks out = new SvgMarks();
    scene.marks().forEach(out::write);
    return out.svg.toString();
  }

  private void write(Mark mark) {
    if (mark instanceof Path path) {
      open("path", path.css()).attribute("d", path.d()).empty();
    } else if (mark instanceof Line line) {
      open("line", line.css())
          .attribute("x1", line.x1())
          .attribute("y1", line.y1())
          .attribute("x2", line.x2())
          .attribute("y2", line.y2())
          .empty();
    } else if (mark instanceof Circle circle) {
      circle(circle.css(), circle.x(), circle.y(), circle.r());
    } else if (mark instanceof Text text) {
      open("text", text.css())
          .attribute("x", text.x())
          .attribute("y", text.y())
          .attribute("font-size", text.size())
          .attribute("text-anchor", text.anchor());
      svg.append('>').append(escaped(text.text())).append("</text>");
    } else if (mark instanceof Place place) {
      open("path", place.css())
          .attribute("d", place.d())
          .attribute("role", "button")
          .attribute("tabindex", "0")
          .attribute("aria-label", place.label())
          .attribute("data-place", place.value())
          .empty();
    } else if (mark instanceof Handle handle) {
      write(handle);
    }
  }

  /** A slider for hands, keys and screen readers alike. */
  private void write(Handle handle) {
    Axis spoken = handle.spoken();
    open("g", "handle")
        .attribute("id", HANDLE_ID + handle.id())
        .attribute("role", "slider")
        .attribute("tabindex", "0")
        .attribute("aria-orientation", "vertical")
        .attribute("aria-label", handle.label())
        .attribute("aria-valuetext", handle.valueText())
        .attribute("aria-valuenow", String.valueOf(spoken.value()))
        .attribute("aria-valuemin", spoken.quantity().min())
        .attribute("aria-valuemax", spoken.quantity().max())
        .axis("x", handle.across())
        .axis("y", handle.upDown());
    svg.append('>');
    circle("grip", handle.x(), handle.y(), handle.grip());
    circle("knob", handle.x(), handle.y(), handle.r());
    svg.append("</g>");
  }

  private SvgMarks axis(String side, Axis axis) {
    if (axis == null) {
      return this;
    }
    return attribute("data-" + side + "-quantity", axis.quantity().name())
        .attribute("data-" + side + "-value", String.valueOf(axis.value()))
        .attribute("data-" + side + "-per-mm", String.valueOf(axis.perMm()))
        .attribute("data-" + side + "-per-mm-of-nail", String.valueOf(axis.perMmOfNail()))
        .attribute("data-" + side + "-step", String.valueOf(axis.step()));
  }

  private void circle(String css, double x, double y, double r) {
    open("circle", css).attribute("cx", x).attribute("cy", y).attribute("r", r).empty();
  }

  private SvgMarks open(String element, String css) {
    svg.append('<').append(element);
    return attribute("class", css);
  }

  private SvgMarks attribute(String name, double value) {
    svg.append(' ').append(name).append("=\"").append(Scene.number(value)).append('"');
    return this;
  }

  private SvgMarks attribute(String name, String value) {
    svg.append(' ').append(name).append("=\"").append(escaped(value)).append('"');
    return this;
  }

  private void empty() {
    svg.append("/>");
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }
}
