package ongle.core.bench;

import java.util.Optional;
import ongle.core.wear.PrepStep;

/**
 * Every kind of step there is. Seconds are usual ones of our own, for a technician who knows the
 * work.
 */
public enum StepKind {
  SANITISE(Phase.PREPARE, Scope.SET, 60),
  REMOVE_POLISH(Phase.PREPARE, Scope.HAND, 20),
  CLIP_OLD(Phase.REMOVE, Scope.HAND, 8),
  THIN_OLD(Phase.REMOVE, Scope.HAND, 55),
  SOAK(Phase.REMOVE, Scope.HAND, 600),
  SOAK_CHECK(Phase.REMOVE, Scope.HAND, 25),
  FILE_OFF(Phase.REMOVE, Scope.HAND, 90),
  PLATE_CARE(Phase.REMOVE, Scope.HAND, 15),
  BREAK_FILE(Phase.REMOVE, Scope.HAND, 40),
  SHORTEN_BUILD(Phase.REMOVE, Scope.HAND, 12),
  THIN_INFILL(Phase.REMOVE, Scope.HAND, 45),
  BLEND_INFILL(Phase.REMOVE, Scope.HAND, 30),
  SHORTEN(Phase.PREPARE, Scope.HAND, 14),
  FREE_SKIN(Phase.PREPARE, Scope.HAND, 35),
  SOFTEN(Phase.PREPARE, Scope.HAND, 8),
  PUSH_BACK(Phase.PREPARE, Scope.HAND, 15),
  CLEAR(Phase.PREPARE, Scope.HAND, 20),
  TRIM(Phase.PREPARE, Scope.HAND, 8),
  WASH(Phase.PREPARE, Scope.HAND, 12),
  SHINE(Phase.PREPARE, Scope.HAND, 14),
  DUST(Phase.PREPARE, Scope.HAND, 5),
  DEHYDRATE(Phase.PREPARE, Scope.HAND, 4),
  PRIME(Phase.PREPARE, Scope.HAND, 6),
  CLEAR_DESK(Phase.PREPARE, Scope.SET, 20),
  TIP_WELL(Phase.FIT, Scope.HAND, 25),
  TIP_ON(Phase.FIT, Scope.HAND, 20),
  TIP_CUT(Phase.FIT, Scope.HAND, 15),
  FORM_CUT(Phase.FIT, Scope.HAND, 25),
  COMPARE(Phase.FIT, Scope.SET, 45),
  TIP_BLEND(Phase.FIT, Scope.HAND, 25),
  FORM_SET(Phase.FIT, Scope.HAND, 25),
  BASE(Phase.BUILD, Scope.HAND, 14),
  BEAD(Phase.BUILD, Scope.FINGER, 38),
  FRAME(Phase.BUILD, Scope.FINGER, 35),
  SLIP(Phase.BUILD, Scope.FINGER, 15),
  BODY(Phase.BUILD, Scope.FINGER, 40),
  TURN(Phase.BUILD, Scope.FINGER, 12),
  PIECE(Phase.BUILD, Scope.FINGER, 75),
  FLASH(Phase.BUILD, Scope.HAND, 10),
  PINCH(Phase.BUILD, Scope.HAND, 15),
  CURE(Phase.BUILD, Scope.HAND, 60),
  CURE_THUMB(Phase.BUILD, Scope.HAND, 60),
  FORM_OFF(Phase.BUILD, Scope.HAND, 8),
  FRAME_FILE(Phase.BUILD, Scope.HAND, 10),
  UNDERSIDE(Phase.BUILD, Scope.HAND, 60),
  WIPE(Phase.BUILD, Scope.HAND, 6),
  OUTLINE(Phase.FILE, Scope.HAND, 18),
  SIDEWALLS(Phase.FILE, Scope.HAND, 18),
  SURFACE(Phase.FILE, Scope.HAND, 30),
  UNDERNEATH(Phase.FILE, Scope.HAND, 12),
  QUARTERS(Phase.FILE, Scope.HAND, 70),
  TOUCH_EDGE(Phase.FILE, Scope.HAND, 10),
  WASH_HANDS(Phase.FILE, Scope.SET, 90),
  CHECK_VIEWS(Phase.FILE, Scope.HAND, 10),
  BUFF(Phase.FILE, Scope.HAND, 8),
  CLEAN(Phase.FINISH, Scope.HAND, 6),
  COLOUR(Phase.FINISH, Scope.HAND, 22),
  INLAY(Phase.FINISH, Scope.HAND, 40),
  CAP(Phase.FINISH, Scope.HAND, 24),
  CAP_FILE(Phase.FILE, Scope.HAND, 14),
  TOP(Phase.FINISH, Scope.HAND, 18),
  OIL(Phase.FINISH, Scope.SET, 60),
  OWN(Phase.OWN, Scope.HAND, 10);

  /** Part of the appointment. */
  public enum Phase {
    PREPARE,
    REMOVE,
    FIT,
    BUILD,
    FILE,
    FINISH,
    OWN
  }

  /** What it is done for at once. */
  public enum Scope {
    SET,
    HAND,
    FINGER
  }

  private final Phase phase;
  private final Scope scope;
  private final int seconds;

  StepKind(Phase phase, Scope scope, int seconds) {
    this.phase = phase;
    this.scope = scope;
    this.seconds = seconds;
  }

  public Phase phase() {
    return phase;
  }

  public Scope scope() {
    return scope;
  }

  /** Usual time, s: of the whole where it is done for the set, else of one finger. */
  public int seconds() {
    return seconds;
  }

  /**
   * Half of a step's time goes with the nail's size, half does not; planning figures of our own.
   */
  private static final double FIXED = 0.5;

  /** Area of a nail of usual size and length, mm². */
  private static final double USUAL_AREA = 230;

  /** What a step lays on such a nail, mm³. */
  private static final double USUAL_BEAD = 40;

  private static final double USUAL_FRAME = 35;
  private static final double USUAL_BODY = 70;
  private static final double USUAL_PIECE = 120;

  /** Thickness of an old build, mm. */
  private static final double USUAL_OLD = 0.8;

  /**
   * How much longer than usual it takes on a nail, over 0; 1 for a usual one.
   *
   * @param area covered with product, mm²
   * @param laid product of this step, mm³
   * @param old thickness of what comes off, mm
   */
  double effort(double area, double laid, double old) {
    double ratio =
        switch (this) {
          case BEAD -> laid / USUAL_BEAD;
          case FRAME -> laid / USUAL_FRAME;
          case BODY -> laid / USUAL_BODY;
          case PIECE -> laid / USUAL_PIECE;
          case THIN_INFILL,
              FRAME_FILE,
              OUTLINE,
              SIDEWALLS,
              SURFACE,
              QUARTERS,
              COLOUR,
              BASE,
              CAP,
              CAP_FILE,
              TOP ->
              area / USUAL_AREA;
          case THIN_OLD, FILE_OFF -> old / USUAL_OLD;
          default -> 1;
        };
    return FIXED + (1 - FIXED) * ratio;
  }

  /** The step of the preparation it belongs to, which the plan reckons with. */
  public Optional<PrepStep> prepares() {
    return switch (this) {
      case PUSH_BACK, CLEAR -> Optional.of(PrepStep.CUTICLE);
      case SHINE -> Optional.of(PrepStep.SHINE);
      case DUST -> Optional.of(PrepStep.DUST);
      case DEHYDRATE -> Optional.of(PrepStep.DEHYDRATE);
      case PRIME -> Optional.of(PrepStep.PRIMER);
      default -> Optional.empty();
    };
  }
}
