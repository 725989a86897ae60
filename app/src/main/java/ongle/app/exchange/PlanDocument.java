package ongle.app.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import ongle.core.plan.NailPlan;
import ongle.core.plan.PickingList;
import ongle.core.plan.Remedy;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Stop;
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
  static Map<String, Object> setFile(SetWish wish, List<SetPlanner.Item> items) {
    Map<String, Object> file = new LinkedHashMap<>();
    file.put(
        "style",
        ordered(
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
        ordered(
            "mode", SetFile.word(wish.length().mode()), "value", rounded(wish.length().value())));
    file.put("product", wish.product().code());
    wish.fitting().kit().ifPresent(code -> file.put("kit", code));
    file.put("tipsOrForms", SetFile.word(wish.fitting().schools().tipsOrForms()));
    file.put("bitten", SetFile.word(wish.fitting().schools().bitten()));
    Map<String, Object> wearer =
        ordered(
            "leftHand", SetFile.word(wish.wearer().of(Hand.LEFT)),
            "rightHand", SetFile.word(wish.wearer().of(Hand.RIGHT)),
            "minor", wish.wearer().minor());
    wish.wearer().guardian().ifPresent(who -> wearer.put("guardian", who));
    wish.wearer().allergy().ifPresent(what -> wearer.put("allergy", what));
    wish.wearer().allergyHarmless().ifPresent(why -> wearer.put("allergyHarmless", why));
    file.put("wearer", wearer);
    file.put(
        "wear",
        ordered(
            "wearDays", wish.wearing().days(),
            "skippedPreparation",
                wish.wearing().skipped().stream().sorted().map(SetFile::word).toList(),
            "growthFactor", rounded(wish.wearing().growth().factor())));
    file.put("nails", items.stream().map(PlanDocument::nail).toList());
    return file;
  }

  private static Map<String, Object> nail(SetPlanner.Item item) {
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
      out.put(SetFile.name(quantity), rounded(value));
    }
    out.put("condition", SetFile.word(nail.condition()));
    out.put("skin", SetFile.word(nail.skin()));
    if (item.seen().earlier() != EarlierProduct.NONE) {
      out.put("earlierProduct", SetFile.word(item.seen().earlier()));
    }
    item.seen().buildAnyway().ifPresent(reason -> out.put("buildAnyway", reason));
    Adjustments by = item.adjustments();
    if (!by.equals(Adjustments.NONE)) {
      Map<String, Object> byHand = new LinkedHashMap<>();
      by.values().forEach((quantity, value) -> byHand.put(SetFile.name(quantity), rounded(value)));
      by.way().ifPresent(way -> byHand.put("way", SetFile.word(way)));
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

  static Map<String, Object> plan(SetPlan plan) {
    NailPlan due = plan.dueFirst().orElse(null);
    Map<String, Object> out = new LinkedHashMap<>();
    out.put(
        "set",
        ordered(
            "productVolumeMl", rounded(plan.productVolume()),
            "productMassG", rounded(plan.productMass()),
            "dueAfterDays", due == null ? null : due.outlook().due().day(),
            "dueFinger", due == null ? null : due.nail().finger().name(),
            "weakestFinger", plan.weakest().map(nail -> nail.nail().finger().name()).orElse(null),
            "tipKit", plan.kits().lead().map(TipKit::code).orElse(null),
            "tipKits", plan.kits().ranked().stream().map(PlanDocument::standing).toList(),
            "layOut", PickingList.of(plan).lines().stream().map(PlanDocument::line).toList()));
    out.put("nails", plan.nails().stream().map(nail -> nailPlan(plan.wish(), nail)).toList());
    return out;
  }

  private static Map<String, Object> standing(KitRanking.Standing standing) {
    return ordered(
        "kit", standing.kit().code(),
        "suitsNails", standing.suits(),
        "toFileMm2", rounded(standing.toFile()));
  }

  private static Map<String, Object> line(PickingList.Line line) {
    return ordered(
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
                        ordered(
                            "finger", each.finger().name(),
                            "kit", each.tip().map(tip -> tip.kit().code()).orElse(null),
                            "number", each.tip().map(TipPick::number).orElse(null)))
                .toList());
  }

  private static Map<String, Object> nailPlan(SetWish wish, NailPlan plan) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("finger", plan.nail().finger().name());
    out.put("cautions", plan.cautions());
    out.put("stopped", plan.stopped());
    out.put("instead", plan.stop().map(Stop::instead).orElse(null));
    CrossCurve arc = plan.nail().crossCurve();
    out.put(
        "plateArc",
        ordered(
            "radiusMm", rounded(arc.radius()),
            "arcLengthMm", rounded(arc.arcLength()),
            "circleShare", rounded(arc.circleShare())));
    if (plan.stopped()) {
      return out;
    }
    out.put("extensionMm", rounded(plan.extension()));
    out.put("length", length(plan.length()));
    out.put("way", SetFile.word(plan.fit().way()));
    out.put("ways", plan.fit().ways().ranked().stream().map(PlanDocument::way).toList());
    out.put("readsAsShape", plan.readsAsShape());
    out.put("nearestShape", plan.nearestShape().code());
    out.put("tip", plan.fit().tip().map(PlanDocument::tip).orElse(null));
    out.put(
        "noTipAdvice",
        plan.fit().sizing().flatMap(TipSizing::noFit).map(TipSizing.NoFit::advice).orElse(null));
    out.put("form", plan.fit().paper().map(PlanDocument::form).orElse(null));
    out.put("reusableForm", plan.fit().rigid().map(PlanDocument::form).orElse(null));
    out.put("outline", outline(plan));
    out.put("structure", structure(plan));
    out.put("margins", margins(plan));
    out.put("schools", Comparison.ofApex(wish, plan).stream().map(PlanDocument::school).toList());
    out.put("remedies", Remedy.of(wish, plan).stream().map(PlanDocument::remedy).toList());
    out.put("pinching", Pinch.along(plan.build()).stream().map(PlanDocument::pinch).toList());
    out.put("outlook", outlook(plan.outlook()));
    out.put(
        "volume",
        ordered(
            "cuticleMm3", rounded(plan.volumes().cuticle()),
            "bodyMm3", rounded(plan.volumes().body()),
            "extensionMm3", rounded(plan.volumes().extension()),
            "appliedMm3", rounded(plan.appliedVolume())));
    return out;
  }

  private static Map<String, Object> tip(TipPick pick) {
    TipFit fit = pick.fit();
    return ordered(
        "kit", pick.kit().code(),
        "number", pick.number(),
        "suits", pick.suits(),
        "inStock", pick.inStock(),
        "blankBareMm", rounded(pick.blank().bare()),
        "toFileMm2", rounded(pick.toFile()),
        "verdict", SetFile.word(fit.verdict()),
        "slackMm", rounded(fit.slack()),
        "filePerSideMm", rounded(fit.filePerSide()),
        "depthDifferenceMm", rounded(fit.depthDifference()),
        "seating", SetFile.word(fit.seating()),
        "wellCutBackMm", rounded(fit.wellCutBack()),
        "cutAtMm", rounded(fit.cutAt()),
        "tooShortByMm", rounded(fit.tooShortBy()));
  }

  private static Map<String, Object> length(FingerLength length) {
    return ordered(
        "wishedMm", rounded(length.wished()),
        "askedMm", rounded(length.asked()),
        "builtMm", rounded(length.built()),
        "longestAdvisableMm", rounded(length.advisable()),
        "decidedBy", SetFile.word(length.set()),
        "decidedByFinger", length.setBy().name());
  }

  private static Map<String, Object> way(WhichWay.Option option) {
    return ordered(
        "way", SetFile.word(option.way()),
        "possible", option.possible(),
        "reasons", option.reasons());
  }

  private static Map<String, Object> form(FormPick pick) {
    FormFit fit = pick.fit();
    return ordered(
        "kit", pick.kit().code(),
        "number", pick.number(),
        "suits", fit.suits(),
        "cutDepthMm", rounded(fit.cutDepth()),
        "gapInMiddleMm", rounded(fit.gapInMiddle()),
        "gapAtSidesMm", rounded(fit.gapAtSides()),
        "widthOffMm", rounded(fit.widthOff()),
        "sides", SetFile.word(fit.sides()),
        "tiltOnPlateDeg", rounded(fit.tilt()),
        "aimDeg", rounded(fit.aim()),
        "buildToMark", fit.buildToMark(),
        "closedBeyondMm",
            fit.closeBeyond().isPresent() ? (Object) fit.closeBeyond().getAsDouble() : null,
        "tooShortByMm", rounded(fit.tooShortBy()));
  }

  private static Map<String, Object> outline(NailPlan plan) {
    double extension = plan.extension();
    Map<String, Object> out = new LinkedHashMap<>();
    for (int percent : new int[] {0, 25, 50, 75, 90, 100}) {
      out.put(
          "halfWidthAt" + percent + "PercentMm",
          rounded(plan.build().outline().halfWidthAt(extension * percent / 100)));
    }
    return out;
  }

  private static Map<String, Object> structure(NailPlan plan) {
    var profile = plan.build().profile();
    Arches arches = plan.arches();
    Section section = plan.build().sectionAt(plan.nail().plateLength());
    return ordered(
        "apexAtMm", rounded(profile.apexAt()),
        "apexThicknessMm", rounded(profile.apexThickness()),
        "advisedApexAtMm", rounded(plan.advised().at()),
        "advisedApexThicknessMm", rounded(plan.advised().thickness()),
        "advisedApexHolds", plan.advised().holds(),
        "advisedApexBoundBy", plan.advised().binding().map(SetFile::word).orElse(null),
        "edgeThicknessMm", rounded(profile.edgeThickness()),
        "barrelDepthPercent", rounded(100 * plan.build().barrelDepthRatio()),
        "sideThicknessMm", rounded(plan.build().across().side(profile.apexThickness())),
        "archRiseMm", rounded(arches.rise()),
        "highestPointMm", rounded(arches.highestAt()),
        "archesParallel", arches.parallel(),
        "sectionAtStressLine",
            ordered(
                "productAreaMm2", rounded(section.area()),
                "neutralAxisMm", rounded(section.neutralAxis()),
                "secondMomentMm4", rounded(section.secondMoment())));
  }

  private static Map<String, Object> margins(NailPlan plan) {
    Endurance endurance = plan.endurance();
    return ordered(
        "firstDay", margins(endurance.first()),
        "lastDay", margins(endurance.last()),
        "givesFirst", SetFile.word(endurance.weakest().cause()),
        "givesFirstAtMm", rounded(endurance.weakest().at()),
        "holds", endurance.holds(),
        "prepQuality", rounded(plan.wearing().prepQuality()));
  }

  private static Map<String, Object> margins(Margins margins) {
    Map<String, Object> out = ordered("growthMm", rounded(margins.growth()));
    for (Margins.Margin margin : margins.all()) {
      out.put(SetFile.word(margin.cause()), rounded(margin.value()));
      out.put(SetFile.word(margin.cause()) + "AtMm", rounded(margin.at()));
    }
    out.put("tipStiffnessNPerMm", rounded(margins.tipStiffness()));
    return out;
  }

  private static Map<String, Object> school(Comparison school) {
    return ordered(
        "apexSchool", SetFile.word((ApexSchool) school.school()),
        "taken", school.taken(),
        "apexAtMm", rounded(school.apex().at()),
        "apexThicknessMm", rounded(school.apex().thickness()),
        "holds", school.apex().holds(),
        "volumeMm3", rounded(school.volume()),
        "leastMarginFirstDay", rounded(school.endurance().first().first().value()),
        "leastMarginLastDay", rounded(school.endurance().last().first().value()));
  }

  private static Map<String, Object> remedy(Remedy remedy) {
    Map<String, Object> out = new LinkedHashMap<>();
    Remedy.Change change = remedy.change();
    if (change instanceof Remedy.Shorten shorten) {
      out.put("shortenToMm", rounded(shorten.extension()));
    } else if (change instanceof Remedy.DeepenBarrel deepen) {
      out.put("deepenBarrelToPercent", rounded(deepen.percent()));
    } else if (change instanceof Remedy.OtherProduct other) {
      out.put("product", other.product().code());
    } else if (change instanceof Remedy.SoonerInfill sooner) {
      out.put("wearDays", sooner.days());
    } else if (change instanceof Remedy.OtherShape other) {
      out.put("shape", other.shape().code());
    } else if (change instanceof Remedy.PrepareFully) {
      out.put("prepareFully", true);
    } else if (change instanceof Remedy.Thicken thicken) {
      out.put("thickenToMm", rounded(thicken.thickness()));
    }
    out.put("apexThicknessMm", rounded(remedy.apex().thickness()));
    out.put("leastMargin", rounded(remedy.endurance().weakest().value()));
    return out;
  }

  private static Map<String, Object> pinch(Pinch pinch) {
    return ordered(
        "beyondStressLineMm", rounded(pinch.beyond()),
        "unpinchedWidthMm", rounded(pinch.unpinched().chord()),
        "pinchedWidthMm", rounded(pinch.pinched().chord()),
        "squeezeToMm", rounded(pinch.squeezeTo()),
        "radiusMm", rounded(pinch.pinched().radius()),
        "circleShare", rounded(pinch.pinched().circleShare()),
        "timesStiffer", rounded(pinch.stiffer()));
  }

  private static Map<String, Object> outlook(Outlook outlook) {
    List<Map<String, Object>> weeks = new ArrayList<>();
    for (int day = 0; day <= Outlook.LOOKED_AHEAD; day += 7) {
      Outlook.Day on = outlook.on(day);
      Map<String, Object> week =
          ordered(
              "day", day,
              "gapMm", rounded(on.gap()),
              "apexBeforeStressLineMm", rounded(on.apexBeforeStressLine()));
      on.margins()
          .all()
          .forEach(margin -> week.put(SetFile.word(margin.cause()), rounded(margin.value())));
      weeks.add(week);
    }
    return ordered(
        "dueAfterDays", outlook.due().day(),
        "dueBecause", outlook.due().cause().map(SetFile::word).orElse("gap"),
        "weeks", weeks);
  }

  /** Four decimals; null for what has no finite value, such as the margin of an overlay. */
  private static Double rounded(double value) {
    return Double.isFinite(value) ? Math.round(value * 1e4) / 1e4 : null;
  }

  private static Map<String, Object> ordered(Object... namesAndValues) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < namesAndValues.length; i += 2) {
      map.put((String) namesAndValues[i], namesAndValues[i + 1]);
    }
    return map;
  }
}
