package ongle.app.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.KitRanking;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Comparison;
import ongle.core.plan.FingerLength;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;
import ongle.core.plan.PickingList;
import ongle.core.plan.Remedy;
import ongle.core.plan.SalonFigures;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.product.Product;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.Arches;
import ongle.core.structure.Endurance;
import ongle.core.structure.Margins;
import ongle.core.structure.Pinch;
import ongle.core.structure.Section;
import ongle.core.wear.Outlook;

/** A plan and a set as open JSON, in the order of the work. */
final class PlanDocument {
  private PlanDocument() {}

  /** The set file of a wish and its nails: what the plan service reads. */
  static Map<String, Object> setFile(SetWish wish, List<SetPlanner.Item> items, BenchWish bench) {
    Map<String, Object> file = new LinkedHashMap<>();
    file.put(
        "style",
        SetFile.ordered(
            "shape",
            wish.shape().code(),
            "apexSchool",
            wish.school().code(),
            "upperArch",
            wish.arch().code(),
            "across",
            SetFile.word(wish.across())));
    file.put(
        "length",
        SetFile.ordered(
            "mode",
            SetFile.word(wish.length().mode()),
            "value",
            SetFile.rounded(wish.length().value())));
    file.put("product", SetFile.product(wish.product()));
    wish.fitting().kit().ifPresent(code -> file.put("kit", code));
    file.put("tipsOrForms", SetFile.word(wish.fitting().schools().tipsOrForms()));
    file.put("bitten", SetFile.word(wish.fitting().schools().bitten()));
    Map<String, Object> wearer =
        SetFile.ordered(
            "leftHand", SetFile.word(wish.wearer().of(Hand.LEFT)),
            "rightHand", SetFile.word(wish.wearer().of(Hand.RIGHT)),
            "minor", wish.wearer().minor());
    wish.wearer().guardian().ifPresent(who -> wearer.put("guardian", who));
    wish.wearer().allergy().ifPresent(what -> wearer.put("allergy", what));
    wish.wearer().allergyHarmless().ifPresent(why -> wearer.put("allergyHarmless", why));
    file.put("barrel", SetFile.word(wish.fitting().schools().barrel()));
    if (!wish.figures().equals(SalonFigures.USUAL)) {
      file.put("figures", figures(wish.figures()));
    }
    file.put("wearer", wearer);
    file.put(
        "wear",
        SetFile.ordered(
            "wearDays", wish.wearing().days(),
            "skippedPreparation",
                wish.wearing().skipped().stream().sorted().map(SetFile::word).toList(),
            "growthFactor", SetFile.rounded(wish.wearing().growth().factor())));
    file.put("bench", BenchDocument.wish(bench));
    file.put("nails", items.stream().map(item -> nail(item, bench)).toList());
    return file;
  }

  private static Map<String, Object> figures(SalonFigures figures) {
    return SetFile.ordered(
        "fingerShares", byWord(figures.shares()),
        "activityFactors", byWord(figures.factors()),
        "apexFloor",
            SetFile.ordered(
                "noneMm", SetFile.rounded(figures.floor().none()),
                "perMm", SetFile.rounded(figures.floor().perMillimetre()),
                "mostMm", SetFile.rounded(figures.floor().max())));
  }

  private static Map<String, Object> byWord(Map<? extends Enum<?>, Double> figures) {
    Map<String, Object> out = new LinkedHashMap<>();
    figures.forEach((key, value) -> out.put(SetFile.word(key), SetFile.rounded(value)));
    return out;
  }

