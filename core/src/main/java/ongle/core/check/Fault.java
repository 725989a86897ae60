package ongle.core.check;

/**
 * Something a built nail has otherwise than its plan, by more than is let pass.
 *
 * @param kind what, and what is done about it
 * @param by how much, in mm; for a lean and for arches in degrees, for a barrel in percent of its
 *     width; for broken light where
 * @param may how much of that may come off before an aim breaks, mm; the same where nothing breaks
 */
public record Fault(Kind kind, double by, double may) {
  /** What is done about it. */
  public enum Remedy {
    FILE,
    ADD,
    /** It cannot be filed or filled right. */
    REDO,
    /** It stays as it is, and is known. */
    KNOW
  }

  /** Where on the nail. */
  public enum Zone {
    EDGE,
    SIDES,
    SURFACE,
    UNDERNEATH
  }

  /** What may be found, in no order; minus for too little of the same. */
  public enum Kind {
    TOO_LONG(Zone.EDGE, Remedy.FILE),
    TOO_SHORT(Zone.EDGE, Remedy.KNOW),
    LONGER_THAN_TWIN(Zone.EDGE, Remedy.FILE),
    TOO_WIDE(Zone.SIDES, Remedy.FILE),
    TOO_NARROW(Zone.SIDES, Remedy.ADD),
    LEFT_SIDE_OUT(Zone.SIDES, Remedy.FILE),
    RIGHT_SIDE_OUT(Zone.SIDES, Remedy.FILE),
    LEFT_SIDE_IN(Zone.SIDES, Remedy.ADD),
    RIGHT_SIDE_IN(Zone.SIDES, Remedy.ADD),
    LEANS_LEFT(Zone.SIDES, Remedy.FILE),
    LEANS_RIGHT(Zone.SIDES, Remedy.FILE),
    APEX_HIGH(Zone.SURFACE, Remedy.FILE),
    APEX_LOW(Zone.SURFACE, Remedy.ADD),
    APEX_FORWARD(Zone.SURFACE, Remedy.FILE),
    APEX_BACK(Zone.SURFACE, Remedy.FILE),
    STRESS_THICK(Zone.SURFACE, Remedy.FILE),
    STRESS_THIN(Zone.SURFACE, Remedy.ADD),
    /** Upper and lower arch run apart, by degrees. */
    ARCHES_APART(Zone.SURFACE, Remedy.FILE),
    /** A bump or a dent in the upper arch, so many mm from the cuticle. */
    LIGHT_BROKEN(Zone.SURFACE, Remedy.FILE),
    BEAK(Zone.SURFACE, Remedy.FILE),
    EDGE_THICK(Zone.UNDERNEATH, Remedy.FILE),
    EDGE_THIN(Zone.UNDERNEATH, Remedy.ADD),
    LEFT_EDGE_THICKER(Zone.UNDERNEATH, Remedy.FILE),
    RIGHT_EDGE_THICKER(Zone.UNDERNEATH, Remedy.FILE),
    BARREL_FLAT(Zone.UNDERNEATH, Remedy.KNOW),
    BARREL_DEEP(Zone.UNDERNEATH, Remedy.KNOW);

    private final Zone zone;
    private final Remedy remedy;

    Kind(Zone zone, Remedy remedy) {
      this.zone = zone;
      this.remedy = remedy;
    }

    public Zone zone() {
      return zone;
    }

    public Remedy remedy() {
      return remedy;
    }
  }

  static Fault of(Kind kind, double by) {
    return new Fault(kind, by, by);
  }

  /** Whether less may come off than is too much. */
  public boolean held() {
    return kind.remedy() == Remedy.FILE && may < by - 0.005;
  }
}
