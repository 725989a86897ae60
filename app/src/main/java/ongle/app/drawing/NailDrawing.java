package ongle.app.drawing;

import java.util.Optional;
import ongle.app.words.Words;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/**
 * One nail in three views: large from the side, which decides most; beneath it from above and down
 * the barrel, at the stress line and where the barrel is full.
 */
public final class NailDrawing {
  /** What the drawing is laid out for, px; settles how many mm a letter takes. */
  private static final double WIDE = 900;

  private static final double TYPE = 13.5;

  /** From the side no larger than this, px a mm, and no less of the finger behind it, mm. */
  private static final double LARGEST = 40;

  private static final double BEHIND = 4.5;

  /** Room for the edge's thickness after the tip, px. */
  private static final double AFTER = 84;

  /** The views beneath: their height, and how wide the one from above may be, px. */
  private static final double BENEATH = 128;

  private static final double ABOVE = 430;
  private static final double BEFORE_STRESS_LINE = 200;

  /** A section's room at most, and what keeps them off the view from above, px. */
  private static final double WIDEST = 300;

  private static final double BETWEEN = 40;

  private NailDrawing() {}

  /**
   * Another build of the same nail, drawn behind it for comparison.
   *
   * @param name whose it is
   * @param compared whether what is over and under it is coloured
   */
  public record Ghost(String name, Build build, Arches arches, boolean compared) {
    public Ghost(String name, Build build, Arches arches) {
      this(name, build, arches, false);
    }
  }

  /**
   * What is shown besides the nail itself.
   *
   * @param handles to take hold of
   * @param light the reflection a technician looks for
   * @param growth how far it has grown out, mm
   */
  public record Shown(boolean handles, boolean light, Optional<Ghost> ghost, double growth) {
    /** The nail as built, to be worked on. */
    public static final Shown AT_WORK = new Shown(true, false, Optional.empty(), 0);
  }

  public static Scene of(NailPlan plan, Shown shown) {
    Nail nail = plan.nail();
    double length = plan.build().profile().length();
    double side = Math.min(LARGEST, (WIDE - AFTER) / (BEHIND + shown.growth() + length)); // px a mm
    double behind = (WIDE - AFTER) / side - length;
    Scene.Builder scene = new Scene.Builder(TYPE);

    double ground = side * SideView.above(plan, TYPE / side);
    new SideView(plan, shown, scene.at(side * behind, ground, side)).draw(behind);
    double row = ground + side * SideView.below(plan, TYPE / side) + 4.3 * TYPE;

    // Plate and extension say their lengths left and right of the stress line.
    double above = Math.min(BENEATH / nail.width(), ABOVE / (BEHIND + shown.growth() + length));
    double seen =
        Math.max(BEHIND + shown.growth(), BEFORE_STRESS_LINE / above - nail.plateLength());
    double middle = row + BENEATH / 2;
    new AboveView(plan, shown, scene.at(above * seen, middle, above)).draw(seen);

    double section = Math.min(WIDEST, (WIDE - above * (seen + length) - BETWEEN) / 2);
    double first =
        barrel(section, nail.crossCurve(), plan.build().profile().thicknessAt(nail.plateLength()));
    new BarrelView(plan, shown, scene.at(WIDE - 1.5 * section, row, first)).overStressLine();
    if (length > nail.plateLength() && !plan.overlay()) {
      double second =
          barrel(section, plan.build().fullBarrel(), plan.build().profile().edgeThickness());
      new BarrelView(plan, shown, scene.at(WIDE - 0.5 * section, row, second)).hairline();
    }
    return scene.build(
        0,
        0,
        WIDE,
        row + BENEATH + 2.6 * TYPE,
        Words.say("drawing.three-views", "finger", nail.finger()),
        inWords(plan));
  }

  /** As large as a section's room allows, px a mm. */
  private static double barrel(double section, CrossCurve curve, double thickness) {
    return Math.min(0.66 * section / curve.chord(), BENEATH / (curve.depth() + thickness));
  }

  /** The drawing as text. */
  static String inWords(NailPlan plan) {
    Profile profile = plan.build().profile();
    return Words.say(
        "drawing.nail",
        "shape",
        plan.shape(),
        "length",
        plan.extension(),
        "apex",
        profile.apexThickness(),
        "at",
        profile.apexAt(),
        "edge",
        profile.edgeThickness(),
        "barrel",
        plan.build().barrelDepthRatio() * 100);
  }
}
