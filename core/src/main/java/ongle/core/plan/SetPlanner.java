package ongle.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import ongle.core.Lookup;
import ongle.core.Memo;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;
import ongle.core.structure.Scheme;
import ongle.core.structure.TipUnder;
import ongle.core.structure.WearPeriod;

/**
 * Turns a wish and measured nails into a plan: lengths first, then the ways to build them, then the
 * apexes of all ten together. Pure: the same input gives the same plan.
 */
public final class SetPlanner {
  /** Shares of the plate tried for the computed place, first far apart, then close. */
  private static final double FAR = 0.10;

  private static final double CLOSE = 0.01;

  /** How strongly the computed place is drawn towards {@link #DRAWN_TO}. */
  private static final double DRAWN = 0.5;

  static final double DRAWN_TO = 1 / 3.0;

  private static final Memo<List<Scheme>, Double> PLACES = Memo.forEachDesk(10);

  private record Question(Build build, WearPeriod term) {}

  private record Judged(Endurance endurance, Build.Volumes volumes) {}

  private static final Memo<Question, Judged> JUDGED = Memo.forEachDesk(80);

  private SetPlanner() {}

  /**
   * One nail to plan.
   *
   * @param nail as measured, its free edge as it has grown
   * @param adjustments set by hand
   * @param seen found on it besides plate and skin
   */
  public record Item(Nail nail, Adjustments adjustments, LookOver seen) {
    /** A bare nail nothing was found on. */
    public Item(Nail nail, Adjustments adjustments) {
      this(nail, adjustments, LookOver.NOTHING);
    }
  }

  public static SetPlan plan(SetWish wish, List<Item> items) {
    List<Draft> drafts = Draft.of(wish, items);
    Map<Finger, FingerLength> lengths = LengthPlanner.of(drafts);
    SetFit fit = SetFit.of(drafts, lengths);

    ToDoubleFunction<Draft> length = draft -> Lookup.of(lengths, draft.nail().finger()).built();
    double place = place(wish, drafts, length);
    Map<Finger, ApexSolver.Apex> own = new EnumMap<>(Finger.class);
    drafts.parallelStream().forEach(draft -> draft.apex(length.applyAsDouble(draft), place));
    drafts.forEach(
        draft -> {
          double extension = length.applyAsDouble(draft);
          Scheme scheme = draft.scheme(extension);
          TipUnder tip =
              Lookup.of(fit.fits(), draft.nail().finger()).tipUnder(scheme.nail(), extension);
          own.put(draft.nail().finger(), scheme.over(tip, draft.apex(extension, place)));
        });
    Map<Finger, Alike.Raised> raised =
        Alike.of(
            drafts.stream()
                .filter(Draft::builtOn)
                .map(
                    draft ->
                        own(
                            draft,
                            length.applyAsDouble(draft),
                            Lookup.of(own, draft.nail().finger()),
                            Lookup.of(fit.fits(), draft.nail().finger()).way()))
                .toList());
    return new SetPlan(
        wish,
        drafts.parallelStream()
            .map(
                draft -> {
                  Finger finger = draft.nail().finger();
                  ApexSolver.Apex apex = Lookup.of(own, finger);
                  return plan(
                      draft,
                      Lookup.of(lengths, finger),
                      Lookup.of(fit.fits(), finger),
                      apex,
                      raised.getOrDefault(
                          finger,
                          new Alike.Raised(
                              apex.thickness(), new ApexReason(ApexReason.By.FLOOR, finger))));
                })
            .sorted(Comparator.comparing(plan -> plan.nail().finger()))
            .toList(),
        fit.kits(),
        place);
  }

  private static Alike.Own own(Draft draft, double extension, ApexSolver.Apex apex, BuildWay way) {
    Scheme scheme = draft.scheme(extension);
    return new Alike.Own(
        draft.nail().finger(),
        apex,
        extension,
        scheme.thickest(apex.at()),
        scheme.product(),
        way,
        draft.item().adjustments().of(Quantity.APEX_THICKNESS).isPresent());
  }

  /**
   * Share of every plate at which the apexes lie: as the school says, or where the set takes least
   * product, drawn towards a third.
   */
  private static double place(SetWish wish, List<Draft> drafts, ToDoubleFunction<Draft> length) {
    return wish.school() == ApexSchool.COMPUTED
        ? computedPlace(drafts, length)
        : wish.school().position().orElseThrow() / 100;
  }

