package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.core.bench.Target.Measure;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipPick;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.portion.ProductPortion;
import ongle.core.shape.Contour;
import ongle.core.structure.Profile;

/** Which of a nail's planned measures a step works to, the most important first. */
final class Targets {
  /** Share of the extension from which a straight side is a mark to work to. */
  private static final double STRAIGHT_MATTERS_FROM = 0.3;

  private final NailPlan nail;
  private final Optional<Infill> infill;
  private final List<Target> targets = new ArrayList<>();

  private Targets(NailPlan nail, Optional<Infill> infill) {
    this.nail = nail;
    this.infill = infill;
  }

  /**
   * @param dose that is laid; empty where none is
   * @param infill of the nail; empty where it is built anew
   * @param removal of what is on it; empty where nothing comes off
   */
  static List<Target> of(
      StepKind kind,
      Optional<ProductPortion> dose,
      NailPlan nail,
      Optional<Infill> infill,
      Optional<Removal> removal) {
    Targets of = new Targets(nail, infill);
    Profile profile = nail.build().profile();
    switch (kind) {
      case CLIP_OLD -> nail.seen().old().clip().ifPresent(clip -> of.add(Measure.CLIP_OFF, clip));
      case THIN_OLD, FILE_OFF ->
          removal.ifPresent(old -> old.thinBy().ifPresent(by -> of.add(Measure.TAKE_OFF, by)));
      case THIN_INFILL ->
          infill
              .filter(filled -> nail.seen().old().measured().isPresent())
              .ifPresent(filled -> of.add(Measure.TAKE_OFF, filled.thinBy()));
      case TIP_WELL ->
          of.tip()
              .ifPresent(
                  tip -> {
                    of.unlessNothing(Measure.FILE_A_SIDE, tip.filePerSide());
                    of.unlessNothing(Measure.WELL_BACK, tip.wellCutBack());
                  });
      case TIP_CUT -> of.tip().ifPresent(tip -> of.add(Measure.CUT_AT, tip.cutAt()));
      case COMPARE -> {
        of.tip().ifPresent(tip -> of.add(Measure.CUT_AT, tip.cutAt()));
        of.form().ifPresent(form -> of.add(Measure.MARK, form.buildToMark()));
      }
      case FORM_CUT ->
          of.form().ifPresent(form -> of.unlessNothing(Measure.MOUTH, form.cutDepth()));
      case FORM_SET ->
          of.form()
              .ifPresent(
                  form -> {
                    of.add(Measure.TILT, form.tilt());
                    of.unlessNothing(Measure.AIM, form.aim());
                    form.closeBeyond().ifPresent(beyond -> of.add(Measure.CLOSE, beyond));
                  });
      case FRAME -> of.reach();
      case BODY -> of.apex();
      case PIECE -> {
        of.reach();
        of.apex();
      }
      case BEAD -> {
        if (dose.filter(laid -> laid.place() == ProductPortion.Place.FREE_EDGE).isPresent()) {
          of.reach();
        } else if (dose.filter(laid -> laid.place() == ProductPortion.Place.STRESS_ZONE)
            .isPresent()) {
          of.apex();
        }
      }
      case PINCH -> nail.pinch().ifPresent(pinch -> of.add(Measure.PINCH_TO, pinch.squeezeTo()));
      case SHORTEN -> {
        if (nail.shortenedBy() > 0.05 || nail.overlay()) {
          of.add(Measure.FREE_EDGE, nail.nail().freeEdge());
        }
      }
      case SHORTEN_BUILD, OUTLINE, TOUCH_EDGE, QUARTERS -> {
        of.unlessNothing(Measure.LENGTH, nail.extension());
        of.straight();
      }
      case SIDEWALLS -> {
        if (nail.extension() > 0) {
          of.unlessNothing(
              Measure.TIP_WIDTH, 2 * nail.build().outline().halfWidthAt(nail.extension()));
          of.straight();
        }
      }
      case SURFACE -> of.apex();
      case UNDERNEATH -> of.add(Measure.EDGE, profile.edgeThickness());
      default -> {}
    }
    return of.targets;
  }

  private void add(Measure measure, double value) {
    Finger finger = nail.nail().finger();
    targets.add(new Target(finger, measure, value));
  }

  private void unlessNothing(Measure measure, double value) {
    if (Math.abs(value) >= 0.5 * Math.pow(10, -measure.decimals())) {
      add(measure, value);
    }
  }

  private Optional<TipFit> tip() {
    return nail.fit().tip().map(TipPick::fit);
  }

  private Optional<FormFit> form() {
    return nail.fit().form().map(FormPick::fit);
  }

  /** How far out the sides run straight, where the shape lives from it. */
  private void straight() {
    if (nail.shape().contour() instanceof Contour.Curved curved
        && curved.straight() >= STRAIGHT_MATTERS_FROM) {
      unlessNothing(Measure.STRAIGHT_TO, nail.build().outline().straightTo());
    }
  }

  private void apex() {
    Profile profile = nail.build().profile();
    add(Measure.APEX, profile.apexThickness());
    add(Measure.APEX_AT, profile.apexAt());
  }

  /** How far out it is laid: to the form's mark, else to the length. */
  private void reach() {
    if (infill.isEmpty() && HandWork.onForm(nail) && form().isPresent()) {
      add(Measure.MARK, form().get().buildToMark());
    } else {
      unlessNothing(Measure.LENGTH, nail.extension());
    }
  }
}
