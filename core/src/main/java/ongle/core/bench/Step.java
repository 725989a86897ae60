package ongle.core.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.Code;
import ongle.core.cure.LampTime;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.portion.Material;
import ongle.core.portion.ProductPortion;
import ongle.core.product.Handling;
import ongle.core.product.Product;
import ongle.core.schedule.Job;

/**
 * One step of an appointment.
 *
 * @param kind of step
 * @param name the salon gave it; empty for the usual one
 * @param variant what it turns into on these nails; empty for the usual
 * @param hand it is done on; empty for both
 * @param fingers it is done on, in order
 * @param job its time and what it holds; its window is planned tighter than the product's
 * @param window in which the product wants it begun after the step before it on the hand
 * @param tool for these nails; empty for the kind's usual one
 * @param bit of the electric file; empty where it is not used
 * @param product laid; empty where none is
 * @param dose of it
 * @param number of this dose, layer or coat, from 1
 * @param of how many; 1 where it does not count
 * @param light of the lamp
 * @param targets what it works to on each nail; empty where nothing is measured
 * @param hints what to mind on these nails, most important first
 * @param cautions at this step, beside those of its kind
 */
public record Step(
    StepKind kind,
    Optional<String> name,
    Optional<Variant> variant,
    Optional<Hand> hand,
    List<Finger> fingers,
    Job job,
    Job.Window window,
    Optional<Tool> tool,
    Optional<Bit> bit,
    Optional<Product> product,
    Optional<ProductPortion> dose,
    int number,
    int of,
    Optional<LampTime> light,
    List<Target> targets,
    List<Hint> hints,
    List<StepCaution> cautions) {
  /** What a step turns into on some nails. */
  public enum Variant implements Code {
    /** The natural edge of an overlay gets the shape. */
    EDGE_TO_SHAPE,
    /** The salon rubs in a base instead of priming. */
    BASE_RUBBED_IN
  }

  public Step {
    fingers = List.copyOf(fingers);
    targets = List.copyOf(targets);
    hints = List.copyOf(hints);
    cautions = List.copyOf(cautions);
  }

  public String id() {
    return job.id();
  }

  /** The same with another time or hold. */
  Step with(Job other) {
    return new Step(
        kind, name, variant, hand, fingers, other, window, tool, bit, product, dose, number, of,
        light, targets, hints, cautions);
  }

  /** The same with more to be careful of. */
  Step warned(Stream<? extends StepCaution> also) {
    return new Step(
        kind,
        name,
        variant,
        hand,
        fingers,
        job,
        window,
        tool,
        bit,
        product,
        dose,
        number,
        of,
        light,
        targets,
        hints,
        Stream.<StepCaution>concat(cautions.stream(), also).toList());
  }

  /** Whether it is done on that hand, alone or with the other. */
  public boolean on(Hand side) {
    return hand.isEmpty() || hand.get() == side;
  }

  /** The finger, where it is done on one. */
  public Optional<Finger> finger() {
    return fingers.size() == 1 ? Optional.of(fingers.get(0)) : Optional.empty();
  }

  /** What it uses up from the shelf. */
  public List<Material> materials() {
    return switch (kind) {
      case COLOUR -> List.of(Material.COLOUR);
      case TOP -> List.of(Material.TOP_COAT);
      case PRIME -> List.of(Material.PRIMER);
      case SOAK -> List.of(Material.REMOVER);
      default ->
          dose.isEmpty()
              ? List.of()
              : product.stream()
                  .flatMap(
                      laid ->
                          laid.handling() == Handling.POWDER_AND_LIQUID
                              ? Stream.of(Material.of(laid), Material.ACRYLIC_LIQUID)
                              : Stream.of(Material.of(laid)))
                  .toList();
    };
  }

  /** Whether nobody works while it runs: hands in the lamp or soaking. */
  public boolean runsByItself() {
    return !job.technician();
  }
}
