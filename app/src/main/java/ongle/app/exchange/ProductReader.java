package ongle.app.exchange;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ongle.core.cure.Lamp;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import tools.jackson.databind.JsonNode;

/** Reads a product of the sender's own, with every figure the computation needs. */
final class ProductReader extends FileFields {
  private static final Set<String> NAMES =
      Set.of(
          "label",
          "modulusMPa",
          "strengthMPa",
          "densityGPerCm3",
          "shrinkage",
          "levelling",
          "handling",
          "soaksOff",
          "setsByItself",
          "light");

  ProductReader(List<Fault> faults) {
    super(faults);
  }

  /**
   * @return null if something was wrong
   */
  Product own(JsonNode node, String path) {
    int before = faults.size();
    if (!object(node, path, NAMES)) {
      return null;
    }
    double modulus = needed(node, path, "modulusMPa", 50, 20000);
    double strength = needed(node, path, "strengthMPa", 1, 500);
    double density = needed(node, path, "densityGPerCm3", 0.5, 5);
    double shrinkage = needed(node, path, "shrinkage", 0, 0.5);
    boolean levelling = flag(node, path, "levelling", false);
    Handling handling =
        word(
            node,
            path + ".",
            "handling",
            Handling.class,
            levelling ? Handling.BRUSHED : Handling.PUTTY);
    boolean soaksOff = flag(node, path, "soaksOff", false);
    boolean setsByItself = flag(node, path, "setsByItself", handling == Handling.POWDER_AND_LIQUID);
    Optional<LightCure> light = light(node.path("light"), path + ".light");
    if (setsByItself != (handling == Handling.POWDER_AND_LIQUID)) {
      faults.add(
          new Fault(
              path + ".setsByItself",
              "does not go with the handling",
              "true for powder-and-liquid, false for what is cured"));
    }
    if (faults.size() > before) {
      return null;
    }
    return new Product(
        "own",
        said(node, path + ".", "label").orElse("own product"),
        modulus,
        strength,
        density,
        shrinkage,
        levelling,
        !levelling,
        handling,
        soaksOff,
        setsByItself ? Optional.empty() : light,
        "given in the file");
  }

  private double needed(JsonNode node, String path, String name, double least, double most) {
    if (missing(node.path(name))) {
      faults.add(new Fault(path + "." + name, "missing", "a number"));
    }
    return plain(node, path, name, least, most, Double.NaN);
  }

  /** What is left out is as for hard gel. */
  private Optional<LightCure> light(JsonNode node, String path) {
    LightCure usual = Product.HARD_GEL.light().orElseThrow();
    if (missing(node)
        || !object(
            node,
            path,
            Set.of(
                "clearReachMm",
                "pigmentedReachMm",
                "fullDoseJPerCm2",
                "flashDoseJPerCm2",
                "wavelengthsNm",
                "reactivity"))) {
      return Optional.of(usual);
    }
    double full = plain(node, path, "fullDoseJPerCm2", 0.1, 50, usual.fullDose());
    double flash = plain(node, path, "flashDoseJPerCm2", 0.01, 50, usual.flashDose());
    if (flash >= full) {
      faults.add(
          new Fault(path + ".flashDoseJPerCm2", "not below the full dose", "less than " + full));
      return Optional.of(usual);
    }
    return Optional.of(
        new LightCure(
            plain(node, path, "clearReachMm", 0.05, 5, usual.clearReach()),
            plain(node, path, "pigmentedReachMm", 0.05, 5, usual.pigmentedReach()),
            full,
            flash,
            wavelengths(node, path, Lamp.SHORTEST_WAVE, Lamp.LONGEST_WAVE, usual.wavelengths()),
            plain(node, path, "reactivity", 0.05, 5, usual.reactivity())));
  }
}
