package ongle.app.sets;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import ongle.app.words.Words;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.product.Product;

/**
 * All that was chosen for a set, as against what was measured and found on the hands: what undoing
 * goes back over and a version keeps. Stored as JSON; names are those of the enums.
 */
public record Choices(@JsonUnwrapped SetChoices ofSet, Map<Finger, OfNail> nails) {

  /** What was set by hand on one nail. */
  public record OfNail(
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
    public Adjustments adjustments(Function<String, Optional<Product>> products) {
      return new Adjustments(
          values,
          Optional.ofNullable(tipNumber).map(number -> new TipNumber(tipKit, number)),
          Optional.ofNullable(way),
          Optional.ofNullable(product).flatMap(products));
    }
  }

  public static Choices of(NailSet set) {
    Map<Finger, OfNail> nails = new TreeMap<>();
    set.getNails().forEach(nail -> nails.put(nail.getFinger(), OfNail.of(nail)));
    return new Choices(set.choices().copy(), nails);
  }

  /**
   * What differs from the other, in a few words for a list of steps.
   *
   * @param products by code
   */
  public String against(Choices before, Function<String, Optional<Product>> products) {
    String ofAll = ofSet.against(before.ofSet, products);
    if (ofAll != null) {
      return ofAll;
    }
    List<Finger> changed =
        nails.keySet().stream()
            .filter(finger -> !nails.get(finger).equals(before.nails.get(finger)))
            .toList();
    if (changed.size() == 1) {
      return Words.of(changed.get(0)) + ": " + whatOf(changed.get(0), before);
    }
    return changed.isEmpty()
        ? Words.say("sets.changed.fitting")
        : Words.say("sets.changed.fingers", "fingers", changed.size());
  }

  private String ownProduct(Finger finger) {
    return Optional.ofNullable(nails.get(finger)).map(OfNail::product).orElse(null);
  }

  private String whatOf(Finger finger, Choices before) {
    if (!Objects.equals(ownProduct(finger), before.ownProduct(finger))) {
      return Words.say("sets.changed.own-product");
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
            .map(Words::of)
            .toList();
    return changed.isEmpty() ? Words.say("sets.changed.way") : String.join(", ", changed);
  }
}
