package ongle.app.exchange;

import com.fasterxml.jackson.annotation.JsonAnyGetter;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.cause.Finding;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.KitRanking;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.ApexReason;
import ongle.core.plan.Comparison;
import ongle.core.plan.FingerLength;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;
import ongle.core.plan.PickingList;
import ongle.core.plan.Remedy;
import ongle.core.plan.SetPlan;
import ongle.core.product.Product;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.Arches;
import ongle.core.structure.Endurance;
import ongle.core.structure.FailureMode;
import ongle.core.structure.Margins;
import ongle.core.structure.Pinch;
import ongle.core.structure.Profile;
import ongle.core.structure.Section;
import ongle.core.wear.Outlook;
import org.jspecify.annotations.Nullable;

/**
 * A plan as open JSON, in the order of the work. Units are in the names; what the fields mean says
 * {@code docs/plan-service/plan.schema.json}.
 */
record PlanAnswer(
    OfSet set,
    List<Object> nails,
    BenchAnswer bench,
    @Nullable List<CheckAnswer> check,
    @Nullable List<CauseAnswer> causes) {

  /**
   * @param asBuilt what was measured of finished nails; empty where nothing was
   * @param worn what happened to them since
   */
  static PlanAnswer of(
      SetPlan plan,
      BenchWish bench,
      List<Product> products,
      Map<Finger, Map<Quantity, Double>> asBuilt,
      List<Finding> worn) {
    BenchPlan visit = BenchPlan.of(plan, bench);
    return new PlanAnswer(
        OfSet.of(plan, visit),
        plan.nails().stream()
            .<Object>map(nail -> nail.stopped() ? Begun.of(nail) : OfNail.of(plan, nail, products))
            .toList(),
        BenchAnswer.of(visit),
        asBuilt.isEmpty() ? null : CheckAnswer.of(plan, asBuilt),
        worn.isEmpty() ? null : CauseAnswer.of(plan, asBuilt, worn));
  }

  static Integer orNull(OptionalInt value) {
    return value.isPresent() ? value.getAsInt() : null;
  }

  static Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  record OfSet(
      double productVolumeMl,
      double productMassG,
      Integer dueAfterDays,
      Finger dueFinger,
      double apexSharePercent,
      Days interval,
      Finger weakestFinger,
      String tipKit,
      List<OfKit> tipKits,
      List<Laid> layOut) {
    static OfSet of(SetPlan plan, BenchPlan visit) {
      Interval interval = plan.interval();
      return new OfSet(
          visit.productVolume(),
          visit.productMass(),
          orNull(interval.due()),
          interval.first().map(first -> first.plan().nail().finger()).orElse(null),
          100 * plan.apexPlace(),
          new Days(
              interval.wished(),
              orNull(interval.advised()),
              interval.notAdvised().stream().map(each -> each.plan().nail().finger()).toList()),
          plan.weakest().map(nail -> nail.nail().finger()).orElse(null),
          plan.kits().lead().map(TipKit::code).orElse(null),
          plan.kits().ranked().stream().map(OfKit::of).toList(),
          PickingList.of(plan).lines().stream().map(Laid::of).toList());
    }
  }

  record Days(int wishedDays, Integer advisedDays, List<Finger> notAdvised) {}

  record OfKit(String kit, int suitsNails, double toFileMm2) {
    static OfKit of(KitRanking.Standing standing) {
      return new OfKit(standing.kit().code(), standing.suits(), standing.toFile());
    }
  }

  record Laid(
      String kit,
      String number,
      BuildWay way,
      int pieces,
      List<Finger> fingers,
      Integer left,
      List<Without> without) {
    static Laid of(PickingList.Line line) {
      return new Laid(
          line.item().kit(),
          line.item().number(),
          line.way(),
          line.pieces(),
          line.fingers(),
          orNull(line.left()),
          line.without().stream()
              .map(
                  each ->
                      new Without(
                          each.finger(),
                          each.tip().map(tip -> tip.kit().code()).orElse(null),
                          each.tip().map(TipPick::number).orElse(null)))
              .toList());
    }
  }

  record Without(Finger finger, String kit, String number) {}

  /** What there is to say of every nail; all there is of one not built on. */
  record Begun(
      Finger finger, List<String> cautions, boolean stopped, String instead, Arc plateArc) {
    static Begun of(NailPlan plan) {
      return new Begun(
          plan.nail().finger(),
          plan.cautions().stream().map(Words::of).toList(),
          plan.stopped(),
          plan.stop().map(stop -> Words.of(stop.why(), "instead")).orElse(null),
          Arc.of(plan.nail().crossCurve()));
    }
  }

  record Arc(double radiusMm, double arcLengthMm, double circleShare) {
    static Arc of(CrossCurve curve) {
      return new Arc(curve.radius(), curve.arcLength(), curve.circleShare());
    }
  }

  record OfNail(
      @JsonUnwrapped Begun begun,
      double extensionMm,
      Length length,
      double freeEdgeLeftMm,
      BuildWay way,
      BuildWay leadWay,
      String whyAnotherWay,
      List<Way> ways,
      boolean readsAsShape,
      String nearestShape,
      TipTaken tip,
      String noTipAdvice,
      FormTaken form,
      FormTaken reusableForm,
      Widths outline,
      Structure structure,
      OverTime margins,
      List<OfSchool> schools,
      List<Help> remedies,
      List<Pinched> pinching,
      Ahead outlook,
      Volume volume) {
    static OfNail of(SetPlan set, NailPlan plan, List<Product> products) {
      return new OfNail(
          Begun.of(plan),
          plan.extension(),
          Length.of(plan.length()),
          plan.nail().freeEdge(),
          plan.fit().way(),
          plan.fit().lead(),
          plan.fit().whyDeparts().map(Words::of).orElse(null),
          plan.fit().ways().ranked().stream().map(Way::of).toList(),
          plan.readsAsShape(),
          plan.nearestShape().code(),
          plan.fit().tip().map(TipTaken::of).orElse(null),
          plan.fit().sizing().flatMap(TipSizing::noFit).map(Words::of).orElse(null),
          plan.fit().paper().map(FormTaken::of).orElse(null),
          plan.fit().rigid().map(FormTaken::of).orElse(null),
          Widths.of(plan),
          Structure.of(plan),
          OverTime.of(plan),
          Comparison.ofApex(set, plan).stream().map(OfSchool::of).toList(),
          Remedy.of(set, plan, products).stream().map(Help::of).toList(),
          plan.pinching().stream().map(Pinched::of).toList(),
          Ahead.of(Interval.OfFinger.of(plan)),
          new Volume(
              plan.volumes().cuticle(),
              plan.volumes().body(),
              plan.volumes().extension(),
              plan.appliedVolume()));
    }
  }

  record Length(
      double wishedMm,
      double askedMm,
      double builtMm,
      double longestAdvisableMm,
      double leastMm,
      Enum<?> decidedBy,
      Finger decidedByFinger) {
    static Length of(FingerLength length) {
      return new Length(
          length.wished(),
          length.asked(),
          length.built(),
          length.advisable(),
          length.min(),
          length.set(),
          length.setBy());
    }
  }

  record Way(BuildWay way, boolean possible, boolean takes, List<String> reasons) {
    static Way of(WhichWay.Option option) {
      return new Way(
          option.way(),
          option.possible(),
          option.takes(),
          option.reasons().stream().map(Words::of).toList());
    }
  }

  record TipTaken(
      String kit,
      String number,
      boolean suits,
      boolean inStock,
      double blankBareMm,
      double toFileMm2,
      Enum<?> verdict,
      double slackMm,
      double filePerSideMm,
      double depthDifferenceMm,
      Enum<?> seating,
      double wellCutBackMm,
      double cutAtMm,
      double tooShortByMm) {
    static TipTaken of(TipPick pick) {
      TipFit fit = pick.fit();
      return new TipTaken(
          pick.kit().code(),
          pick.number(),
          pick.suits(),
          pick.inStock(),
          pick.blank().bare(),
          pick.toFile(),
          fit.verdict(),
          fit.slack(),
          fit.filePerSide(),
          fit.depthDifference(),
          fit.seating(),
          fit.wellCutBack(),
          fit.cutAt(),
          fit.tooShortBy());
    }
  }

  record FormTaken(
      String kit,
      String number,
      boolean suits,
      double cutDepthMm,
      double gapInMiddleMm,
      double gapAtSidesMm,
      double widthOffMm,
      Enum<?> sides,
      double tiltOnPlateDeg,
      double aimDeg,
      double buildToMark,
      Double closedBeyondMm,
      double tooShortByMm) {
    static FormTaken of(FormPick pick) {
      FormFit fit = pick.fit();
      return new FormTaken(
          pick.kit().code(),
          pick.number(),
          fit.suits(),
          fit.cutDepth(),
          fit.gapInMiddle(),
          fit.gapAtSides(),
          fit.widthOff(),
          fit.sides(),
          fit.tilt(),
          fit.aim(),
          fit.buildToMark(),
          orNull(fit.closeBeyond()),
          fit.tooShortBy());
    }
  }

  /** Half widths of the outline along the extension. */
  record Widths(
      double halfWidthAt0PercentMm,
      double halfWidthAt25PercentMm,
      double halfWidthAt50PercentMm,
      double halfWidthAt75PercentMm,
      double halfWidthAt90PercentMm,
      double halfWidthAt100PercentMm) {
    static Widths of(NailPlan plan) {
      double[] at =
          IntStream.of(0, 25, 50, 75, 90, 100)
              .mapToDouble(
                  percent -> plan.build().outline().halfWidthAt(plan.extension() * percent / 100))
              .toArray();
      return new Widths(at[0], at[1], at[2], at[3], at[4], at[5]);
    }
  }

  record Structure(
      double apexAtMm,
      double apexThicknessMm,
      double advisedApexAtMm,
      double advisedApexThicknessMm,
      boolean advisedApexHolds,
      FailureMode advisedApexBoundBy,
      ApexReason.By apexSetBy,
      Finger apexSetByFinger,
      double edgeThicknessMm,
      double barrelDepthPercent,
      double sideThicknessMm,
      double archRiseMm,
      double highestPointMm,
      boolean archesParallel,
      SectionFigures sectionAtStressLine) {
    static Structure of(NailPlan plan) {
      Profile profile = plan.build().profile();
      Arches arches = plan.arches();
      Section section = plan.build().sectionAt(plan.nail().plateLength());
      return new Structure(
          profile.apexAt(),
          profile.apexThickness(),
          plan.advised().at(),
          plan.advised().thickness(),
          plan.advised().holds(),
          plan.advised().binding().orElse(null),
          plan.apexReason().by(),
          plan.apexReason().finger(),
          profile.edgeThickness(),
          100 * plan.build().barrelDepthRatio(),
          plan.build().across().side(profile.apexThickness()),
          arches.rise(),
          arches.highestAt(),
          arches.parallel(),
          new SectionFigures(section.area(), section.neutralAxis(), section.secondMoment()));
    }
  }

  record SectionFigures(double productAreaMm2, double neutralAxisMm, double secondMomentMm4) {}

  record OverTime(
      OnDay firstDay,
      OnDay lastDay,
      FailureMode givesFirst,
      double givesFirstAtMm,
      boolean holds,
      double prepQuality) {
    static OverTime of(NailPlan plan) {
      Endurance endurance = plan.endurance();
      return new OverTime(
          OnDay.of(endurance.first()),
          OnDay.of(endurance.last()),
          endurance.weakest().cause(),
          endurance.weakest().at(),
          endurance.holds(),
          plan.wearing().prepQuality());
    }
  }

  /**
   * The margins of one day.
   *
   * @param margins by failure mode, and where along the nail, such as {@code bed} and {@code
   *     bedAtMm}
   */
  record OnDay(
      double growthMm,
      double loadShare,
      @JsonAnyGetter Map<String, Double> margins,
      double tipStiffnessNPerMm) {
    static OnDay of(Margins margins) {
      Map<String, Double> byMode = new LinkedHashMap<>();
      for (Margins.Margin margin : margins.all()) {
        byMode.put(FileJson.word(margin.cause()), margin.value());
        byMode.put(FileJson.word(margin.cause()) + "AtMm", margin.at());
      }
      return new OnDay(margins.growth(), margins.loadShare(), byMode, margins.tipStiffness());
    }
  }

  record OfSchool(
      ApexSchool apexSchool,
      boolean taken,
      double apexAtMm,
      double apexThicknessMm,
      boolean holds,
      double volumeMm3,
      double leastMarginFirstDay,
      double leastMarginLastDay) {
    static OfSchool of(Comparison school) {
      return new OfSchool(
          (ApexSchool) school.school(),
          school.taken(),
          school.apex().at(),
          school.apex().thickness(),
          school.apex().holds(),
          school.volume(),
          school.endurance().first().first().value(),
          school.endurance().last().first().value());
    }
  }

  /** A remedy: only what it changes is there. */
  record Help(
      @JsonAnyGetter Map<String, Object> changes, double apexThicknessMm, double leastMargin) {
    static Help of(Remedy remedy) {
      Map<String, Object> changes = new LinkedHashMap<>();
      remedy.changes().forEach(change -> put(changes, change));
      return new Help(changes, remedy.apex().thickness(), remedy.endurance().weakest().value());
    }

    private static void put(Map<String, Object> out, Remedy.Change change) {
      if (change instanceof Remedy.Shorten shorten) {
        out.put("shortenToMm", shorten.extension());
      } else if (change instanceof Remedy.DeepenBarrel deepen) {
        out.put("deepenBarrelToPercent", deepen.percent());
      } else if (change instanceof Remedy.OtherProduct other) {
        out.put("product", other.product().code());
      } else if (change instanceof Remedy.SoonerInfill sooner) {
        out.put("wearDays", sooner.days());
      } else if (change instanceof Remedy.OtherShape other) {
        out.put("shape", other.shape().code());
      } else if (change instanceof Remedy.PrepareFully) {
        out.put("prepareFully", true);
      } else if (change instanceof Remedy.Thicken thicken) {
        out.put("thickenToMm", thicken.thickness());
      }
    }
  }

  record Pinched(
      double beyondStressLineMm,
      double unpinchedWidthMm,
      double pinchedWidthMm,
      double squeezeToMm,
      double radiusMm,
      double circleShare,
      double timesStiffer) {
    static Pinched of(Pinch pinch) {
      return new Pinched(
          pinch.beyond(),
          pinch.built().chord(),
          pinch.pinched().chord(),
          pinch.squeezeTo(),
          pinch.pinched().radius(),
          pinch.pinched().circleShare(),
          pinch.stiffer());
    }
  }

  record Ahead(
      int holdsDays,
      boolean notAdvised,
      Integer dueAfterDays,
      String dueBecause,
      List<Week> weeks) {
    static Ahead of(Interval.OfFinger finger) {
      Outlook outlook = finger.plan().outlook();
      return new Ahead(
          finger.holds(),
          finger.notAdvised(),
          finger.notAdvised() ? null : (Integer) finger.due(),
          finger.cause().map(FileJson::word).orElse("gap"),
          IntStream.iterate(0, day -> day <= Outlook.LOOKED_AHEAD, day -> day + 7)
              .mapToObj(day -> Week.of(day, outlook.on(day)))
              .toList());
    }
  }

  /**
   * @param margins by failure mode
   */
  record Week(
      int day,
      double gapMm,
      double apexBeforeStressLineMm,
      @JsonAnyGetter Map<String, Double> margins) {
    static Week of(int day, Outlook.Day on) {
      Map<String, Double> byMode = new LinkedHashMap<>();
      on.margins()
          .all()
          .forEach(margin -> byMode.put(FileJson.word(margin.cause()), margin.value()));
      return new Week(day, on.gap(), on.apexBeforeStressLine(), byMode);
    }
  }

  record Volume(double cuticleMm3, double bodyMm3, double extensionMm3, double appliedMm3) {}
}
