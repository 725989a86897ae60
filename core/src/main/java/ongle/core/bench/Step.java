package ongle.core.bench;

import java.util.Comparator;
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
 * @param since the step its window is counted from, by id; empty for the one before it on the hand
 * @param movement it is, where it joins several steps; empty for a single one
 * @param parts the steps it joins, in order; none for a single one
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
    List<StepCaution> cautions,
    Optional<String> since,
    Optional<Movement> movement,
    List<Step> parts) {
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
    parts = List.copyOf(parts);
  }

  /** One movement of several steps, of the kind of its longest. */
  static Step joined(Movement movement, List<Step> parts) {
    Step longest =
        parts.stream().max(Comparator.comparingInt(part -> part.job.seconds())).orElseThrow();
    Step first = parts.get(0);
    int seconds = 0;
    int settled = 0;
    for (Step part : parts) {
      seconds += part.job.seconds();
      settled = part.job.settles() > 0 ? Math.max(settled, seconds + part.job.settles()) : settled;
    }
    return new Step(
        longest.kind,
        Optional.empty(),
        Optional.empty(),
        first.hand,
        parts.stream().flatMap(part -> part.fingers.stream()).distinct().toList(),
        new Job(
            movement + "." + first.id(),
            first.job.technician(),
            first.job.lamp(),
            seconds,
            Math.max(0, settled - seconds),
            first.job.needsSettled(),
            first.job.window(),
            first.job.place()),
        first.window,
        Optional.empty(),
        parts.stream().flatMap(part -> part.bit.stream()).findFirst(),
        longest.product,
        longest.dose,
        longest.number,
        movement == Movement.BEADS ? 1 : longest.of,
        longest.light,
        parts.stream().flatMap(part -> part.targets.stream()).distinct().toList(),
        parts.stream().flatMap(part -> part.hints.stream()).distinct().toList(),
        parts.stream().flatMap(part -> part.cautions.stream()).distinct().toList(),
        first.since,
        Optional.of(movement),
        parts);
  }

  /** What it is done for at once on both hands. */
  static Step ofBoth(
      StepKind kind,
      Optional<String> name,
      List<Finger> fingers,
      Job job,
      List<Target> targets,
      List<StepCaution> cautions) {
    return new Step(
        kind,
        name,
        Optional.empty(),
        Optional.empty(),
        fingers,
        job,
        Job.Window.OPEN,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        1,
        1,
        Optional.empty(),
        targets,
        List.of(),
        cautions,
        Optional.empty(),
        Optional.empty(),
        List.of());
  }

  /** Itself, or what it joins. */
  public List<Step> singly() {
    return parts.isEmpty() ? List.of(this) : parts;
  }

  /** What can be ticked while it is done: its parts, else its fingers; nothing for a single one. */
  public List<String> tickable() {
    if (runsByItself()) {
      return List.of();
    }
    return parts.size() > 1
        ? parts.stream().map(Step::id).toList()
        : fingers.size() > 1 && hand.isPresent()
            ? fingers.stream().map(Finger::name).toList()
            : List.of();
  }

  /** Whether product is laid in it, or a tip fixed: what the primer is for. */
  boolean covers(Finger finger) {
    return singly().stream()
        .filter(part -> part.fingers.contains(finger))
        .anyMatch(part -> part.lays() || part.kind == StepKind.TIP_ON);
  }

  /** Whether product is laid in it, the building one or a cured base. */
  boolean lays() {
    return dose.isPresent() || kind == StepKind.BASE;
  }

  boolean primes() {
    return singly().stream().anyMatch(part -> part.kind == StepKind.PRIME);
  }

  public String id() {
    return job.id();
  }

  private Step copy(
      Job otherJob,
      Job.Window otherWindow,
      Optional<String> countedFrom,
      List<StepCaution> otherCautions) {
    return new Step(
        kind,
        name,
        variant,
        hand,
        fingers,
        otherJob,
        otherWindow,
        tool,
        bit,
        product,
        dose,
        number,
        of,
        light,
        targets,
        hints,
        otherCautions,
        countedFrom,
        movement,
        parts);
  }

  /** The same with another time or hold. */
  Step with(Job other) {
    return copy(other, window, since, cautions);
  }

  /** The same with more to be careful of. */
  Step warned(Stream<? extends StepCaution> also) {
    return copy(job, window, since, Stream.<StepCaution>concat(cautions.stream(), also).toList());
  }

  /** The same, not before so many seconds after the step before it: something dries. */
  Step after(int seconds) {
    Job.Window later = new Job.Window(seconds, Job.Window.OPEN.max());
    return copy(job.within(later.min(), later.max()), later, since, cautions);
  }

  /** The same, to be begun within a window after some step. */
  Step within(Job.Window wanted, Job.Window planned, String after) {
    return copy(job.within(planned.min(), planned.max()), wanted, Optional.of(after), cautions);
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
    return singly().stream().flatMap(part -> part.material().stream()).distinct().toList();
  }

  private List<Material> material() {
    Optional<Material> brushed =
        tool.filter(Tool.Brushed.class::isInstance)
            .map(with -> Material.of(((Tool.Brushed) with).coat()));
    if (brushed.isPresent()) {
      return List.of(brushed.get());
    }
    return switch (kind) {
      case COLOUR -> List.of(Material.COLOUR);
      case TOP -> List.of(Material.TOP_COAT);
      case BASE -> List.of(Material.BASE);
      case CAP -> List.of(Material.CLEAR_GEL);
      case INLAY -> List.of(Material.INLAY);
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
