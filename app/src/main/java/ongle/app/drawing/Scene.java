package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import ongle.core.nail.Quantity;

/**
 * A drawing to scale: one unit is one millimetre, x to the right, y down. Colours and lines come
 * from the drawing style sheet by class; the scene only says what things are.
 *
 * @param minX left edge, mm
 * @param minY top edge, mm
 * @param width mm
 * @param height mm
 * @param title what is drawn, for those who hear it
 * @param description the figures in the drawing, in words
 * @param marks in the order they are drawn
 */
public record Scene(
    double minX,
    double minY,
    double width,
    double height,
    String title,
    String description,
    List<Mark> marks) {

  /** Something drawn. */
  public sealed interface Mark {
    /** What it is, for the drawing style sheet. */
    String css();
  }

  public record Path(String css, String d) implements Mark {}

  public record Line(String css, double x1, double y1, double x2, double y2) implements Mark {}

  public record Circle(String css, double x, double y, double r) implements Mark {}

  /**
   * @param size of the type, mm
   * @param anchor start, middle or end
   */
  public record Text(String css, double x, double y, double size, String anchor, String text)
      implements Mark {}

  /**
   * A place that can be chosen by tapping on it.
   *
   * @param value what it stands for in the form beside the drawing
   */
  public record Place(String css, String d, String value, String label) implements Mark {}

  /**
   * Something that can be taken hold of. The browser turns a movement in mm into a new value by
   * {@code xPerMm} and {@code yPerMm} and asks the server what that does; it knows no rule of the
   * job.
   *
   * @param grip radius of the area that can be taken hold of, mm
   * @param x2 quantity changed by moving sideways; null if none
   */
  public record Handle(
      String css,
      String id,
      double x,
      double y,
      double r,
      double grip,
      String label,
      String valueText,
      Axis across,
      Axis upDown)
      implements Mark {
    /** The axis a screen reader hears; the one that changes the thickness if there are two. */
    public Axis spoken() {
      return upDown != null ? upDown : across;
    }
  }

  /**
   * How a movement changes a value.
   *
   * @param quantity changed
   * @param value now, in its unit
   * @param perMm change of the value per millimetre moved right or down in the drawing
   * @param perMmOfNail the same for a millimetre of the nail, at whatever scale it is drawn: what
   *     the arrow keys go by
   */
  public record Axis(Quantity quantity, double value, double perMm, double perMmOfNail) {
    public Axis(Quantity quantity, double value, double perMm) {
      this(quantity, value, perMm, perMm);
    }

    /** The least change that can be seen in the value as it is written. */
    double step() {
      return Math.pow(10, -quantity.decimals());
    }
  }

  /** The marks as SVG elements. */
  public String svg() {
    return SvgMarks.of(this);
  }

  public String viewBox() {
    return number(minX) + " " + number(minY) + " " + number(width) + " " + number(height);
  }

  /** Width and height for printing at true size. */
  public Map<String, String> trueSize() {
    return Map.of("width", number(width) + "mm", "height", number(height) + "mm");
  }

  /** A coordinate: a hundredth of a millimetre is finer than any line. */
  static String number(double value) {
    long hundredths = Math.round(value * 100);
    String sign = hundredths < 0 ? "-" : "";
    long whole = Math.abs(hundredths) / 100;
    long rest = Math.abs(hundredths) % 100;
    if (rest == 0) {
      return sign + whole;
    }
    return sign + whole + (rest % 10 == 0 ? "." + rest / 10 : rest < 10 ? ".0" + rest : "." + rest);
  }

  /** A place in a drawing, mm. */
  public record Point(double x, double y) {}

  /** Collects marks. */
  public static final class Builder {
    /** What cannot be seen, over the size of ordinary type: about a tenth of a pixel. */
    private static final double UNSEEN = 0.008;

    private final List<Mark> marks;
    private final double type;
    private final double left;
    private final double top;
    private final double scale;

    /**
     * @param type size of ordinary type, mm
     */
    public Builder(double type) {
      this(new ArrayList<>(), type, 0, 0, 1);
    }

    private Builder(List<Mark> marks, double type, double left, double top, double scale) {
      this.marks = marks;
      this.type = type;
      this.left = left;
      this.top = top;
      this.scale = scale;
    }

    /**
     * The same drawing with the origin at a place of it, and at another scale: what is drawn there
     * is given in its own mm.
     */
    public Builder at(double x, double y, double enlarged) {
      return new Builder(marks, type, x(x), y(y), scale * enlarged);
    }

    /** Size of ordinary type, in mm as they are drawn here. */
    public double type() {
      return type / scale;
    }

    private double x(double x) {
      return left + scale * x;
    }

    private double y(double y) {
      return top + scale * y;
    }

    public Builder closed(String css, List<Point> points) {
      marks.add(new Path(css, d(points) + "Z"));
      return this;
    }

    /** A place that can be chosen. */
    public Builder place(String css, String value, String label, List<Point> points) {
      marks.add(new Place(css, d(points) + "Z", value, label));
      return this;
    }

    public Builder open(String css, List<Point> points) {
      marks.add(new Path(css, d(points)));
      return this;
    }

    public Builder line(String css, Point from, Point to) {
      return line(css, from.x(), from.y(), to.x(), to.y());
    }

    public Builder line(String css, double x1, double y1, double x2, double y2) {
      marks.add(new Line(css, x(x1), y(y1), x(x2), y(y2)));
      return this;
    }

    public Builder circle(String css, double x, double y, double r) {
      marks.add(new Circle(css, x(x), y(y), scale * r));
      return this;
    }

    public Builder text(String css, double x, double y, String anchor, String text) {
      return text(css, x, y, 1, anchor, text);
    }

    /**
     * @param times ordinary type
     */
    public Builder text(String css, double x, double y, double times, String anchor, String text) {
      marks.add(new Text(css, x(x), y(y), type * times, anchor, text));
      return this;
    }

    public Builder add(Handle handle) {
      marks.add(
          new Handle(
              handle.css(),
              handle.id(),
              x(handle.x()),
              y(handle.y()),
              scale * handle.r(),
              scale * handle.grip(),
              handle.label(),
              handle.valueText(),
              drawn(handle.across()),
              drawn(handle.upDown())));
      return this;
    }

    private Axis drawn(Axis axis) {
      return axis == null
          ? null
          : new Axis(axis.quantity(), axis.value(), axis.perMm() / scale, axis.perMmOfNail());
    }

    /** A horizontal dimension line with end ticks and its figure above the line. */
    public Builder dimensionAcross(double x1, double x2, double y, String figure) {
      double tick = type() * 0.35;
      line("dim", x1, y, x2, y);
      line("dim", x1, y - tick, x1, y + tick);
      line("dim", x2, y - tick, x2, y + tick);
      return text("dim-figure", (x1 + x2) / 2, y - type() * 0.55, "middle", figure);
    }

    /** A vertical dimension line with end ticks and its figure beside it, left or right. */
    public Builder dimensionDown(
        double x, double y1, double y2, boolean figureRight, String figure) {
      double tick = type() * 0.35;
      line("dim", x, y1, x, y2);
      line("dim", x - tick, y1, x + tick, y1);
      line("dim", x - tick, y2, x + tick, y2);
      return text(
          "dim-figure",
          figureRight ? x + type() * 0.6 : x - type() * 0.6,
          (y1 + y2) / 2 + type() * 0.35,
          figureRight ? "start" : "end",
          figure);
    }

    public Scene build(
        double minX, double minY, double width, double height, String title, String description) {
      return new Scene(minX, minY, width, height, title, description, List.copyOf(marks));
    }

    private String d(List<Point> line) {
      List<Point> points = line.stream().map(each -> new Point(x(each.x()), y(each.y()))).toList();
      boolean[] drawn = new boolean[points.size()];
      drawn[0] = true;
      drawn[points.size() - 1] = true;
      bend(points, 0, points.size() - 1, drawn);
      StringBuilder d = new StringBuilder(points.size() * 8);
      for (int i = 0; i < points.size(); i++) {
        if (drawn[i]) {
          d.append(i == 0 ? 'M' : 'L')
              .append(number(points.get(i).x()))
              .append(' ')
              .append(number(points.get(i).y()));
        }
      }
      return d.toString();
    }

    /**
     * Keeps only the points at which a line bends visibly (Ramer, Douglas and Peucker): half of
     * what an edit sends would be points nobody sees.
     */
    private void bend(List<Point> points, int from, int to, boolean[] drawn) {
      int farthest = -1;
      double max = type * UNSEEN * type * UNSEEN;
      for (int i = from + 1; i < to; i++) {
        double off = offSquared(points.get(i), points.get(from), points.get(to));
        if (off > max) {
          max = off;
          farthest = i;
        }
      }
      if (farthest >= 0) {
        drawn[farthest] = true;
        bend(points, from, farthest, drawn);
        bend(points, farthest, to, drawn);
      }
    }

    /** Square of how far a point lies from the stretch between two others, mm². */
    private static double offSquared(Point point, Point from, Point to) {
      double dx = to.x() - from.x();
      double dy = to.y() - from.y();
      double px = point.x() - from.x();
      double py = point.y() - from.y();
      double squared = dx * dx + dy * dy;
      double along = squared == 0 ? 0 : Math.max(0, Math.min(1, (px * dx + py * dy) / squared));
      double x = px - along * dx;
      double y = py - along * dy;
      return x * x + y * y;
    }
  }

  /** Points of a curve at even steps. */
  static List<Point> sampled(
      double from, double to, int steps, DoubleUnaryOperator x, DoubleUnaryOperator y) {
    List<Point> points = new ArrayList<>(steps + 1);
    for (int i = 0; i <= steps; i++) {
      double t = from + (to - from) * i / steps;
      points.add(new Point(x.applyAsDouble(t), y.applyAsDouble(t)));
    }
    return points;
  }
}
