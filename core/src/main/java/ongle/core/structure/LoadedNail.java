package ongle.core.structure;

import static ongle.core.structure.BeamOnBed.POINTS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import ongle.core.nail.PlateCondition;

/**
 * A build under everyday loads at its tip: pressed down and pried up, as far as the finger meets
 * them. The nail is a beam with the sections' EI(x), on the nail bed from behind the cuticle to the
 * stress line and free beyond. The sections are worked out once; any day of wear is then one solve,
 * because product and plate grow forward together while the bed stays where it is.
 */
public final class LoadedNail {
  /** A tip pressed down on a table, N. */
  public static final double PRESS = 8;

  /** A tip caught and pried up, N. */
  public static final double PRY = 4;

  /** Share of the strength left for loads that return every day. */
  public static final double FATIGUE = 0.5;

  /** Stiffness of the nail bed, N/mm³. */
  public static final double BED = 1.0;

  /** The plate is held this far behind the cuticle, mm. */
  public static final double BEHIND_CUTICLE = 4;

  /** Pull under which well prepared product stays on the plate, N/mm². */
  public static final double ADHESION = 0.22;

  /**
   * How far along the extension a crack is looked for; beyond, the lever is too short to matter.
   */
  private static final double LOOKED_AT_SHARE = 0.75;

  /** Longest element, mm; also beside every change in a coarser mesh. */
  public static final double FINE = 0.2;

  /**
   * Longest element while searching, mm. Against {@link #FINE} the margins then differ by less than
   * a hundredth, as the stress is worst beside a jump or where it hardly changes.
   */
  public static final double COARSE = 1.0;

  /** Changes closer than this are one, mm. */
  private static final double MIN_GAP = 1e-3;

  private final Build build;
  private final double adhesion;
  private final FingerLoad load;
  private final double step;
  private final double[] at;
  private final Section[] sections;
  private final double[] stiffness;
  private final double plateStiffness;

  private LoadedNail(Build build, double hold, FingerLoad load, double step) {
    this.build = build;
    this.adhesion = ADHESION * hold;
    this.load = load;
    this.step = step;
    at = nodes(build, step);
    double modulus = build.product().modulus();
    sections = new Section[POINTS.length * (at.length - 1)];
    stiffness = new double[sections.length];
    for (int i = 0; i < sections.length; i++) {
      sections[i] = build.sectionAt(placeOf(i));
      stiffness[i] = modulus * sections[i].secondMoment();
    }
    plateStiffness = modulus * build.sectionAt(-1).secondMoment();
  }

  /** Where a section is, mm from the cuticle. */
  private double placeOf(int section) {
    int element = section / POINTS.length;
    return at[element] + POINTS[section % POINTS.length] * (at[element + 1] - at[element]);
  }

  /** As closely as it is computed. */
  public static LoadedNail of(Build build, WearPeriod term) {
    return of(build, term, FINE);
  }

  /**
   * With a mesh of one's own.
   *
   * @param term its preparation and load; how long it is worn plays no part yet
   * @param step longest element, mm
   */
  public static LoadedNail of(Build build, WearPeriod term, double step) {
    return new LoadedNail(build, term.hold(), term.load(), step);
  }

  /**
   * Share of the full load the tip meets once it has grown out by so much.
   *
   * @param growth mm, 0 or more
   */
  public double loadShare(double growth) {
    return load.at(build.profile().extension() + growth - build.nail().overhang());
  }

  private static double[] nodes(Build build, double step) {
    double stressLine = build.nail().plateLength();
    double length = build.profile().length();
    double extension = build.profile().extension();
    double apex = build.profile().apexAt();
    double plateEnds = stressLine + build.nail().freeEdge();
    double wellBegins = plateEnds - build.tip().well();
    double tipEnds = plateEnds + build.tip().free();
    double barrelFull = stressLine + Math.min(Build.BARREL_REACHED_AFTER, extension);
    double lookedAt = stressLine + LOOKED_AT_SHARE * extension;
    TreeSet<Double> changes =
        new TreeSet<>(
            List.of(
                0.0,
                apex / 2,
                apex,
                wellBegins,
                stressLine,
                plateEnds,
                tipEnds,
                barrelFull,
                lookedAt,
                length));
    // Where plate or tip end the section jumps, and where the looking ends stress may still rise:
    // the worst lies close beside.
    for (double jump : new double[] {0, apex / 2, wellBegins, plateEnds, tipEnds, lookedAt}) {
      changes.add(jump - FINE);
      changes.add(jump + FINE);
    }
    return divided(changes.subSet(0.0, true, length, true), step);
  }

  /** Every gap between two changes in even parts of at most a step. */
  private static double[] divided(Collection<Double> changes, double step) {
    double[] nodes = new double[changes.size() + (int) (200 / step)];
    int filled = 0;
    double from = 0;
    for (double to : changes) {
      if (filled == 0) {
        nodes[filled++] = to;
        from = to;
      } else if (to - from > MIN_GAP) {
        int parts = (int) Math.ceil((to - from) / step - 1e-9);
        for (int part = 1; part <= parts; part++) {
          nodes[filled++] = from + (to - from) * part / parts;
        }
        from = to;
      }
    }
    return Arrays.copyOf(nodes, filled);
  }