  private static Map<String, Object> nail(SetPlanner.Item item, BenchWish bench) {
    var nail = item.nail();
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("finger", nail.finger().name());
    for (Quantity quantity : Readings.OF_A_PLATE) {
      double value =
          switch (quantity) {
            case WIDTH -> nail.width();
            case PLATE_LENGTH -> nail.plateLength();
            case ARCH_DEPTH -> nail.archDepth();
            case FREE_EDGE -> nail.freeEdge();
            case FREE_EDGE_DEPTH -> nail.freeEdgeDepth();
            case GROWTH_PITCH -> nail.growthPitch();
            case LEAN -> nail.lean();
            case OVERHANG -> nail.overhang();
            default -> throw new IllegalStateException("not measured on a plate: " + quantity);
          };
      out.put(SetFile.name(quantity), SetFile.rounded(value));
    }
    out.put("condition", nail.condition().findings().stream().map(SetFile::word).toList());
    out.put("skin", SetFile.word(nail.skin()));
    if (item.seen().earlier() != EarlierProduct.NONE) {
      out.put("earlierProduct", SetFile.word(item.seen().earlier()));
    }
    item.seen().buildAnyway().ifPresent(reason -> out.put("buildAnyway", reason));
    if (bench.regrowth().containsKey(nail.finger())) {
      out.put(
          SetFile.name(Quantity.REGROWTH), SetFile.rounded(bench.regrowth().get(nail.finger())));
    }
    Adjustments by = item.adjustments();
    if (!by.equals(Adjustments.NONE)) {
      Map<String, Object> byHand = new LinkedHashMap<>();
      by.values()
          .forEach((quantity, value) -> byHand.put(SetFile.name(quantity), SetFile.rounded(value)));
      by.way().ifPresent(way -> byHand.put("way", SetFile.word(way)));
      by.product().ifPresent(own -> byHand.put("product", SetFile.product(own)));
      by.tip()
          .ifPresent(
              tip -> {
                byHand.put("tipKit", tip.kit());
                byHand.put("tip", tip.number());
              });
      out.put("byHand", byHand);
    }
    return out;
  }

  static Map<String, Object> plan(SetPlan plan, BenchWish bench, List<Product> products) {
    BenchPlan visit = BenchPlan.of(plan, bench);
    Interval interval = plan.interval();
    Map<String, Object> out = new LinkedHashMap<>();
    out.put(
        "set",
        SetFile.ordered(
            "productVolumeMl",
            SetFile.rounded(visit.productVolume()),
            "productMassG",
            SetFile.rounded(visit.productMass()),
            "dueAfterDays",
            interval.due().isPresent() ? (Object) interval.due().getAsInt() : null,
            "dueFinger",
            interval.first().map(first -> first.plan().nail().finger().name()).orElse(null),
            "apexSharePercent",
            SetFile.rounded(100 * plan.apexPlace()),
            "interval",
            interval(interval),
            "weakestFinger",
            plan.weakest().map(nail -> nail.nail().finger().name()).orElse(null),
            "tipKit",
            plan.kits().lead().map(TipKit::code).orElse(null),
            "tipKits",
            plan.kits().ranked().stream().map(PlanDocument::standing).toList(),
            "layOut",
            PickingList.of(plan).lines().stream().map(PlanDocument::line).toList()));
    out.put("nails", plan.nails().stream().map(nail -> nailPlan(plan, products, nail)).toList());
    out.put("bench", BenchDocument.plan(visit));
    return out;
  }

  private static Map<String, Object> interval(Interval interval) {
    return SetFile.ordered(
        "wishedDays", interval.wished(),
        "advisedDays",
            interval.advised().isPresent() ? (Object) interval.advised().getAsInt() : null,
        "notAdvised",
            interval.notAdvised().stream()
                .map(each -> each.plan().nail().finger().name())
                .toList());
  }

  private static Map<String, Object> standing(KitRanking.Standing standing) {
    return SetFile.ordered(
        "kit", standing.kit().code(),
        "suitsNails", standing.suits(),
        "toFileMm2", SetFile.rounded(standing.toFile()));
  }

  private static Map<String, Object> line(PickingList.Line line) {
    return SetFile.ordered(
        "kit", line.item().kit(),
        "number", line.item().number(),
        "way", SetFile.word(line.way()),
        "pieces", line.pieces(),
        "fingers", line.fingers().stream().map(Finger::name).toList(),
        "left", line.left().isPresent() ? (Object) line.left().getAsInt() : null,
        "without",
            line.without().stream()
                .map(
                    each ->
                        SetFile.ordered(
                            "finger", each.finger().name(),
                            "kit", each.tip().map(tip -> tip.kit().code()).orElse(null),
                            "number", each.tip().map(TipPick::number).orElse(null)))
                .toList());
  }

