package ongle.app.drawing;

import ongle.app.words.Words;
import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;

/** A shape to choose, drawn on one of the client's own nails. */
public final class ShapeDrawing {
  private ShapeDrawing() {}

  /** Long enough that every shape reads; the build itself takes the wished length. */
  public static Scene of(NailShape shape, Nail nail) {
    Outline outline = new Outline(shape, nail.width(), 1.1 * nail.width());
    Scene.Builder scene = new Scene.Builder(2);
    NailFromAbove view = new NailFromAbove(nail, 0, 0, 90);
    scene.closed("plate", view.plate());
    view.drawExtension(scene, outline);
    double half = nail.width() / 2 + 0.8;
    return scene.build(
        -half,
        -nail.plateLength() - 0.8,
        2 * half,
        nail.plateLength() + outline.extension() + 1.6,
        Words.of(shape),
        Words.say("drawing.outline", "shape", shape));
  }
}
