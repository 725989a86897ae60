package ongle.core.trace;

import java.util.ArrayList;
import java.util.List;
import ongle.core.check.Body;
import ongle.core.check.Body.Place;
import ongle.core.photo.Spot;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;

/** Where the edges of a body are seen in a picture. */
public final class Silhouette {
  /** Places across a cross section the highest is looked for among, and across a blunt tip. */
  private static final int ACROSS = 8;

  private final Body body;
  private final Pose pose;
  private final View view;

  public Silhouette(Body body, Pose pose, View view) {
    this.body = body;
    this.pose = pose;
    this.view = view;
  }

  /** Which sidewall is nearer the camera: 1 for the left. */
  private int near() {
    return pose.axes()[7] > 0 ? -1 : 1;
  }

  private int tip() {
    return body.slices() - 1;
  }

  /** Down the barrel a point has no corners: there the inner curve ends at the growth points. */
  private int ends() {
    return body.blunt() ? tip() : body.stressLine();
  }

  /**
   * Where a mark belongs on the body.
   *
   * @param side 1 where the first of a pair lies to the left of the nail, else −1
   */
  public Place place(Anchor anchor, int side) {
    return switch (anchor) {
      case GROWTH_POINT -> body.lower(body.stressLine(), view == View.SIDE ? near() : side);
      case OTHER_GROWTH_POINT -> body.lower(body.stressLine(), -side);
      case CUTICLE -> body.lower(0, 0);
      case TIP -> body.upper(tip(), 0);
      case ONE_END -> body.lower(ends(), side);
      case OTHER_END -> body.lower(ends(), -side);
      case TOP -> body.lower(tip(), 0);
    };
  }

  /** An edge as a line through the picture, px. */
  public List<Spot> line(Curve curve) {
    return switch (curve) {
      case CUTICLE_LINE -> cuticle();
      case LEFT_SIDE -> side(1);
      case RIGHT_SIDE -> side(-1);
      case UPPER_ARCH -> upper();
      case LOWER_ARCH -> lower();
      case INNER -> rim(true);
      case OUTER -> rim(false);
    };
  }

  /** Round the product's edge on the plate, as far out as it is seen. */
  private List<Spot> cuticle() {
    List<Spot> line = new ArrayList<>();
    for (int i = body.stressLine(); i >= 0; i--) {
      line.add(edgeOnPlate(i, near()));
    }
    if (view == View.ABOVE) {
      for (int i = 1; i <= body.stressLine(); i++) {
        line.add(edgeOnPlate(i, -near()));
      }
    }
    return line;
  }

  private Spot edgeOnPlate(int slice, int side) {
    Spot lower = pose.sees(body.lower(slice, side));
    Spot upper = pose.sees(body.upper(slice, side));
    return farther(lower.minus(pose.sees(body.upper(body.stressLine() / 2 + 2, 0))), lower, upper);
  }

  /** Whichever edge of the sidewall stands out farther, to the middle of the tip. */
  private List<Spot> side(int side) {
    List<Spot> line = new ArrayList<>();
    Spot middle = pose.sees(body.lower(body.stressLine(), 0));
    Spot out = pose.sees(body.lower(body.stressLine(), side)).minus(middle);
    for (int i = body.stressLine(); i <= tip(); i++) {
      line.add(farther(out, pose.sees(body.lower(i, side)), pose.sees(body.upper(i, side))));
    }
    Spot along = pose.sees(body.lower(tip(), 0)).minus(middle);
    for (int i = ACROSS / 2 - 1; body.blunt() && i >= 0; i--) {
      double share = 2.0 * side * i / ACROSS;
      line.add(
          farther(along, pose.sees(body.lower(tip(), share)), pose.sees(body.upper(tip(), share))));
    }
    return line;
  }

  private static Spot farther(Spot direction, Spot one, Spot other) {
    return direction.dot(one) >= direction.dot(other) ? one : other;
  }

  /** Up in the picture: across the way from cuticle to tip, to the product's side. */
  private Spot up() {
    Spot along = pose.sees(body.lower(tip(), 0)).minus(pose.sees(body.lower(0, 0)));
    Place low = body.lower(body.stressLine(), 0);
    Spot rises = pose.sees(new Place(low.x(), low.y(), low.z() + 1)).minus(pose.sees(low));
    Spot up = along.turnedRight();
    return up.dot(rises) < 0 ? up.times(-1) : up;
  }

  private List<Spot> upper() {
    Spot up = up();
    List<Spot> line = new ArrayList<>();
    for (int i = 0; i <= tip(); i++) {
      line.add(highest(up, i));
    }
    return line;
  }

  /** The highest place of a cross section, between the places looked at too. */
  private Spot highest(Spot up, int slice) {
    double[] heights = new double[ACROSS + 1];
    int best = 0;
    for (int k = 0; k <= ACROSS; k++) {
      heights[k] = up.dot(pose.sees(body.upper(slice, share(k))));
      if (heights[k] > heights[best]) {
        best = k;
      }
    }
    double at = best;
    if (best > 0 && best < ACROSS) {
      double bend = heights[best - 1] - 2 * heights[best] + heights[best + 1];
      at += bend < 0 ? 0.5 * (heights[best - 1] - heights[best + 1]) / bend : 0;
    }
    return pose.sees(body.upper(slice, share(at)));
  }

  private static double share(double k) {
    return 2 * k / ACROSS - 1;
  }

  private List<Spot> lower() {
    Spot down = up().times(-1);
    List<Spot> line = new ArrayList<>();
    for (int i = body.stressLine(); i <= tip(); i++) {
      line.add(farther(down, pose.sees(body.lower(i, 1)), pose.sees(body.lower(i, -1))));
    }
    return line;
  }

  /** Round the whole extension, from growth point to growth point. */
  private List<Spot> rim(boolean inner) {
    List<Spot> line = new ArrayList<>();
    for (int i = body.stressLine(); i <= tip(); i++) {
      line.add(pose.sees(inner ? body.lower(i, 1) : body.upper(i, 1)));
    }
    for (int k = ACROSS - 1; body.blunt() && k > 0; k--) {
      line.add(pose.sees(inner ? body.lower(tip(), share(k)) : body.upper(tip(), share(k))));
    }
    for (int i = tip(); i >= body.stressLine(); i--) {
      line.add(pose.sees(inner ? body.lower(i, -1) : body.upper(i, -1)));
    }
    return line;
  }
}
