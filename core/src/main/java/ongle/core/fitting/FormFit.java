package ongle.core.fitting;

import java.util.OptionalDouble;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.shape.NailShape;

/**
 * How one form is cut, set and used on one nail.
 *
 * @param form the form
 * @param cutDepth how much deeper its mouth is cut in the middle to follow the free edge, mm; 0
 *     when it is deep enough or rigid
 * @param gapInMiddle left under the middle of the free edge because the mouth is too deep, mm
 * @param gapAtSides left at the growth points because a rigid mouth is too shallow, mm
 * @param widthOff nail less mouth, mm; of a paper form measured flat, along the nail's curve
 * @param sides what the sides of the mouth need
 * @param tilt to set it at against the plate seen from the side, degrees; plus lifts
 * @param aim to turn it by against the nail's own line seen from above, degrees, so that it points
 *     along the finger; plus to the little finger's side
 * @param buildToMark the mark to build to, with what is filed off again, up to the next half mark
 * @param closeBeyond how far beyond the length to close the form, mm; empty when it stays open
 * @param tooShortBy what the form lacks in length, mm; 0 when it is long enough
 * @param tooNarrow whether the sheet is narrower than the nail's curve
 */
public record FormFit(
    Form form,
    double cutDepth,
    double gapInMiddle,
    double gapAtSides,
    double widthOff,
    Sides sides,
    double tilt,
    double aim,
    double buildToMark,
    OptionalDouble closeBeyond,
    double tooShortBy,
    boolean tooNarrow) {

  /** What is built beyond the wanted length, for filing, mm. */
  public static final double RESERVE = 1.0;

  /** Widths closer than this need no cut, mm. */
  public static final double WIDTH_WITHIN = 0.5;

  /** A gap that product bridges without running through, mm. */
  public static final double GAP_BRIDGED = 0.3;

  private static final double HAIR = 1e-9;

  /** What the sides of the mouth need. */
  public enum Sides {
    AS_THEY_ARE,
    RELIEF_CUTS,
    NOTCHES
  }

  /**
   * @param extension to be built, mm beyond the stress line
   */
  public static FormFit of(Form form, Nail nail, NailShape shape, double tilt, double extension) {
    double deeper = nail.freeEdgeDepth() - form.mouthDepth();
    // A paper form is flat until it is rolled under the nail: its mouth lies along the curve.
    double across = form.rigid() ? nail.width() : nail.crossCurve().arcLength();
    double off = across - form.mouthWidth();
    boolean opens = !form.rigid() && nail.condition().has(PlateFinding.FAN_SHAPED);
    double length = extension + RESERVE;
    return new FormFit(
        form,
        form.rigid() ? 0 : Math.max(0, deeper),
        Math.max(0, -deeper),
        form.rigid() ? Math.max(0, deeper) : 0,
        off,
        opens ? Sides.RELIEF_CUTS : sides(off),
        tilt - nail.growthPitch(),
        -nail.lean(),
        halfMarkAbove(form.markAt(length)),
        form.rigid() ? OptionalDouble.empty() : shape.formClosedBeyond(),
        Math.max(0, (form.rigid() ? extension : length) - form.longest()),
        across > form.sheetWidth() + HAIR);
  }

  private static Sides sides(double off) {
    if (Math.abs(off) <= WIDTH_WITHIN + HAIR) {
      return Sides.AS_THEY_ARE;
    }
    return off > 0 ? Sides.RELIEF_CUTS : Sides.NOTCHES;
  }

  private static double halfMarkAbove(double mark) {
    return Math.max(0.5, Math.ceil(2 * mark - HAIR) / 2);
  }

  /** Whether nothing speaks against taking it. */
  public boolean suits() {
    return tooShortBy == 0
        && !tooNarrow
        && gapInMiddle <= GAP_BRIDGED
        && gapAtSides <= GAP_BRIDGED
        && !(form.rigid() && sides != Sides.AS_THEY_ARE);
  }

  /** What is to be cut or notched at the sides beyond what sits as it is, mm. */
  double sidesOff() {
    return Math.max(0, Math.abs(widthOff) - WIDTH_WITHIN);
  }

  /** What is left open beyond what product bridges, mm. */
  double gapThatShows() {
    return Math.max(0, Math.max(gapInMiddle, gapAtSides) - GAP_BRIDGED);
  }
}