  /** The computed place whatever school is taken; remembered, as it asks for every apex. */
  static double computedPlace(List<Draft> drafts, ToDoubleFunction<Draft> length) {
    return PLACES.of(
        drafts.stream().map(draft -> draft.scheme(length.applyAsDouble(draft))).toList(),
        () -> searchedPlace(drafts, length));
  }

  private static double searchedPlace(List<Draft> drafts, ToDoubleFunction<Draft> length) {
    List<Scheme> schemes = new ArrayList<>();
    drafts.forEach(draft -> schemes.add(draft.scheme(length.applyAsDouble(draft))));
    double best = DRAWN_TO;
    double min = costs(schemes, DRAWN_TO, Double.POSITIVE_INFINITY);
    // From the tip back: on long nails the best lies far forward, and what follows is soon dropped.
    for (double share = ApexSchool.FOREMOST; share > ApexSchool.REARMOST - 1e-9; share -= FAR) {
      double costs = costs(schemes, share, min);
      if (costs < min) {
        min = costs;
        best = share;
      }
    }
    // A shallow bowl: halving towards its lowest is closer than a brush.
    for (double apart = FAR / 2; apart > CLOSE / 2; apart /= 2) {
      double middle = best;
      for (double share : new double[] {middle - apart, middle + apart}) {
        if (share >= ApexSchool.REARMOST && share <= ApexSchool.FOREMOST) {
          double costs = costs(schemes, share, min);
          if (costs < min) {
            min = costs;
            best = share;
          }
        }
      }
    }
    return Math.rint(best * 100) / 100;
  }

  /**
   * Product of the set, mm³, more the farther from a third; a place where a nail cracks is none.
   *
   * @param enough what need not be beaten by more: the rest is not looked at then, mm³
   */
  private static double costs(List<Scheme> schemes, double share, double enough) {
    double drawn = 1 + DRAWN * (share - DRAWN_TO) * (share - DRAWN_TO);
    // No nail takes less than its floor: a place that loses already is not searched any further.
    double product = schemes.stream().mapToDouble(scheme -> thinnest(scheme, share)).sum();
    for (Scheme scheme : schemes) {
      if (product * drawn >= enough) {
        break;
      }
      double at = share * scheme.nail().plateLength();
      ApexSolver.Apex apex = Draft.apexAt(scheme, at);
      if (!apex.holds() && share != DRAWN_TO) {
        // It will crack at the next place too, most likely: asked first, it spares the others.
        Collections.swap(schemes, 0, schemes.indexOf(scheme));
        return Double.POSITIVE_INFINITY;
      }
      product += scheme.with(at, apex.thickness()).roughVolume() - thinnest(scheme, share);
    }
    return product * drawn;
  }

  private static double thinnest(Scheme scheme, double share) {
    return scheme.with(share * scheme.nail().plateLength(), scheme.floor()).roughVolume();
  }

  private static NailPlan plan(
      Draft draft, FingerLength length, NailFit fit, ApexSolver.Apex own, Alike.Raised raised) {
    double extension = length.built();
    Scheme scheme = draft.scheme(extension);
    TipUnder tip = fit.tipUnder(scheme.nail(), extension);
    OptionalDouble byHand = draft.item().adjustments().of(Quantity.APEX_THICKNESS);
    ApexSolver.Apex advised =
        new ApexSolver.Apex(own.at(), raised.thickness(), own.holds(), own.binding());
    Build build = scheme.with(own.at(), byHand.orElse(raised.thickness()), tip);
    Judged judged =
        JUDGED.of(
            new Question(build, scheme.term()),
            () -> new Judged(Endurance.of(build, scheme.term()), build.volumes()));
    return new NailPlan(
        draft,
        draft.stop(),
        length,
        fit,
        build,
        new Arches(build.profile(), scheme.nail().growthPitch(), draft.tilt(extension)),
        advised,
        byHand.isPresent()
            ? new ApexReason(ApexReason.By.BY_HAND, draft.nail().finger())
            : raised.reason(),
        judged.endurance(),
        judged.volumes());
  }
}
