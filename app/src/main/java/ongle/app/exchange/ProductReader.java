package ongle.app.exchange;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ongle.core.cure.Lamp;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.product.ProductFigure;
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
          "standsFree",
          "soaksOff",
          "setsByItself",
          "light",
          "origin");

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
    double modulus = needed(node, path, "modulusMPa", ProductFigure.MODULUS);
    double strength = needed(node, path, "strengthMPa", ProductFigure.STRENGTH);
    double density = needed(node, path, "densityGPerCm3", ProductFigure.DENSITY);
    double shrinkage = needed(node, path, "shrinkage", ProductFigure.SHRINKAGE);
    boolean levelling = flag(node, path, "levelling", false);
    Handling handling =
        word(
            node,
            path + ".",
            "handling",
            Handling.class,
            levelling ? Handling.BRUSHED : Handling.PUTTY);
    boolean standsFree = flag(node, path, "standsFree", !levelling);
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
        standsFree,
        handling,
        soaksOff,
        setsByItself ? Optional.empty() : light,
        said(node, path, "origin").orElse("given in the file"));
  }

  private double needed(JsonNode node, String path, String name, ProductFigure figure) {
    if (missing(node.path(name))) {
      faults.add(new Fault(path + "." + name, "missing", "a number"));
    }
    return figure(node, path, name, figure, Double.NaN);
  }

  private double figure(
      JsonNode node, String path, String name, ProductFigure figure, double usual) {
    return plain(node, path, name, figure.min(), figure.max(), usual);
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
    double full = figure(node, path, "fullDoseJPerCm2", ProductFigure.FULL_DOSE, usual.fullDose());
    double flash =
        figure(node, path, "flashDoseJPerCm2", ProductFigure.FLASH_DOSE, usual.flashDose());
    if (flash >= full) {
      faults.add(
          new Fault(path + ".flashDoseJPerCm2", "not below the full dose", "less than " + full));
      return Optional.of(usual);
    }
    return Optional.of(
        new LightCure(
            figure(node, path, "clearReachMm", ProductFigure.CLEAR_REACH, usual.clearReach()),
            figure(
                node,
                path,
                "pigmentedReachMm",
                ProductFigure.PIGMENTED_REACH,
                usual.pigmentedReach()),
            full,
            flash,
            wavelengths(node, path, Lamp.SHORTEST_WAVE, Lamp.LONGEST_WAVE, usual.wavelengths()),
            figure(node, path, "reactivity", ProductFigure.REACTIVITY, usual.reactivity())));
  }
}
