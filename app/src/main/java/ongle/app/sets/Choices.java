package ongle.app.sets;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;

/**
 * All that was chosen for a set, as against what was measured and found on the hands: what undoing
 * goes back over and a version keeps. Stored as JSON; names are those of the enums.
 */
record Choices(
    NailShape shape,
    LengthWish.Mode lengthMode,
    double length,
    String product,
    ApexSchool apex,
    UpperArch arch,
    CrossThickness across,
    int wearDays,
    TreeSet<PrepStep> skipped,
    String kit,
    TipsOrForms tipsOrForms,
    FreeHandOrForms bitten,
    Barrel barrel,
    Map<Finger, OfNail> nails) {

  /** What was set by hand on one nail. */
  record OfNail(
      Map<Quantity, Double> values, String tipKit, String tipNumber, BuildWay way, String product) {
    static OfNail of(SetNail nail) {
      Adjustments by = nail.adjustments(none -> Optional.empty());
      return new OfNail(
          new TreeMap<>(by.values()),
          by.tip().map(TipNumber::kit).orElse(null),
          by.tip().map(TipNumber::number).orElse(null),
          by.way().orElse(null),
          nail.getProduct());
    }

    /**
     * @param products by code
     */
    Adjustments adjustments(Function<String, Optional<Product>> products) {
      return new Adjustments(
          values,
          Optional.ofNullable(tipNumber).map(number -> new TipNumber(tipKit, number)),
          Optional.ofNullable(way),
          Optional.ofNullable(product).flatMap(products));
    }
  }

  static Choices of(NailSet set) {
    Map<Finger, OfNail> nails = new TreeMap<>();
    set.getNails().forEach(nail -> nails.put(nail.getFinger(), OfNail.of(nail)));
    return new Choices(
        set.getShape(),
        set.length().mode(),
        set.length().value(),
        set.getProduct(),
        set.getSchool(),
        set.getArch(),
        set.getAcross(),
        set.getWearDays(),
        new TreeSet<>(set.getSkipped()),
        set.getKit(),
        set.getTipsOrForms(),
        set.getBitten(),
        set.getBarrel(),
        nails);
  }

  /** Choices kept before there was one have the closed form. */
  Barrel barrelSchool() {
    return barrel == null ? Barrel.CLOSED_FORM : barrel;
  }

  LengthWish lengthWish() {
    return new LengthWish(lengthMode, length);
  }

  /**
   * What differs from the other, in a few words for a list of steps.
   *
   * @param products by code
   */
  String against(Choices before, Function<String, Optional<Product>> products) {
    if (!shape.equals(before.shape)) {
      return "shape to " + shape.label();
    }
    if (!lengthWish().equals(before.lengthWish())) {
      return "length wish";
    }
    if (!product.equals(before.product)) {
      return "product to " + products.apply(product).map(Product::label).orElse(product);
    }
    if (apex != before.apex) {
      return "apex " + apex.label();
    }
    if (arch != before.arch) {
      return "upper arch " + arch.label();
    }
    if (across != before.across) {
      return "across " + across.label();
    }
    if (barrelSchool() != before.barrelSchool()) {
      return "barrel from " + barrel.label();
    }
    if (wearDays != before.wearDays) {
      return "infill after " + wearDays + " days";
    }
    if (!skipped.equals(before.skipped)) {
      return "preparation";
    }
    List<Finger> changed =
        nails.keySet().stream()
            .filter(finger -> !nails.get(finger).equals(before.nails.get(finger)))
            .toList();
    if (changed.size() == 1) {
      return changed.get(0).label() + whatOf(changed.get(0), before);
    }
    return changed.isEmpty() ? "kit or school of fitting" : changed.size() + " fingers";
  }

  private String ownProduct(Finger finger) {
    return Optional.ofNullable(nails.get(finger)).map(OfNail::product).orElse(null);
  }

  private String whatOf(Finger finger, Choices before) {
    if (!Objects.equals(ownProduct(finger), before.ownProduct(finger))) {
      return ": product";
    }
    Map<Quantity, Double> now = nails.get(finger).values();
    Map<Quantity, Double> then =
        Optional.ofNullable(before.nails.get(finger)).map(OfNail::values).orElse(Map.of());
    List<String> changed =
        Adjustments.QUANTITIES.stream()
            .sorted()
            .filter(
                quantity ->
                    !Optional.ofNullable(now.get(quantity))
                        .equals(Optional.ofNullable(then.get(quantity))))
            .map(Quantity::label)
            .toList();
    return changed.isEmpty() ? ": tip or way" : ": " + String.join(", ", changed);
  }
}
