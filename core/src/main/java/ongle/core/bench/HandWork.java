package ongle.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import ongle.core.cure.Layers;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;

/** What is to be done on one hand, as far as its steps have been put together. */
final class HandWork {
  /** An extension shorter than this has nothing to hold a pinch, mm. */
  private static final double PINCHED_LENGTH = 3;

  final BenchWish wish;
  final Hand hand;
  final List<NailPlan> nails;
  final Map<Finger, Portion> portions;
  final List<Step> steps = new ArrayList<>();

  /** The stage that is being put together. */
  Stage stage = Stage.PREPARE;

  private final Map<Finger, Infill> infills;

  HandWork(
      BenchWish wish,
      Hand hand,
      List<NailPlan> nails,
      Map<Finger, Portion> portions,
      Map<Finger, Infill> infills) {
    this.wish = wish;
    this.hand = hand;
    this.nails = nails;
    this.portions = portions;
    this.infills = infills;
  }

  FingerJob job(NailPlan nail) {
    return wish.job(nail.nail().finger());
  }

  /** Nails that are built on or filled, thumb first. */
  List<NailPlan> built() {
    return nails.stream().filter(nail -> job(nail).builds()).toList();
  }

  /** Nails that get colour and top coat. */
  List<NailPlan> coated() {
    return nails.stream().filter(nail -> job(nail).coats()).toList();
  }

  /** How it is renewed; empty where it is built anew. */
  Optional<Infill> infill(NailPlan nail) {
    return Optional.ofNullable(infills.get(nail.nail().finger()))
        .filter(infill -> infill.removal().isEmpty());
  }

  boolean infilled(NailPlan nail) {
    return infill(nail).isPresent();
  }

  Optional<Removal> removal(NailPlan nail) {
    return Removal.of(nail.seen().earlier(), nail.seen().old());
  }

  /** Whether what is on it has to come off first. */
  boolean comesOff(NailPlan nail) {
    return !infilled(nail)
        && job(nail).takesOff(nail.seen().earlier())
        && removal(nail).isPresent();
  }

  /** Whether its form leaves the barrel to be squeezed, and there is length to hold it. */
  boolean pinched(NailPlan nail) {
    return !infilled(nail) && nail.extension() >= PINCHED_LENGTH && nail.pinch().isPresent();
  }

  void electric(StepDraft step, Bit bit) {
    if (wish.schools().cuticleTool() == CuticleTool.ELECTRIC_FILE
        && step.on.stream().noneMatch(HandWork::delicate)) {
      step.bit = Optional.of(bit);
      step.cautions.add(new StepCaution.NeverRest());
    }
  }

  Layers layers(NailPlan nail, LightCure cure) {
    return BenchPlan.layers(nail, cure, wish);
  }

  /** Nails laid before the hand goes into the lamp: four and the thumb, or all. */
  List<List<NailPlan>> batches(List<NailPlan> group) {
    return switch (wish.schools().order()) {
      case FOUR_AND_THUMB, HAND_BY_HAND -> fingersThenThumb(group);
      case ONE_AT_A_TIME, WHOLE_HAND -> nonEmpty(List.of(group));
    };
  }

  /** Whether each nail is frozen before the next is laid: it runs, or the school is so. */
  boolean eachFrozen(NailPlan nail) {
    return levelling(nail) || wish.schools().order() == NailOrder.ONE_AT_A_TIME;
  }

  static List<List<NailPlan>> fingersThenThumb(List<NailPlan> group) {
    return nonEmpty(
        List.of(
            group.stream().filter(nail -> !thumb(nail)).toList(),
            group.stream().filter(HandWork::thumb).toList()));
  }

  static List<List<NailPlan>> nonEmpty(List<List<NailPlan>> batches) {
    return batches.stream().filter(batch -> !batch.isEmpty()).toList();
  }

  /** What it wears. */
  Recipe recipe(NailPlan nail) {
    return BenchPlan.recipe(nail, wish);
  }

  /** Nails by what their layer is laid with, in their order. */
  Map<Coat, List<NailPlan>> byCoat(List<NailPlan> on, LayerKind layer) {
    Map<Coat, List<NailPlan>> groups = new LinkedHashMap<>();
    on.forEach(
        nail ->
            groups.computeIfAbsent(recipe(nail).coat(layer), coat -> new ArrayList<>()).add(nail));
    return groups;
  }

  /** Lays a layer, bottle by bottle, and cures it. */
  void coat(List<NailPlan> on, LayerKind layer, StepKind kind, int number, int of) {
    byCoat(on, layer)
        .forEach(
            (coat, nails) -> {
              StepDraft step = draft(kind, nails).counted(number, of);
              if (!coat.shipped() || layer == LayerKind.COLOUR) {
                step.tool(new Tool.Brushed(coat));
              }
              step.add();
            });
    new LampSteps(this).coat(on, layer);
  }

  boolean has(NailPlan nail, LayerKind kind) {
    return recipe(nail).has(kind);
  }

  /** Whether a cured base lies under its build. */
  boolean based(NailPlan nail) {
    return job(nail).builds() && has(nail, LayerKind.BASE);
  }

  /** What its coats cover, mm². */
  double area(NailPlan nail) {
    return BenchPlan.area(nail, wish);
  }

  /** Nails in the order they are laid: the thumb last, as it is cured apart. */
  static List<NailPlan> inOrder(List<NailPlan> group) {
    return fingersThenThumb(group).stream().flatMap(List::stream).toList();
  }

  /** Whether it is built in two goes, its frame first. */
  boolean frames(NailPlan nail) {
    return framed(nail)
        && !infilled(nail)
        && nail.build().product().handling() == Handling.BRUSHED
        && recipe(nail).has(LayerKind.FRAME);
  }

  /** A layer on the natural nail has no outline of its own to build first. */
  static boolean framed(NailPlan nail) {
    return nail.extension() > 0 && !nail.overlay();
  }

  static boolean levelling(NailPlan nail) {
    return nail.build().product().levelling();
  }

  /** Plates that want hardly any pressure, no electric file and little heat. */
  static boolean delicate(NailPlan nail) {
    return nail.nail().condition().delicate();
  }

  /** What wants the gentle programme: a thin plate, or a client who feels heat. */
  boolean gentle(NailPlan nail) {
    return delicate(nail) || wish.feelsHeat();
  }

  /** Torn or cut skin: nothing sharp and no acid near it. */
  static boolean cut(NailPlan nail) {
    return nail.nail().skin().broken();
  }

  static boolean onForm(NailPlan nail) {
    return nail.fit().way() == BuildWay.FORM || nail.fit().way() == BuildWay.REUSABLE_FORM;
  }

  static boolean thumb(NailPlan nail) {
    return nail.nail().finger().digit() == Digit.THUMB;
  }

  static List<Digit> fingers(List<NailPlan> on, Predicate<NailPlan> which) {
    return on.stream().filter(which).map(nail -> nail.nail().finger().digit()).toList();
  }

  static void filed(StepDraft step, List<NailPlan> on) {
    on.stream()
        .map(nail -> nail.shape().filing())
        .distinct()
        .forEach(filing -> step.hints.add(new Hint.Filed(filing)));
  }

  StepDraft draft(StepKind kind, List<NailPlan> on) {
    return new StepDraft(this, kind, on);
  }
}