  /**
   * The margins once it has grown out by so much.
   *
   * @param growth mm, 0 or more
   */
  public Margins after(double growth) {
    double stressLine = build.nail().plateLength();
    double bedEnds = stressLine - growth;
    BeamOnBed.Bent lifted = bent(growth);
    int first = lifted.nodes() - at.length;
    double share = loadShare(growth);

    Worst crack = new Worst();
    Worst plate = new Worst();
    Worst pull = new Worst();
    Worst lift = new Worst();
    double ratio = PlateCondition.MODULUS / build.product().modulus();
    for (int i = 0; i < sections.length; i++) {
      double x = placeOf(i);
      double moment = Math.abs(lifted.moment(first + i / POINTS.length, POINTS[i % POINTS.length]));
      boolean plateUnder = build.plateUnder(x);
      if (looksForCracks(x)) {
        crack.see(x, share * crackStress(i, plateUnder, moment));
      }
      if (plateUnder) {
        plate.see(x, ratio * share * PRY * moment / sections[i].lowestModulus());
      }
    }
    for (int i = 0; i < at.length && at[i] < bedEnds; i++) {
      pull.see(at[i], share * PRY * BED * lifted.deflection(first + i));
      if (at[i] <= stressLine / 2) {
        lift.see(at[i], -share * PRESS * BED * lifted.deflection(first + i));
      }
    }
    pull.see(bedEnds, share * PRY * BED * lifted.deflectionAt(bedEnds));

    Map<FailureMode, Margins.Margin> margins = new EnumMap<>(FailureMode.class);
    margins.put(
        FailureMode.CRACK, crack.margin(FailureMode.CRACK, FATIGUE * build.product().strength()));
    margins.put(
        FailureMode.PLATE,
        plate.margin(FailureMode.PLATE, FATIGUE * build.nail().condition().strength()));
    margins.put(
        FailureMode.BED, pull.margin(FailureMode.BED, build.nail().condition().allowedBedPull()));
    margins.put(FailureMode.LIFT, lift.margin(FailureMode.LIFT, adhesion));
    return new Margins(growth, share, margins, 1 / lifted.atEnd());
  }

  /** The nail bent by 1 N up at its tip, once it has grown out by so much. */
  private BeamOnBed.Bent bent(double growth) {
    double[] behind = divided(List.of(-BEHIND_CUTICLE - growth, 0.0), step);
    int first = behind.length - 1;
    double[] nodes = Arrays.copyOf(behind, first + at.length);
    System.arraycopy(at, 0, nodes, first, at.length);
    double[] all = new double[POINTS.length * first + stiffness.length];
    Arrays.fill(all, 0, POINTS.length * first, plateStiffness);
    System.arraycopy(stiffness, 0, all, POINTS.length * first, stiffness.length);
    return new BeamOnBed(nodes, all)
        .bent(
            BED * build.nail().width(),
            -BEHIND_CUTICLE - growth,
            build.nail().plateLength() - growth,
            1);
  }

  /**
   * The margin against cracking along the nail, as far as it is looked for, on the worse of two
   * days.
   *
   * @param growth by the later day, mm
   */
  public List<Along> along(double growth) {
    double[] worst = new double[sections.length];
    for (double grown : new double[] {0, growth}) {
      BeamOnBed.Bent lifted = bent(grown);
      int first = lifted.nodes() - at.length;
      for (int i = 0; i < sections.length; i++) {
        double moment =
            Math.abs(lifted.moment(first + i / POINTS.length, POINTS[i % POINTS.length]));
        worst[i] =
            Math.max(
                worst[i], loadShare(grown) * crackStress(i, build.plateUnder(placeOf(i)), moment));
      }
    }
    List<Along> along = new ArrayList<>();
    for (int i = 0; i < sections.length; i++) {
      if (looksForCracks(placeOf(i))) {
        along.add(new Along(placeOf(i), FATIGUE * build.product().strength() / worst[i]));
      }
    }
    return along;
  }

  private boolean looksForCracks(double x) {
    return x >= build.profile().apexAt() / 2
        && x <= build.nail().plateLength() + LOOKED_AT_SHARE * build.profile().extension();
  }

  /**
   * The margin against cracking at one place.
   *
   * @param x mm from the cuticle
   */
  public record Along(double x, double margin) {}

  /**
   * Worst product stress of both loads, MPa, for the moment of 1 N at the tip. A tip's own fibre is
   * counted as if it were product, by their strengths.
   */
  private double crackStress(int at, boolean plateUnder, double moment) {
    Section section = sections[at];
    double pressed = PRESS * moment / section.topModulus();
    if (plateUnder) {
      return pressed;
    }
    double pried = PRY * moment / section.lowestProductModulus();
    if (section.lowestTip() < section.lowestProduct()) {
      double asProduct =
          TipUnder.MODULUS
              / build.product().modulus()
              * build.product().strength()
              / TipUnder.STRENGTH;
      pried = Math.max(pried, asProduct * PRY * moment / section.lowestTipModulus());
    }
    return Math.max(pressed, pried);
  }

  /** The worst seen so far and where. */
  private static final class Worst {
    private double worst;
    private double where;

    void see(double x, double value) {
      if (value > worst) {
        worst = value;
        where = x;
      }
    }

    Margins.Margin margin(FailureMode cause, double limit) {
      return new Margins.Margin(cause, limit / worst, where, worst);
    }
  }
}
