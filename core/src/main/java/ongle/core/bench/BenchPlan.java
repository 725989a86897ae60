package ongle.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.core.Memo;
import ongle.core.Same;
import ongle.core.cure.LampTime;
import ongle.core.cure.Layers;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Material;
import ongle.core.portion.Portion;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.schedule.Hands;
import ongle.core.schedule.Job;
import ongle.core.schedule.Schedule;
import ongle.core.schedule.Scheduler;

/**
 * A planned set turned into an appointment.
 *
 * @param plan what is built
 * @param wish how it is carried out
 * @param portions product by finger
 * @param infills by finger, at an infill
 * @param left steps of the client's left hand in their order
 * @param right of the right hand; steps of both hands stand in both
 * @param refusals why it cannot be carried out as wished; then there are no steps
 */
public record BenchPlan(
    SetPlan plan,
    BenchWish wish,
    Map<Finger, Portion> portions,
    Map<Finger, Infill> infills,
    List<Step> left,
    List<Step> right,
    List<CannotBegin> refusals) {
  public BenchPlan {
    portions = Collections.unmodifiableMap(new LinkedHashMap<>(portions));
    infills = Collections.unmodifiableMap(new LinkedHashMap<>(infills));
    left = List.copyOf(left);
    right = List.copyOf(right);
    refusals = List.copyOf(refusals);
  }

  /** Asked at every press, against which the rest is held. */
  private static final Memo<Same<BenchPlan>, Schedule> WHOLES = Memo.forEachDesk(4);

  /** A body thinner than this at the apex cannot be floated even, mm; a figure of our own. */
  public static final double LEAST_BODY = 0.35;

  /** Appointments are booked in steps of so many minutes. */
  public static final int BOOKED_IN = 5;

  public static BenchPlan of(SetPlan plan, BenchWish wished) {
    // Torn or cut skin anywhere: no acid on the table at all.
    boolean broken = plan.built().stream().anyMatch(nail -> nail.nail().skin().broken());
    BenchWish wish = broken ? wished.mild() : wished;
    Map<Finger, Portion> portions = new EnumMap<>(Finger.class);
    Map<Finger, Infill> infills = new EnumMap<>(Finger.class);
    for (NailPlan nail : plan.built()) {
      Finger finger = nail.nail().finger();
      FingerJob job = wish.job(finger);
      if (job == FingerJob.INFILL) {
        Infill infill = Infill.of(nail, wish.regrowth().getOrDefault(finger, 0.0));
        infills.put(
            finger,
            wish.schools().rework() == Rework.REMOVE
                ? infill.takenOff(TakeOff.Plain.SALON_TAKES_OFF)
                : infill);
      }
      if (job.builds()) {
        portions.put(
            finger,
            Optional.ofNullable(infills.get(finger))
                .filter(infill -> infill.removal().isEmpty())
                .map(infill -> Portion.filling(nail, habits(nail, wish), infill.shares()))
                .orElseGet(
                    () ->
                        job == FingerJob.REPAIR
                            ? Portion.repairing(nail, habits(nail, wish))
                            : Portion.of(nail, habits(nail, wish))));
      }
    }
    List<CannotBegin> refusals = refusals(plan, wish);
    BothHands hands =
        new BothHands(
            plan, wish, refusals.isEmpty() ? worked(plan, wish) : List.of(), portions, infills);
    return new BenchPlan(
        plan, wish, portions, infills, hands.steps(Hand.LEFT), hands.steps(Hand.RIGHT), refusals);
  }

  /** Fingers that are worked on: not those left alone, nor bare ones that only lose something. */
  private static List<NailPlan> worked(SetPlan plan, BenchWish wish) {
    return plan.built().stream()
        .filter(
            nail ->
                switch (wish.job(nail.nail().finger())) {
                  case NEW, INFILL, REPAIR, POLISH -> true;
                  case OFF -> nail.seen().earlier() != EarlierProduct.NONE;
                  case LEAVE -> false;
                })
        .sorted(Comparator.comparing(nail -> nail.nail().finger().hand()))
        .toList();
  }

  /** Fingers that are worked on in this visit, left hand first. */
  public List<NailPlan> worked() {
    return worked(plan, wish);
  }

  /** Fingers that are to be filled and whose regrowth nobody measured. */
  public List<Finger> regrowthAsked() {
    return infills.keySet().stream()
        .filter(finger -> wish.regrowth().getOrDefault(finger, 0.0) == 0)
        .toList();
  }

  /** Fingers that get a tip or form in this visit: those whose extension is built. */
  public Set<Finger> fitted() {
    return worked().stream()
        .map(nail -> nail.nail().finger())
        .filter(
            finger ->
                wish.job(finger).builds()
                    && Optional.ofNullable(infills.get(finger))
                        .filter(infill -> infill.removal().isEmpty())
                        .isEmpty())
        .collect(Collectors.toSet());
  }

  private static List<CannotBegin> refusals(SetPlan plan, BenchWish wish) {
    List<NailPlan> worked = worked(plan, wish);
    if (worked.isEmpty()) {
      return List.of(
          plan.built().isEmpty()
              ? CannotBegin.Plain.NO_FINGER_TO_BUILD_ON
              : plan.built().stream()
                      .anyMatch(nail -> wish.job(nail.nail().finger()) == FingerJob.OFF)
                  ? CannotBegin.Plain.NOTHING_TO_TAKE_OFF
                  : CannotBegin.Plain.NO_FINGER_CHOSEN);
    }
    List<LightCure> cures = new ArrayList<>();
    List<NailPlan> building =
        worked.stream().filter(nail -> wish.job(nail.nail().finger()).builds()).toList();
    building.forEach(nail -> nail.build().product().light().ifPresent(cures::add));
    worked.stream()
        .filter(nail -> wish.job(nail.nail().finger()).coats())
        .flatMap(nail -> recipe(nail, wish).lights().stream())
        .forEach(cures::add);
    if (!building.isEmpty() && wish.schools().attachment() == TipAttachment.GEL) {
      cures.add(TipAttachment.GEL_UNDER_TIP);
    }
    return cures.stream()
        .flatMap(cure -> LampTime.refusal(wish.lamp(), cure).stream())
        .<CannotBegin>map(CannotBegin.Lamp::new)
        .distinct()
        .toList();
  }

  private static Portion.Habits habits(NailPlan nail, BenchWish wish) {
    return wish.habits(recipe(nail, wish));
  }

  /** What a nail wears, from the plate out. */
  static Recipe recipe(NailPlan nail, BenchWish wish) {
    return wish.layers(nail.nail().finger(), nail.build().product());
  }

  /** The same. */
  public Recipe recipe(NailPlan nail) {
    return recipe(nail, wish);
  }

  /** What coats cover, mm²: the build, or where only painted what is there of the nail. */
  static double area(NailPlan nail, BenchWish wish) {
    boolean bare =
        wish.job(nail.nail().finger()) == FingerJob.POLISH && !nail.seen().earlier().builds();
    return bare
        ? nail.build().surface(nail.nail().plateLength())
            + nail.nail().freeEdge() * nail.nail().width()
        : nail.build().surface();
  }

  /** Thickness left for the body at the apex, mm. */
  public double body(NailPlan nail) {
    return nail.build().profile().apexThickness() - recipe(nail).besidesBody();
  }

  /**
   * Whether layers that were asked for leave too little body. Colour and top coat alone are no
   * choice to warn of: a thin overlay is planned with them.
   */
  public boolean bodyTooThin(NailPlan nail) {
    Recipe recipe = recipe(nail);
    boolean asked =
        recipe.has(LayerKind.BASE) || recipe.has(LayerKind.INLAY) || recipe.has(LayerKind.CAP);
    return wish.job(nail.nail().finger()).builds() && asked && body(nail) < LEAST_BODY;
  }

  /** What makers' limits this visit does not keep. */
  public List<Watched> watched() {
    return Watched.of(this);
  }

  /** How the build of one nail is cured in layers. */
  static Layers layers(NailPlan nail, LightCure cure, BenchWish wish) {
    double power =
        HandWork.delicate(nail) || wish.feelsHeat()
            ? LampTime.gentle(wish.lamp(), cure).map(time -> time.programme().power()).orElse(1.0)
            : 1;
    double apex = nail.build().profile().apexThickness();
    return Layers.of(
        Math.max(Math.min(apex, LEAST_BODY), apex - recipe(nail, wish).besidesBody()),
        cure,
        wish.pigmented(),
        wish.lamp(),
        power,
        nail.nail().condition(),
        wish.feelsHeat());
  }

  /** How a nail's build is cured; empty when it sets by itself. */
  public Optional<Layers> layers(NailPlan nail) {
    return nail.build().product().light().map(cure -> layers(nail, cure, wish));
  }

  /** Another kind of visit that would suit these nails better; empty where the chosen one does. */
  public Optional<Visit> betterVisit() {
    if (wish.visit() == Visit.NEW_SET && wish.schools().rework() == Rework.INFILL) {
      boolean fillable =
          plan.built().stream()
              .anyMatch(
                  nail -> {
                    double grown = wish.regrowth().getOrDefault(nail.nail().finger(), 0.0);
                    return grown > 0 && Infill.of(nail, grown).removal().isEmpty();
                  });
      return fillable ? Optional.of(Visit.INFILL) : Optional.empty();
    }
    boolean nothingToFill =
        wish.visit() == Visit.INFILL
            && infills.values().stream().allMatch(infill -> infill.removal().isPresent());
    return nothingToFill ? Optional.of(Visit.NEW_SET) : Optional.empty();
  }

  /** How the full cure of one layer of this nail runs; empty when it sets by itself. */
  public Optional<LampTime> lampTime(NailPlan nail) {
    return nail.build()
        .product()
        .light()
        .flatMap(
            cure ->
                HandWork.delicate(nail) || wish.feelsHeat()
                    ? LampTime.gentle(wish.lamp(), cure)
                    : LampTime.full(wish.lamp(), cure));
  }

  /** How what is on this nail comes off in this visit; empty where nothing does. */
  public Optional<Removal> removal(NailPlan nail) {
    boolean filled =
        Optional.ofNullable(infills.get(nail.nail().finger()))
            .filter(infill -> infill.removal().isEmpty())
            .isPresent();
    return filled || !wish.job(nail.nail().finger()).takesOff(nail.seen().earlier())
        ? Optional.empty()
        : Removal.of(nail.seen().earlier(), nail.seen().old());
  }

  /** What this visit leaves on a nail once it is finished. */
  public Left leaves(NailPlan nail) {
    boolean touched = worked().contains(nail);
    return Left.of(touched ? wish.job(nail.nail().finger()) : FingerJob.LEAVE, nail);
  }

  /** How long a step would take at the usual pace, s. */
  double usual(Step step) {
    return step.job().seconds() / wish.factor(step.kind(), step.hand().orElse(Hand.LEFT));
  }

  /** Steps of a hand in their order. */
  public List<Step> on(Hand hand) {
    return hand == Hand.LEFT ? left : right;
  }

  /** The step that follows another on a hand it is on. */
  Optional<Step> after(Step step, Hand hand) {
    return on(hand).stream().dropWhile(one -> !one.id().equals(step.id())).skip(1).findFirst();
  }

  /** The step before another on a hand it is on. */
  Optional<Step> before(Step step, Hand hand) {
    return on(hand).stream()
        .takeWhile(one -> !one.id().equals(step.id()))
        .reduce((earlier, later) -> later);
  }

  /** Every step once, those of the left hand first. */
  public List<Step> steps() {
    return Stream.concat(
            left.stream(), right.stream().filter(step -> step.hand().isPresent() || left.isEmpty()))
        .toList();
  }

  /**
   * @param id of a step, or of one it joins
   */
  public Optional<Step> step(String id) {
    return Stream.concat(left.stream(), right.stream())
        .filter(
            step ->
                step.id().equals(id)
                    || step.parts().stream().anyMatch(part -> part.id().equals(id)))
        .findFirst();
  }

  /** The appointment with everything still to be done. */
  public Schedule schedule() {
    return WHOLES.of(
        new Same<>(this), () -> Scheduler.of(new Hands(jobs(left), jobs(right), Hands.Free.NOW)));
  }

  /**
   * How long to book, minutes, up to the next {@link #BOOKED_IN}; empty when it cannot be carried
   * out.
   */
  public OptionalInt minutesToBook() {
    if (!refusals.isEmpty()) {
      return OptionalInt.empty();
    }
    int seconds = BOOKED_IN * 60;
    return OptionalInt.of((schedule().makespan() + seconds - 1) / seconds * BOOKED_IN);
  }

  static List<Job> jobs(List<Step> steps) {
    return steps.stream().map(Step::job).toList();
  }

  /** Building product to have ready for this visit, cm³ (ml), with what stays in the brush. */
  public double productVolume() {
    return portions.values().stream().mapToDouble(portion -> portion.applied().total()).sum()
        * (1 + SetPlan.BRUSH_SHARE)
        / 1000;
  }

  /** The same, g. */
  public double productMass() {
    return portions.values().stream().mapToDouble(Portion::mass).sum() * (1 + SetPlan.BRUSH_SHARE);
  }

  /**
   * What the set takes of everything, with what stays in the brush, in each material's measure;
   * whether the shelf has it is another question.
   */
  public Map<Material, Double> amounts() {
    Map<Material, Double> amounts = new LinkedHashMap<>();
    for (Portion portion : portions.values()) {
      Product product = portion.product();
      if (product.handling() == Handling.POWDER_AND_LIQUID) {
        portion
            .split()
            .ifPresent(
                split -> {
                  double other = cuticleShare(portion);
                  amounts.merge(Material.of(product), split.powder() * (1 - other), Double::sum);
                  if (other > 0) {
                    amounts.merge(Material.CUTICLE_POWDER, split.powder() * other, Double::sum);
                  }
                  amounts.merge(Material.ACRYLIC_LIQUID, split.liquid(), Double::sum);
                });
      } else {
        amounts.merge(Material.of(product), portion.applied().total() / 1000, Double::sum);
      }
    }
    for (NailPlan nail : worked()) {
      if (wish.job(nail.nail().finger()).coats()) {
        coats(nail).forEach((material, amount) -> amounts.merge(material, amount, Double::sum));
      }
    }
    for (Step step : steps().stream().flatMap(step -> step.singly().stream()).toList()) {
      if (step.kind() == StepKind.PRIME) {
        double drops = step.fingers().size() * Material.PRIMER_A_NAIL;
        step.materials().forEach(primer -> amounts.merge(primer, drops, Double::sum));
      } else if (step.kind() == StepKind.SOAK) {
        double pads = step.fingers().size() * Material.REMOVER_A_PAD;
        amounts.merge(Material.REMOVER, pads, Double::sum);
      }
    }
    amounts.replaceAll(
        (material, amount) ->
            material.measure() == Material.Measure.PIECE
                ? amount
                : amount * (1 + SetPlan.BRUSH_SHARE));
    return amounts;
  }

  /** What of a nail's powder is another one, at its cuticle, as a share. */
  private double cuticleShare(Portion portion) {
    boolean two = wish.layers(portion.finger(), portion.product()).twoPowders();
    return two && portion.applied().total() > 0
        ? portion.applied().cuticle() / portion.applied().total()
        : 0;
  }

  /** What lies under and over the body of one nail. */
  private Map<Material, Double> coats(NailPlan nail) {
    Recipe recipe = recipe(nail);
    double area = area(nail, wish) / 1000;
    Map<Material, Double> coats = new LinkedHashMap<>();
    for (LayerKind layer : recipe.layers()) {
      if (layer.cured() || layer == LayerKind.INLAY) {
        Coat coat = recipe.coat(layer);
        coats.merge(
            Material.of(coat),
            layer == LayerKind.INLAY ? 1.0 : area * coat.thickness(),
            Double::sum);
      }
    }
    return coats;
  }
}
