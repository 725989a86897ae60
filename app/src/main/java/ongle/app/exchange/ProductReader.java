package ongle.app.exchange;

import static java.util.Objects.requireNonNullElse;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.exchange.SetFile.LightGiven;
import ongle.app.exchange.SetFile.LimitsGiven;
import ongle.app.exchange.SetFile.OwnProduct;
import ongle.app.words.Words;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import tools.jackson.databind.JsonNode;

/** A usual product by its code, or one of the sender's own with its figures. */
final class ProductReader {
  private final List<Fault> faults;

  /**
   * @param faults to add to
   */
  ProductReader(List<Fault> faults) {
    this.faults = faults;
  }

  Product read(JsonNode given, String path) {
    return given.isObject()
        ? own(FileJson.FILE.treeToValue(given, OwnProduct.class), path)
        : Product.ofCode(given.stringValue()).orElseThrow();
  }

  private Product own(OwnProduct given, String path) {
    boolean levelling = Boolean.TRUE.equals(given.levelling());
    Handling handling =
        requireNonNullElse(given.handling(), levelling ? Handling.BRUSHED : Handling.PUTTY);
    boolean powder = handling == Handling.POWDER_AND_LIQUID;
    if (requireNonNullElse(given.setsByItself(), powder) != powder) {
      faults.add(
          new Fault(
              path + ".setsByItself",
              Words.say("exchange.problem.handling"),
              Words.say("exchange.allowed.sets-by-itself")));
    }
    return new Product(
        "own",
        requireNonNullElse(given.label(), "own product"),
        given.modulusMPa(),
        given.strengthMPa(),
        given.densityGPerCm3(),
        given.shrinkage(),
        levelling,
        requireNonNullElse(given.standsFree(), !levelling),
        handling,
        Boolean.TRUE.equals(given.soaksOff()),
        powder
            ? Optional.empty()
            : Optional.of(
                light(given.light(), Product.HARD_GEL.light().orElseThrow(), path + ".light")),
        requireNonNullElse(given.origin(), "given in the file"),
        limits(given.limits()));
  }

  static Limits limits(LimitsGiven given) {
    return given == null
        ? Limits.NONE
        : new Limits(
            given.longestMm() == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(given.longestMm()),
            Optional.ofNullable(given.lamp()),
            requireNonNullElse(given.freeOf(), List.of()));
  }

  /** What is left out is as usual. */
  LightCure light(LightGiven given, LightCure usual, String path) {
    if (given == null) {
      return usual;
    }
    double full = requireNonNullElse(given.fullDoseJPerCm2(), usual.fullDose());
    double flash =
        requireNonNullElse(given.flashDoseJPerCm2(), Math.min(usual.flashDose(), full / 2));
    if (flash >= full) {
      faults.add(
          new Fault(
              path + ".flashDoseJPerCm2",
              Words.say("exchange.problem.flash"),
              Words.say("exchange.allowed.less", "max", String.valueOf(full))));
      return usual;
    }
    return new LightCure(
        requireNonNullElse(given.clearReachMm(), usual.clearReach()),
        requireNonNullElse(given.pigmentedReachMm(), usual.pigmentedReach()),
        full,
        flash,
        requireNonNullElse(given.wavelengthsNm(), usual.wavelengths()),
        requireNonNullElse(given.reactivity(), usual.reactivity()),
        Boolean.TRUE.equals(given.lowHeat()));
  }
}
