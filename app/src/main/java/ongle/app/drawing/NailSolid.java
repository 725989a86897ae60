package ongle.app.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import ongle.core.check.Body;
import ongle.core.check.Body.Place;
import ongle.core.nail.Nail;

/** A built nail on its finger, as solid as it is, wherever in a picture it lies. */
public final class NailSolid {
  private static final int SKIN = 0xcf9c7e;
  private static final int PRODUCT = 0xf4d6d2;
  private static final int EDGE = 0xfbf3ee;
  private static final int UNDER = 0xa96f70;
  private static final int ACROSS = 20;
  private static final int RINGS = 50;
  private static final int ROUND = 40;

  private final Body body;
  private final UnaryOperator<Place> lies;

  /**
   * @param lies from the nail's own axes to the picture's
   */
  public NailSolid(Body body, UnaryOperator<Place> lies) {
    this.body = body;
    this.lies = lies;
  }

  /**
   * @param finger how much of it is drawn behind the cuticle, mm
   */
  public void draw(SolidPicture picture, double finger) {
    nail(picture);
    finger(picture, finger);
  }

  private void nail(SolidPicture picture) {
    int tip = body.slices() - 1;
    picture.surface(grid(true), rows(PRODUCT, PRODUCT));
    picture.surface(grid(false), rows(SKIN, UNDER));
    for (int i = 0; i < tip; i++) {
      for (int side = -1; side <= 1; side += 2) {
        edge(picture, i, side, i + 1, side);
      }
    }
    for (int k = 0; k < ACROSS; k++) {
      edge(picture, tip, share(k), tip, share(k + 1));
    }
  }

  private void edge(SolidPicture picture, int slice, double side, int next, double nextSide) {
    picture.quad(
        EDGE,
        lies.apply(body.lower(slice, side)),
        lies.apply(body.upper(slice, side)),
        lies.apply(body.upper(next, nextSide)),
        lies.apply(body.lower(next, nextSide)));
  }

  private int[] rows(int onPlate, int beyond) {
    int[] rows = new int[body.slices()];
    Arrays.fill(rows, 0, body.stressLine(), onPlate);
    Arrays.fill(rows, body.stressLine(), rows.length, beyond);
    return rows;
  }

  private Place[][] grid(boolean upper) {
    Place[][] places = new Place[body.slices()][ACROSS + 1];
    for (int i = 0; i < places.length; i++) {
      for (int k = 0; k <= ACROSS; k++) {
        places[i][k] = lies.apply(upper ? body.upper(i, share(k)) : body.lower(i, share(k)));
      }
    }
    return places;
  }

  private static double share(int k) {
    return 2.0 * k / ACROSS - 1;
  }

  /** Skin below the plate at its sidewalls, over it behind the cuticle, round at the fingertip. */
  private void finger(SolidPicture picture, double drawn) {
    Nail nail = body.plan().nail();
    double end = nail.plateLength() + Math.max(1, nail.overhang());
    List<Place[]> rings = new ArrayList<>();
    for (int i = 0; i <= RINGS; i++) {
      // Closer together where it rounds.
      double x = end - (end + drawn) * Math.pow(1 - (double) i / RINGS, 2);
      double round = Math.max(0, 1 - (end - x) / 4);
      rings.add(ring(nail, x, Math.sqrt(Math.max(0, 1 - round * round))));
    }
    int[] skin = new int[rings.size()];
    Arrays.fill(skin, SKIN);
    picture.surface(rings.toArray(Place[][]::new), skin);
  }

  private Place[] ring(Nail nail, double x, double round) {
    double deep = nail.archDepth();
    double fold = Math.max(0, Math.min(1, -x / 1.2));
    double half = (0.5 * nail.width() + 0.9) * round;
    double top = -0.6 * deep + fold * (0.6 * deep + 0.35);
    double middle = (-deep - 0.494 * -0.6 * deep) / 0.506 + fold * 0.4;
    double bottom = middle - 0.75 * nail.width() * round;
    Place[] ring = new Place[ROUND + 1];
    for (int k = 0; k < ring.length; k++) {
      double angle = 2 * Math.PI * k / ROUND;
      double up = Math.sin(angle);
      ring[k] =
          lies.apply(
              new Place(
                  x,
                  half * Math.cos(angle),
                  middle + up * (up > 0 ? (top - middle) * round : middle - bottom)));
    }
    return ring;
  }
}
