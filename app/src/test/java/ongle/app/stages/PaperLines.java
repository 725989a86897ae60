package ongle.app.stages;

import java.awt.geom.GeneralPath;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Every line drawn on a page of paper, as wide as it would print. */
final class PaperLines extends PDFGraphicsStreamEngine {
  private static final double POINT_MM = 25.4 / 72;

  private final List<Double> widths = new ArrayList<>();
  private GeneralPath path = new GeneralPath();

  private PaperLines(PDPage page) {
    super(page);
  }

  static List<Double> widthsMm(PDPage page) throws IOException {
    PaperLines lines = new PaperLines(page);
    lines.processPage(page);
    return lines.widths;
  }

  private void done() {
    widths.add(path.getBounds2D().getWidth() * POINT_MM);
    path = new GeneralPath();
  }

  @Override
  public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
    moveTo((float) a.getX(), (float) a.getY());
    lineTo((float) c.getX(), (float) c.getY());
  }

  @Override
  public void moveTo(float x, float y) {
    path.moveTo(x, y);
  }

  @Override
  public void lineTo(float x, float y) {
    path.lineTo(x, y);
  }

  @Override
  public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
    path.curveTo(x1, y1, x2, y2, x3, y3);
  }

  @Override
  public Point2D getCurrentPoint() {
    return path.getCurrentPoint();
  }

  @Override
  public void closePath() {
    path.closePath();
  }

  @Override
  public void endPath() {
    path = new GeneralPath();
  }

  @Override
  public void strokePath() {
    done();
  }

  @Override
  public void fillPath(int windingRule) {
    path = new GeneralPath();
  }

  @Override
  public void fillAndStrokePath(int windingRule) {
    done();
  }

  @Override
  public void clip(int windingRule) {}

  @Override
  public void shadingFill(COSName shading) {}

  @Override
  public void drawImage(PDImage image) {}
}
