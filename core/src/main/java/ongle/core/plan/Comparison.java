package ongle.core.plan;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import ongle.core.School;
import ongle.core.nail.Quantity;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.Endurance;
import ongle.core.structure.Scheme;
import ongle.core.structure.TipUnder;
import ongle.core.structure.UpperArch;

/**
 * One nail built after one school, for comparing schools side by side.
 *
 * @param school it is built after
 * @param taken whether this is the set's own
 * @param apex that carries it
 * @param build with that apex
 * @param arches from the side
 * @param endurance margins on the first and last day
 * @param volume product that stays, mm³
 */
public record Comparison(
    School school,
    boolean taken,
    ApexSolver.Apex apex,
    Build build,
    Arches arches,
    Endurance endurance,
    double volume) {

  /** What is set by hand would hide what the schools differ in. */
  private static final Set<Quantity> BY_SCHOOL =
      Set.of(Quantity.APEX_POSITION, Quantity.APEX_THICKNESS, Quantity.SIDE_THICKNESS);

  /** The nail after every school of apex. */
  public static List<Comparison> ofApex(SetPlan set, NailPlan plan) {
    SetWish wish = set.wish();
    return of(set, plan, ApexSchool.values(), wish::with, wish.school());
  }

  /** The nail with every upper arch. */
  public static List<Comparison> ofArch(SetPlan set, NailPlan plan) {
    SetWish wish = set.wish();
    return of(set, plan, UpperArch.values(), wish::with, wish.arch());
  }

  /** The nail spread across in either way. */
  public static List<Comparison> ofCrossThickness(SetPlan set, NailPlan plan) {
    SetWish wish = set.wish();
    return of(set, plan, CrossThickness.values(), wish::with, wish.across());
  }

  /** The school taken as it is planned; the others by what this nail needs after them. */
  private static <S extends School> List<Comparison> of(
      SetPlan set, NailPlan plan, S[] schools, Function<S, SetWish> with, S taken) {
    SetPlanner.Item item =
        new SetPlanner.Item(
            plan.item().nail(), plan.item().adjustments().without(BY_SCHOOL), plan.seen());
    double extension = plan.extension();
    return Stream.of(schools)
        .map(
            school -> {
              if (school == taken && item.equals(plan.item())) {
                return new Comparison(
                    school,
                    true,
                    plan.advised(),
                    plan.build(),
                    plan.arches(),
                    plan.endurance(),
                    plan.volumes().total());
              }
              Draft draft = new Draft(with.apply(school), item, plan.draft().beside());
              double place = school == ApexSchool.COMPUTED ? set.computedPlace() : set.apexPlace();
              Scheme scheme = draft.scheme(extension);
              TipUnder tip = plan.fit().tipUnder(plan.nail(), extension);
              ApexSolver.Apex apex = scheme.over(tip, draft.apex(extension, place));
              Build build = scheme.with(apex.at(), apex.thickness(), tip);
              return new Comparison(
                  school,
                  school == taken,
                  apex,
                  build,
                  new Arches(build.profile(), plan.nail().growthPitch(), draft.tilt(extension)),
                  Endurance.roughly(build, draft.term()),
                  build.volumes().total());
            })
        .toList();
  }
}
