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
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;
import ongle.core.structure.Margins;
import ongle.core.wear.Outlook;

/**
 * One nail held against its plan.
 *
 * @param built as measured
 * @param faults what is off, as found
 * @param endurance margins as built; the plan's where nothing was measured
 * @param cuticle product over and under the plan from the cuticle to half way to the apex
 * @param body from there to the stress line
 * @param extension beyond the stress line
 */
public record NailCheck(
    AsBuilt built,
    List<Fault> faults,
    Endurance endurance,
    Surplus cuticle,
    Surplus body,
    Surplus extension) {
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

  /** Halvings of what may come off: closer than a file. */
  private static final int HALVINGS = 6;

  /** Slices a zone is summed over. */
  private static final int SLICES = 24;

  public NailCheck {
    faults = List.copyOf(faults);
  }

  public NailPlan plan() {
    return built.plan();
  }

  /** Whether anything was measured of it. */
  public boolean seen() {
    return !built.measured().isEmpty();
  }

  static NailCheck of(AsBuilt built, Tolerances tolerances) {
    if (built.measured().isEmpty()) {
      return new NailCheck(
          built, List.of(), built.plan().endurance(), Surplus.NONE, Surplus.NONE, Surplus.NONE);
    }
    Build build = built.build();
    Endurance endurance = Endurance.roughly(build, built.plan().term());
    Build planned = built.plan().build();
    double stressLine = planned.nail().plateLength();
    double cuticle = planned.cuticleZone();
    return new NailCheck(
        built,
        new Finder(built, tolerances, endurance.holds()).found(),
        endurance,
        surplus(build, planned, 0, cuticle),
        surplus(build, planned, cuticle, stressLine),
        surplus(
            build,
            planned,
            stressLine,
            Math.max(build.profile().length(), planned.profile().length())));
  }

  private static Surplus surplus(Build built, Build planned, double from, double to) {
    double over = 0;
    double lacking = 0;
    double slice = (to - from) / SLICES;
    for (int i = 0; i < SLICES; i++) {
      double x = from + (i + 0.5) * slice;
      double apart = (area(built, x) - area(planned, x)) * slice;
      over += Math.max(0, apart);
      lacking += Math.max(0, -apart);
    }
    return new Surplus(over, lacking);
  }

  private static double area(Build build, double x) {
    return x > build.profile().length() ? 0 : build.productAreaAt(x);
  }

  /** The weeks ahead as built. */
  public Outlook outlook() {
    return Outlook.of(
        built.build(),
        plan().term(),
        plan().wearing().growth().perDay(plan().nail().finger().digit()));
  }

  /** What gives first as built, against its aim. */
  public Margins.Margin governing() {
    return endurance.governing();
  }

  /** What holds back less than is asked, though the plan reached it. */
  public boolean holdsLessThanPlanned() {
    return seen() && !endurance.holds() && plan().endurance().holds();
  }

  public Verdict verdict() {
    if (!seen()) {
      return Verdict.UNSEEN;
    }
    boolean redo =
        faults.stream()
            .anyMatch(
                fault ->
                    switch (fault.kind()) {
                      case LEANS_LEFT, LEANS_RIGHT -> fault.by() > LEANS_TOO_FAR;
                      case APEX_LOW, STRESS_THIN -> fault.by() > LACKS_TOO_MUCH;
                      default -> fault.kind().remedy() == Remedy.REDO;
                    });
    return redo
        ? Verdict.REDO
        : any(Remedy.ADD) ? Verdict.ADD : any(Remedy.FILE) ? Verdict.FILE : Verdict.LEAVE;
  }

  private boolean any(Remedy remedy) {
    return faults.stream().anyMatch(fault -> fault.kind().remedy() == remedy);
  }

  /** The same with something found beside the others of its set. */
  NailCheck with(Fault fault) {
    List<Fault> all = new ArrayList<>(faults);
    all.add(fault);
    return new NailCheck(built, all, endurance, cuticle, body, extension);
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
      off(Quantity.BUILT_LENGTH, tolerances.length(), Kind.TOO_LONG, Kind.TOO_SHORT);
      off(Quantity.BUILT_WIDTH, tolerances.width(), Kind.TOO_WIDE, Kind.TOO_NARROW);
      sides();
      off(Quantity.BUILT_LEAN, tolerances.lean(), Kind.LEANS_RIGHT, Kind.LEANS_LEFT);
      surface();
      edge();
      barrel();
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
      off(Quantity.BUILT_SIDE_LEFT, tolerances.side(), Kind.LEFT_SIDE_OUT, Kind.LEFT_SIDE_IN);
      off(Quantity.BUILT_SIDE_RIGHT, tolerances.side(), Kind.RIGHT_SIDE_OUT, Kind.RIGHT_SIDE_IN);
    }

    private void surface() {
      apart(Quantity.BUILT_APEX)
          .filter(by -> Math.abs(by) > tolerances.apex() + 1e-9)
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
      off(Quantity.BUILT_APEX_PLACE, tolerances.apexPlace(), Kind.APEX_FORWARD, Kind.APEX_BACK);
      apart(Quantity.BUILT_STRESS)
          .filter(by -> Math.abs(by) > tolerances.apex() + 1e-9)
          .filter(by -> by < 0 || unexplained() > tolerances.apex())
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
            .filter(by -> Math.abs(by) > tolerances.edge() + 1e-9)
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
        if (Math.abs(by) > tolerances.edgeSides() + 1e-9) {
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
      if (Math.abs(by) > tolerances.barrel() + 1e-9) {
        faults.add(Fault.of(by < 0 ? Kind.BARREL_FLAT : Kind.BARREL_DEEP, 100 * Math.abs(by)));
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