  private static Map<String, Object> nailPlan(SetPlan set, List<Product> products, NailPlan plan) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("finger", plan.nail().finger().name());
    out.put("cautions", plan.cautions().stream().map(Words::of).toList());
    out.put("stopped", plan.stopped());
    out.put("instead", plan.stop().map(stop -> Words.of(stop.why(), "instead")).orElse(null));
    CrossCurve arc = plan.nail().crossCurve();
    out.put(
        "plateArc",
        SetFile.ordered(
            "radiusMm", SetFile.rounded(arc.radius()),
            "arcLengthMm", SetFile.rounded(arc.arcLength()),
            "circleShare", SetFile.rounded(arc.circleShare())));
    if (plan.stopped()) {
      return out;
    }
    out.put("extensionMm", SetFile.rounded(plan.extension()));
    out.put("length", length(plan.length()));
    out.put("freeEdgeLeftMm", SetFile.rounded(plan.nail().freeEdge()));
    out.put("way", SetFile.word(plan.fit().way()));
    out.put("leadWay", SetFile.word(plan.fit().lead()));
    out.put("whyAnotherWay", plan.fit().whyDeparts().map(Words::of).orElse(null));
    out.put("ways", plan.fit().ways().ranked().stream().map(PlanDocument::way).toList());
    out.put("readsAsShape", plan.readsAsShape());
    out.put("nearestShape", plan.nearestShape().code());
    out.put("tip", plan.fit().tip().map(PlanDocument::tip).orElse(null));
    out.put(
        "noTipAdvice", plan.fit().sizing().flatMap(TipSizing::noFit).map(Words::of).orElse(null));
    out.put("form", plan.fit().paper().map(PlanDocument::form).orElse(null));
    out.put("reusableForm", plan.fit().rigid().map(PlanDocument::form).orElse(null));
    out.put("outline", outline(plan));
    out.put("structure", structure(plan));
    out.put("margins", margins(plan));
    out.put("schools", Comparison.ofApex(set, plan).stream().map(PlanDocument::school).toList());
    out.put("remedies", Remedy.of(set, plan, products).stream().map(PlanDocument::remedy).toList());
    out.put("pinching", plan.pinching().stream().map(PlanDocument::pinch).toList());
    out.put("outlook", outlook(Interval.OfFinger.of(plan)));
    out.put(
        "volume",
        SetFile.ordered(
            "cuticleMm3", SetFile.rounded(plan.volumes().cuticle()),
            "bodyMm3", SetFile.rounded(plan.volumes().body()),
            "extensionMm3", SetFile.rounded(plan.volumes().extension()),
            "appliedMm3", SetFile.rounded(plan.appliedVolume())));
    return out;
  }

  private static Map<String, Object> tip(TipPick pick) {
    TipFit fit = pick.fit();
    return SetFile.ordered(
        "kit", pick.kit().code(),
        "number", pick.number(),
        "suits", pick.suits(),
        "inStock", pick.inStock(),
        "blankBareMm", SetFile.rounded(pick.blank().bare()),
        "toFileMm2", SetFile.rounded(pick.toFile()),
        "verdict", SetFile.word(fit.verdict()),
        "slackMm", SetFile.rounded(fit.slack()),
        "filePerSideMm", SetFile.rounded(fit.filePerSide()),
        "depthDifferenceMm", SetFile.rounded(fit.depthDifference()),
        "seating", SetFile.word(fit.seating()),
        "wellCutBackMm", SetFile.rounded(fit.wellCutBack()),
        "cutAtMm", SetFile.rounded(fit.cutAt()),
        "tooShortByMm", SetFile.rounded(fit.tooShortBy()));
  }

  private static Map<String, Object> length(FingerLength length) {
    return SetFile.ordered(
        "wishedMm", SetFile.rounded(length.wished()),
        "askedMm", SetFile.rounded(length.asked()),
        "builtMm", SetFile.rounded(length.built()),
        "longestAdvisableMm", SetFile.rounded(length.advisable()),
        "leastMm", SetFile.rounded(length.min()),
        "decidedBy", SetFile.word(length.set()),
        "decidedByFinger", length.setBy().name());
  }

  private static Map<String, Object> way(WhichWay.Option option) {
    return SetFile.ordered(
        "way", SetFile.word(option.way()),
        "possible", option.possible(),
        "takes", option.takes(),
        "reasons", option.reasons().stream().map(Words::of).toList());
  }

  private static Map<String, Object> form(FormPick pick) {
    FormFit fit = pick.fit();
    return SetFile.ordered(
        "kit", pick.kit().code(),
        "number", pick.number(),
        "suits", fit.suits(),
        "cutDepthMm", SetFile.rounded(fit.cutDepth()),
        "gapInMiddleMm", SetFile.rounded(fit.gapInMiddle()),
        "gapAtSidesMm", SetFile.rounded(fit.gapAtSides()),
        "widthOffMm", SetFile.rounded(fit.widthOff()),
        "sides", SetFile.word(fit.sides()),
        "tiltOnPlateDeg", SetFile.rounded(fit.tilt()),
        "aimDeg", SetFile.rounded(fit.aim()),
        "buildToMark", fit.buildToMark(),
        "closedBeyondMm",
            fit.closeBeyond().isPresent() ? (Object) fit.closeBeyond().getAsDouble() : null,
        "tooShortByMm", SetFile.rounded(fit.tooShortBy()));
  }

  private static Map<String, Object> outline(NailPlan plan) {
    double extension = plan.extension();
    Map<String, Object> out = new LinkedHashMap<>();
    for (int percent : new int[] {0, 25, 50, 75, 90, 100}) {
      out.put(
          "halfWidthAt" + percent + "PercentMm",
          SetFile.rounded(plan.build().outline().halfWidthAt(extension * percent / 100)));
    }
    return out;
  }

  private static Map<String, Object> structure(NailPlan plan) {
    var profile = plan.build().profile();
    Arches arches = plan.arches();
    Section section = plan.build().sectionAt(plan.nail().plateLength());
    return SetFile.ordered(
        "apexAtMm", SetFile.rounded(profile.apexAt()),
        "apexThicknessMm", SetFile.rounded(profile.apexThickness()),
        "advisedApexAtMm", SetFile.rounded(plan.advised().at()),
        "advisedApexThicknessMm", SetFile.rounded(plan.advised().thickness()),
        "advisedApexHolds", plan.advised().holds(),
        "advisedApexBoundBy", plan.advised().binding().map(SetFile::word).orElse(null),
        "apexSetBy", SetFile.word(plan.apexReason().by()),
        "apexSetByFinger", plan.apexReason().finger().name(),
        "edgeThicknessMm", SetFile.rounded(profile.edgeThickness()),
        "barrelDepthPercent", SetFile.rounded(100 * plan.build().barrelDepthRatio()),
        "sideThicknessMm", SetFile.rounded(plan.build().across().side(profile.apexThickness())),
        "archRiseMm", SetFile.rounded(arches.rise()),
        "highestPointMm", SetFile.rounded(arches.highestAt()),
        "archesParallel", arches.parallel(),
        "sectionAtStressLine",
            SetFile.ordered(
                "productAreaMm2", SetFile.rounded(section.area()),
                "neutralAxisMm", SetFile.rounded(section.neutralAxis()),
                "secondMomentMm4", SetFile.rounded(section.secondMoment())));
  }

  private static Map<String, Object> margins(NailPlan plan) {
    Endurance endurance = plan.endurance();
    return SetFile.ordered(
        "firstDay", margins(endurance.first()),
        "lastDay", margins(endurance.last()),
        "givesFirst", SetFile.word(endurance.weakest().cause()),
        "givesFirstAtMm", SetFile.rounded(endurance.weakest().at()),
        "holds", endurance.holds(),
        "prepQuality", SetFile.rounded(plan.wearing().prepQuality()));
  }

  private static Map<String, Object> margins(Margins margins) {
    Map<String, Object> out =
        SetFile.ordered(
            "growthMm", SetFile.rounded(margins.growth()),
            "loadShare", SetFile.rounded(margins.loadShare()));
    for (Margins.Margin margin : margins.all()) {
      out.put(SetFile.word(margin.cause()), SetFile.rounded(margin.value()));
      out.put(SetFile.word(margin.cause()) + "AtMm", SetFile.rounded(margin.at()));
    }
    out.put("tipStiffnessNPerMm", SetFile.rounded(margins.tipStiffness()));
    return out;
  }

  private static Map<String, Object> school(Comparison school) {
    return SetFile.ordered(
        "apexSchool", SetFile.word((ApexSchool) school.school()),
        "taken", school.taken(),
        "apexAtMm", SetFile.rounded(school.apex().at()),
        "apexThicknessMm", SetFile.rounded(school.apex().thickness()),
        "holds", school.apex().holds(),
        "volumeMm3", SetFile.rounded(school.volume()),
        "leastMarginFirstDay", SetFile.rounded(school.endurance().first().first().value()),
        "leastMarginLastDay", SetFile.rounded(school.endurance().last().first().value()));
  }

  private static Map<String, Object> remedy(Remedy remedy) {
    Map<String, Object> out = new LinkedHashMap<>();
    remedy.changes().forEach(change -> put(out, change));
    out.put("apexThicknessMm", SetFile.rounded(remedy.apex().thickness()));
    out.put("leastMargin", SetFile.rounded(remedy.endurance().weakest().value()));
    return out;
  }

  private static void put(Map<String, Object> out, Remedy.Change change) {
    if (change instanceof Remedy.Shorten shorten) {
      out.put("shortenToMm", SetFile.rounded(shorten.extension()));
    } else if (change instanceof Remedy.DeepenBarrel deepen) {
      out.put("deepenBarrelToPercent", SetFile.rounded(deepen.percent()));
    } else if (change instanceof Remedy.OtherProduct other) {
      out.put("product", other.product().code());
    } else if (change instanceof Remedy.SoonerInfill sooner) {
      out.put("wearDays", sooner.days());
    } else if (change instanceof Remedy.OtherShape other) {
      out.put("shape", other.shape().code());
    } else if (change instanceof Remedy.PrepareFully) {
      out.put("prepareFully", true);
    } else if (change instanceof Remedy.Thicken thicken) {
      out.put("thickenToMm", SetFile.rounded(thicken.thickness()));
    }
  }

  private static Map<String, Object> pinch(Pinch pinch) {
    return SetFile.ordered(
        "beyondStressLineMm", SetFile.rounded(pinch.beyond()),
        "unpinchedWidthMm", SetFile.rounded(pinch.built().chord()),
        "pinchedWidthMm", SetFile.rounded(pinch.pinched().chord()),
        "squeezeToMm", SetFile.rounded(pinch.squeezeTo()),
        "radiusMm", SetFile.rounded(pinch.pinched().radius()),
        "circleShare", SetFile.rounded(pinch.pinched().circleShare()),
        "timesStiffer", SetFile.rounded(pinch.stiffer()));
  }

  private static Map<String, Object> outlook(Interval.OfFinger finger) {
    Outlook outlook = finger.plan().outlook();
    List<Map<String, Object>> weeks = new ArrayList<>();
    for (int day = 0; day <= Outlook.LOOKED_AHEAD; day += 7) {
      Outlook.Day on = outlook.on(day);
      Map<String, Object> week =
          SetFile.ordered(
              "day", day,
              "gapMm", SetFile.rounded(on.gap()),
              "apexBeforeStressLineMm", SetFile.rounded(on.apexBeforeStressLine()));
      on.margins()
          .all()
          .forEach(
              margin -> week.put(SetFile.word(margin.cause()), SetFile.rounded(margin.value())));
      weeks.add(week);
    }
    return SetFile.ordered(
        "holdsDays", finger.holds(),
        "notAdvised", finger.notAdvised(),
        "dueAfterDays", finger.notAdvised() ? null : finger.due(),
        "dueBecause", finger.cause().map(SetFile::word).orElse("gap"),
        "weeks", weeks);
  }
}
