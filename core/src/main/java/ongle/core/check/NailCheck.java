package ongle.core.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import ongle.core.Code;
import ongle.core.check.Fault.Kind;
import ongle.core.check.Fault.Remedy;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;
import ongle.core.structure.Endurance;
import ongle.core.structure.LightLine;
import ongle.core.structure.Margins;
import ongle.core.wear.LoadFactor;
import ongle.core.wear.Outlook;

/**
 * One nail held against its plan.
 *
 * @param built as measured
 * @param faults what is off, as found
 * @param eye what was seen by eye
 * @param endurance margins as built; the plan's where nothing was measured
 * @param surplus product over and under the plan, zone by zone and side by side
 */
public record NailCheck(
    AsBuilt built,
    List<Fault> faults,
    Map<Look, Look.Found> eye,
    Endurance endurance,
    List<Surplus> surplus) {
  /** What becomes of a nail. */
  public enum Verdict implements Code {
    LEAVE,
    FILE,
    ADD,
    REDO,
    /** Nothing was measured of it. */
    UNSEEN
  }

  /** Leaning or lacking more than so, a nail is not filed or filled right. */
  private static final double LEANS_TOO_FAR = 8;

  private static final double LACKS_TOO_MUCH = 0.7;

  /** A longest free edge that is still a nail of this set, mm over the plan. */
  public static final double NO_NAIL_OF_THIS_SET = 10;

  /** An edge within this of the apex looks like a beak, mm. */
  private static final double BEAK = 0.05;

  private static final List<Quantity> SURFACE =
      List.of(Quantity.BUILT_APEX, Quantity.BUILT_STRESS, Quantity.BUILT_EDGE);

  /** Halvings of what may come off: closer than a file. */
  private static final int HALVINGS = 6;

  public NailCheck {
    faults = List.copyOf(faults);
    eye = eye.isEmpty() ? Map.of() : new EnumMap<>(eye);
    surplus = List.copyOf(surplus);
  }

  public NailPlan plan() {
    return built.plan();
  }

  /** Whether anything was measured of it. */
  public boolean seen() {
    return !built.measured().isEmpty();
  }

  static NailCheck of(AsBuilt built, Map<Look, Look.Found> eye, Tolerances tolerances) {
    if (built.measured().isEmpty()) {
      return new NailCheck(built, List.of(), eye, built.plan().endurance(), List.of());
    }
    Endurance endurance = Endurance.roughly(built.build(), built.plan().term());
    return new NailCheck(
        built,
        new Finder(built, tolerances, endurance.holds()).found(),
        eye,
        endurance,
        Surplus.of(
            Body.of(built), new Body(built.plan(), Map.of()), built.plan().build().cuticleZone()));
  }

  /** What fills up what is lacking where something is too thin or in, mm³; 0 for anything else. */
  public double bead(Fault.Kind kind) {
    return surplus.stream()
        .filter(
            each ->
                switch (kind) {
                  case APEX_LOW -> each.zone() != Surplus.Zone.EXTENSION;
                  case STRESS_THIN -> each.zone() != Surplus.Zone.CUTICLE;
                  case LEFT_SIDE_IN -> each.zone() == Surplus.Zone.EXTENSION && each.left();
                  case RIGHT_SIDE_IN -> each.zone() == Surplus.Zone.EXTENSION && !each.left();
                  case TOO_NARROW, EDGE_THIN -> each.zone() == Surplus.Zone.EXTENSION;
                  default -> false;
                })
        .mapToDouble(Surplus::lacking)
        .sum();
  }

  /** The weeks ahead as built; the plan's where nothing was measured. */
  public Outlook outlook() {
    return seen()
        ? Outlook.of(
            built.build(),
            plan().term(),
            plan().wearing().growth().perDay(plan().nail().finger().digit()))
        : plan().outlook();
  }

  /** Crack margins as they fall, as they would on usual hands. */
  public LoadFactor.Course course() {
    return LoadFactor.Course.of(outlook(), plan().wearing().load());
  }

  /** Product over the plan less what is lacking, in one zone of one side, mm³. */
  public double net(Surplus.Zone zone, boolean left) {
    return surplus.stream()
        .filter(each -> each.zone() == zone && each.left() == left)
        .mapToDouble(Surplus::net)
        .sum();
  }

  /** What gives first as built, against its aim. */
  public Margins.Margin governing() {
    return endurance.governing();
  }

  /** What holds back less than is asked, though the plan reached it. */
  public boolean holdsLessThanPlanned() {
    return seen() && !endurance.holds() && plan().endurance().holds();
  }

  /** By what was measured and by what the eye found; the sterner of the two. */
  public Verdict verdict() {
    boolean redo =
        faults.stream()
            .anyMatch(
                fault ->
                    switch (fault.kind()) {
                      case LEANS_LEFT, LEANS_RIGHT -> fault.by() > LEANS_TOO_FAR;
                      case APEX_LOW, STRESS_THIN -> fault.by() > LACKS_TOO_MUCH;
                      default -> fault.kind().remedy() == Remedy.REDO;
                    });
    if (redo) {
      return Verdict.REDO;
    }
    if (any(Remedy.ADD) || eye.containsValue(Look.Found.ADD)) {
      return Verdict.ADD;
    }
    if (any(Remedy.FILE) || eye.containsValue(Look.Found.FILE)) {
      return Verdict.FILE;
    }
    boolean lookedAt = eye.keySet().containsAll(Look.of(plan().shape()));
    return seen() || lookedAt ? Verdict.LEAVE : Verdict.UNSEEN;
  }

  /** How much is off, measured or seen. */
  public long off() {
    return faults.size() + eye.values().stream().filter(found -> found != Look.Found.PASS).count();
  }

  private boolean any(Remedy remedy) {
    return faults.stream().anyMatch(fault -> fault.kind().remedy() == remedy);
  }

  /** The same with something found beside the others of its set. */
  NailCheck with(Fault fault) {
    List<Fault> all = new ArrayList<>(faults);
    all.add(fault);
    return new NailCheck(built, all, eye, endurance, surplus);
  }

  /** What is off, of everything that was measured. */
  private static final class Finder {
    private final AsBuilt built;
    private final Tolerances tolerances;
    private final boolean holds;
    private final Map<Quantity, Double> planned = new EnumMap<>(Quantity.class);
    private final List<Fault> faults = new ArrayList<>();

    Finder(AsBuilt built, Tolerances tolerances, boolean holds) {
      this.built = built;
      this.tolerances = tolerances;
      this.holds = holds;
      AsBuilt.QUANTITIES.forEach(
          quantity -> planned.put(quantity, AsBuilt.planned(built.plan(), quantity)));
    }

    List<Fault> found() {
      off(Quantity.BUILT_LENGTH, tolerances.of(Tolerance.LENGTH), Kind.TOO_LONG, Kind.TOO_SHORT);
      off(Quantity.BUILT_WIDTH, tolerances.of(Tolerance.WIDTH), Kind.TOO_WIDE, Kind.TOO_NARROW);
      sides();
      off(Quantity.BUILT_LEAN, tolerances.of(Tolerance.LEAN), Kind.LEANS_RIGHT, Kind.LEANS_LEFT);
      surface();
      edge();
      barrel();
      arches();
      return faults;
    }

    private Optional<Double> apart(Quantity quantity) {
      return built.of(quantity).map(value -> value - planned.getOrDefault(quantity, 0.0));
    }

    private void off(Quantity quantity, double tolerance, Kind more, Kind less) {
      apart(quantity)
          .filter(by -> Math.abs(by) > tolerance + 1e-9)
          .ifPresent(by -> faults.add(Fault.of(by > 0 ? more : less, Math.abs(by))));
    }

    /** A whole nail that is wider or leans is not two sidewalls out. */
    private void sides() {
      off(
          Quantity.BUILT_SIDE_LEFT,
          tolerances.of(Tolerance.SIDE),
          Kind.LEFT_SIDE_OUT,
          Kind.LEFT_SIDE_IN);
      off(
          Quantity.BUILT_SIDE_RIGHT,
          tolerances.of(Tolerance.SIDE),
          Kind.RIGHT_SIDE_OUT,
          Kind.RIGHT_SIDE_IN);
    }

    private void surface() {
      apart(Quantity.BUILT_APEX)
          .filter(by -> Math.abs(by) > tolerances.of(Tolerance.APEX) + 1e-9)
          .ifPresent(
              by ->
                  faults.add(
                      by < 0
                          ? Fault.of(Kind.APEX_LOW, -by)
                          : file(
                              Kind.APEX_HIGH,
                              by,
                              off ->
                                  built.with(
                                      Quantity.BUILT_APEX,
                                      built.value(Quantity.BUILT_APEX) - off))));
      off(
          Quantity.BUILT_APEX_PLACE,
          tolerances.of(Tolerance.APEX_PLACE),
          Kind.APEX_FORWARD,
          Kind.APEX_BACK);
      apart(Quantity.BUILT_STRESS)
          .filter(by -> Math.abs(by) > tolerances.of(Tolerance.APEX) + 1e-9)
          .filter(by -> by < 0 || unexplained() > tolerances.of(Tolerance.APEX))
          .ifPresent(
              by ->
                  faults.add(
                      by < 0
                          ? Fault.of(Kind.STRESS_THIN, -by)
                          : file(
                              Kind.STRESS_THICK,
                              by,
                              off ->
                                  built.with(
                                      Quantity.BUILT_STRESS,
                                      built.value(Quantity.BUILT_STRESS) - off))));
    }

    /**
     * How much thicker it is at the stress line than apex and edge alone make it, mm: a hump too
     * high or too far forward, or a thick edge, is said once.
     */
    private double unexplained() {
      Map<Quantity, Double> others = new EnumMap<>(Quantity.class);
      others.putAll(built.measured());
      others.remove(Quantity.BUILT_STRESS);
      return built.value(Quantity.BUILT_STRESS)
          - new AsBuilt(built.plan(), others)
              .build()
              .profile()
              .thicknessAt(built.plan().nail().plateLength());
    }

    private void edge() {
      if (built.of(Quantity.BUILT_EDGE).isPresent()
          && !built.plan().build().profile().beak()
          && built.value(Quantity.BUILT_EDGE) >= built.value(Quantity.BUILT_APEX) - BEAK) {
        faults.add(
            Fault.of(Kind.BEAK, built.value(Quantity.BUILT_EDGE) - planned(Quantity.BUILT_EDGE)));
      } else {
        apart(Quantity.BUILT_EDGE)
            .filter(by -> Math.abs(by) > tolerances.of(Tolerance.EDGE) + 1e-9)
            .ifPresent(
                by ->
                    faults.add(
                        by < 0
                            ? Fault.of(Kind.EDGE_THIN, -by)
                            : file(
                                Kind.EDGE_THICK,
                                by,
                                off ->
                                    built.with(
                                        Quantity.BUILT_EDGE,
                                        built.value(Quantity.BUILT_EDGE) - off))));
      }
      Optional<Double> left = built.of(Quantity.BUILT_EDGE_LEFT);
      Optional<Double> right = built.of(Quantity.BUILT_EDGE_RIGHT);
      if (left.isPresent() && right.isPresent()) {
        double by = left.get() - right.get();
        if (Math.abs(by) > tolerances.of(Tolerance.EDGE_SIDES) + 1e-9) {
          faults.add(
              Fault.of(by > 0 ? Kind.LEFT_EDGE_THICKER : Kind.RIGHT_EDGE_THICKER, Math.abs(by)));
        }
      }
    }

    private void barrel() {
      if (built.of(Quantity.BUILT_BARREL).isEmpty()) {
        return;
      }
      double chord = built.plan().build().fullBarrel().chord();
      double by = (built.value(Quantity.BUILT_BARREL) - planned(Quantity.BUILT_BARREL)) / chord;
      if (Math.abs(by) > tolerances.of(Tolerance.BARREL) + 1e-9) {
        faults.add(Fault.of(by < 0 ? Kind.BARREL_FLAT : Kind.BARREL_DEEP, 100 * Math.abs(by)));
      }
    }

    /** Arches and light are looked at as a whole where no thickness alone is off. */
    private void arches() {
      boolean thick = SURFACE.stream().anyMatch(quantity -> built.of(quantity).isPresent());
      boolean said =
          faults.stream()
              .anyMatch(
                  fault ->
                      fault.kind().zone() == Fault.Zone.SURFACE
                          || fault.kind().zone() == Fault.Zone.UNDERNEATH);
      if (!thick || said) {
        return;
      }
      Arches planned = built.plan().arches();
      Arches as = new Arches(built.build().profile(), planned.growthPitch(), planned.formTilt());
      double limit = tolerances.of(Tolerance.ARCHES);
      double wider = Math.abs(as.angleBetween());
      if (planned.parallel() && wider > Math.max(limit, Math.abs(planned.angleBetween()) + 1)) {
        faults.add(Fault.of(Kind.ARCHES_APART, wider));
      }
      List<Double> breaks = LightLine.breaks(as);
      if (!breaks.isEmpty() && LightLine.breaks(planned).isEmpty()) {
        faults.add(Fault.of(Kind.LIGHT_BROKEN, breaks.get(0)));
      }
    }

    private double planned(Quantity quantity) {
      return planned.getOrDefault(quantity, 0.0);
    }

    /** Never filed below what it must carry: the rest stays on, and that is said. */
    private Fault file(Kind kind, double by, DoubleFunction<AsBuilt> without) {
      if (!holds || carries(without.apply(by))) {
        return Fault.of(kind, by);
      }
      double may = 0;
      double breaks = by;
      for (int i = 0; i < HALVINGS; i++) {
        double half = (may + breaks) / 2;
        if (carries(without.apply(half))) {
          may = half;
        } else {
          breaks = half;
        }
      }
      return new Fault(kind, by, may);
    }

    private boolean carries(AsBuilt filed) {
      return Endurance.roughly(filed.build(), built.plan().term()).holds();
    }
  }
}
