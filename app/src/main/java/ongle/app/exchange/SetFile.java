package ongle.app.exchange;

import com.fasterxml.jackson.annotation.JsonAnyGetter;
import com.fasterxml.jackson.annotation.JsonAnySetter;
import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonFormat.Feature;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import ongle.core.bench.Construction;
import ongle.core.bench.CuticleTool;
import ongle.core.bench.FilingRoutine;
import ongle.core.bench.FingerJob;
import ongle.core.bench.FormOff;
import ongle.core.bench.HandWash;
import ongle.core.bench.NailOrder;
import ongle.core.bench.Primer;
import ongle.core.bench.Rework;
import ongle.core.bench.Softener;
import ongle.core.bench.TipAttachment;
import ongle.core.bench.TipPriming;
import ongle.core.bench.TopCoat;
import ongle.core.bench.Visit;
import ongle.core.bench.Worker;
import ongle.core.cause.Finding;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipsOrForms;
import ongle.core.layer.LayerKind;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.OldBuild;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.nail.Unit;
import ongle.core.plan.Activity;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.product.Handling;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;
import tools.jackson.databind.JsonNode;

/**
 * A set file as it stands: every number has its unit in its name, what is null was left out. What
 * may stand in each field says {@code docs/plan-service/set.schema.json}.
 *
 * @param product code of a usual product, or an {@link OwnProduct}
 * @param kit code of a kit at hand, or an {@link OwnKit}
 */
record SetFile(
    StyleWanted style,
    LengthWanted length,
    JsonNode product,
    JsonNode kit,
    TipsOrForms tipsOrForms,
    FreeHandOrForms bitten,
    Barrel barrel,
    PlanningFigures figures,
    WearerGiven wearer,
    WearGiven wear,
    BenchGiven bench,
    List<NailGiven> nails) {

  private static final Map<Unit, String> SUFFIX =
      Map.of(Unit.MILLIMETRE, "Mm", Unit.DEGREE, "Deg", Unit.PERCENT, "Percent", Unit.DAY, "");

  /** The quantity's name in the file, such as {@code plateLengthMm}. */
  static String name(Quantity quantity) {
    StringBuilder name = new StringBuilder();
    for (String part : quantity.name().toLowerCase(Locale.ROOT).split("_")) {
      name.append(
          name.isEmpty() ? part : Character.toUpperCase(part.charAt(0)) + part.substring(1));
    }
    return name + SUFFIX.get(quantity.unit());
  }

  record StyleWanted(
      NailShape shape, ApexSchool apexSchool, UpperArch upperArch, CrossThickness across) {}

  record LengthWanted(LengthWish.Mode mode, Double value) {}

  /** A product with every figure the computation needs. */
  record OwnProduct(
      String label,
      double modulusMPa,
      double strengthMPa,
      double densityGPerCm3,
      double shrinkage,
      Boolean levelling,
      Handling handling,
      Boolean standsFree,
      Boolean soaksOff,
      Boolean setsByItself,
      LightGiven light,
      String origin,
      LimitsGiven limits) {}

  record LightGiven(
      Double clearReachMm,
      Double pigmentedReachMm,
      Double fullDoseJPerCm2,
      Double flashDoseJPerCm2,
      Set<Integer> wavelengthsNm,
      Double reactivity,
      Boolean lowHeat) {}

  record LimitsGiven(Double longestMm, String lamp, List<String> freeOf) {}

  /** A bottle of the sender's own; what is left out is as usual for its layer. */
  record CoatGiven(
      String label,
      String number,
      Double thicknessMm,
      Integer coats,
      Boolean wiped,
      Boolean acid,
      LightGiven light,
      LimitsGiven limits) {}

  /** A recipe of the sender's own. */
  record LayersGiven(String label, List<LayerGiven> layers) {}

  /** One layer of it; the usual bottle where none is said. */
  record LayerGiven(LayerKind layer, CoatGiven with) {}

  record OwnKit(String code, NailShape outline, List<TipSize> tips) {}

  record TipSize(
      String number,
      double widthMm,
      double depthMm,
      double wellLengthMm,
      double freeLengthMm,
      double thicknessMm) {}

  /** Shares by digit, factors by activity, as words. */
  record PlanningFigures(
      Map<String, Double> fingerShares, Map<String, Double> activityFactors, Floor apexFloor) {}

  record Floor(Double noneMm, Double perMm, Double mostMm) {}

  record WearerGiven(
      Activity leftHand,
      Activity rightHand,
      Boolean minor,
      String guardian,
      String allergy,
      String allergyHarmless) {}

  record WearGiven(
      Integer wearDays,
      List<PrepStep> skippedPreparation,
      Double growthFactor,
      Double loadFactor,
      Double platesFactor) {}

  /**
   * How it is carried out.
   *
   * @param layers code of a usual recipe, or {@link LayersGiven}
   * @param colour clear, code of a usual one, or a {@link CoatGiven}
   */
  record BenchGiven(
      Visit visit,
      Softener softener,
      CuticleTool cuticleTool,
      Primer primer,
      TipAttachment attachment,
      Construction construction,
      NailOrder order,
      FilingRoutine filing,
      Rework rework,
      TipPriming tipPriming,
      FormOff formOff,
      HandWash wash,
      TopCoat topCoat,
      JsonNode layers,
      LampGiven lamp,
      Boolean pigmented,
      Mix mix,
      Brush brush,
      Double nozzleMm,
      JsonNode colour,
      Double roomC,
      Integer pacePercent,
      Worker worker,
      Integer lessUsedPercent,
      Boolean feelsHeat,
      List<RoutineLine> routine) {}

  record LampGiven(
      String label,
      Set<Integer> wavelengthsNm,
      Double lightMwPerCm2,
      Double measuredMwPerCm2,
      Boolean thumbsApart,
      List<ProgrammeGiven> programmes) {}

  record ProgrammeGiven(String label, int seconds, Double powerPercent) {}

  record RoutineLine(String step, String name, Integer ownSeconds, String follows) {}

  /**
   * One nail.
   *
   * @param condition what was found; "sound" is nothing
   * @param asBuilt what was measured of the finished nail, by {@link SetFile#name(Quantity)}
   * @param worn what happened to it since
   * @param measures by {@link SetFile#name(Quantity)}
   */
  record NailGiven(
      Finger finger,
      @JsonFormat(with = Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
          @JsonSetter(contentNulls = Nulls.SKIP)
          List<PlateFinding> condition,
      SkinState skin,
      EarlierProduct earlierProduct,
      OldGiven oldBuild,
      String buildAnyway,
      Double regrowthMm,
      FingerJob job,
      JsonNode layers,
      ByHand byHand,
      Map<String, Double> asBuilt,
      List<WornGiven> worn,
      @JsonAnySetter @JsonAnyGetter Map<String, Double> measures) {}

  /**
   * What happened to a worn nail.
   *
   * @param day counted from the day it was built
   */
  record WornGiven(
      Finding.Kind kind,
      Finding.Place place,
      Double farMm,
      int day,
      Integer wholeDay,
      Finding.After after) {}

  /** What is known of the build on a nail. */
  record OldGiven(OldBuild.Thickness thickness, Double measuredMm, Double clipMm, Boolean onTip) {}

  /**
   * What the technician set instead of what is computed.
   *
   * @param product as of the file
   * @param values by {@link SetFile#name(Quantity)}
   */
  record ByHand(
      String tipKit,
      String tip,
      BuildWay way,
      JsonNode product,
      @JsonAnySetter @JsonAnyGetter Map<String, Double> values) {}
}
