package ongle.core.bench;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.PlateFinding;
import ongle.core.plan.NailPlan;

/** Steps of preparing a hand's plates: each a line of the routine, with what its nails ask. */
final class PreparationSteps {
  private static final int SOFTENER_WORKS = 90;
  private static final int ACID_DRIES = 60;
  private static final int ACID_FREE_DRIES = 30;

  private final HandWork work;

  /** The routine's lines that come right before product, in its order. */
  private final List<Routine.Line> primers;

  PreparationSteps(HandWork work) {
    this.work = work;
    primers =
        work.wish.routine().lines().stream()
            .filter(line -> line.kind().filter(PreparationSteps::primes).isPresent())
            .toList();
  }

  private static boolean primes(StepKind kind) {
    return kind == StepKind.DEHYDRATE || kind == StepKind.PRIME;
  }

  /** Dries and primes plates right before product is laid on them. */
  void prime(List<NailPlan> nails) {
    primers.forEach(line -> add(line.kind().orElseThrow(), line, nails));
  }

  void add(StepKind kind, Routine.Line line) {
    if (kind.scope() == StepKind.Scope.SET) {
      return; // both hands at once; whoever puts the hands together adds it
    }
    boolean later = primes(kind);
    add(
        kind,
        line,
        work.nails.stream().filter(nail -> !later || !work.job(nail).builds()).toList());
  }

  private void add(StepKind kind, Routine.Line line, List<NailPlan> nails) {
    List<NailPlan> on =
        nails.stream()
            .filter(nail -> work.job(nail).asks(kind))
            .filter(nail -> wanted(kind, nail) && !skipped(kind, nail))
            .toList();
    if (kind == StepKind.PRIME) {
      on.stream()
          .collect(groupingBy(this::primer, LinkedHashMap::new, toList()))
          .values()
          .forEach(alike -> draft(kind, line, alike));
    } else if (!on.isEmpty()) {
      draft(kind, line, on);
    }
  }

  private void draft(StepKind kind, Routine.Line line, List<NailPlan> on) {
    StepDraft step = work.draft(kind, on);
    step.name = line.name();
    switch (kind) {
      case SHORTEN -> shortening(step);
      case SOFTEN -> step.settles = SOFTENER_WORKS;
      case PUSH_BACK -> step.needsSettled = work.wish.schools().softener() == Softener.FIRST;
      case CLEAR -> clearing(step);
      case SHINE -> shining(step);
      case PRIME -> priming(step);
      default -> {}
    }
    step.add();
  }

  private static boolean skipped(StepKind kind, NailPlan nail) {
    return kind.prepares().filter(nail.wearing().skipped()::contains).isPresent();
  }

  private boolean wanted(StepKind kind, NailPlan nail) {
    boolean bitten = nail.nail().condition().has(PlateFinding.BITTEN);
    return switch (kind) {
      case REMOVE_POLISH -> nail.seen().earlier() == EarlierProduct.POLISH;
      case SHORTEN -> !bitten && nail.item().nail().freeEdge() > 0 && !work.infilled(nail);
      case TRIM -> !HandWork.cut(nail);
      case PRIME -> work.has(nail, LayerKind.PRIMER) || work.has(nail, LayerKind.BASE_RUBBED);
      case FREE_SKIN -> bitten;
      case SOFTEN, WASH -> work.wish.schools().softener() == Softener.FIRST;
      case BUFF -> work.wish.schools().filing() != FilingRoutine.NONE || !HandWork.levelling(nail);
      default -> true;
    };
  }

  /** The natural edge of an overlay is the nail's edge: it gets the shape. */
  private static void shortening(StepDraft step) {
    List<NailPlan> shaped =
        step.on.stream().filter(NailPlan::overlay).filter(nail -> nail.extension() > 0).toList();
    if (!shaped.isEmpty()) {
      step.variant = Optional.of(Step.Variant.EDGE_TO_SHAPE);
      HandWork.filed(step, shaped);
    }
  }

  private void clearing(StepDraft step) {
    boolean file = work.wish.schools().cuticleTool() == CuticleTool.ELECTRIC_FILE;
    boolean delicate = step.on.stream().anyMatch(HandWork::delicate);
    boolean cut = step.on.stream().anyMatch(HandWork::cut);
    step.tool(Tool.Plain.PUSHER_AND_STICK);
    if (file && !delicate && !cut) {
      step.tool(Tool.Plain.ELECTRIC_FILE_FINE_BIT);
      step.bit = Optional.of(Bit.CUTICLE);
      step.cautions.add(new StepCaution.NeverRest());
    } else if (file) {
      step.hints.add(
          new Hint.ByHand(
              HandWork.fingers(step.on, nail -> HandWork.delicate(nail) || HandWork.cut(nail))));
    }
    if (cut) {
      step.tool(Tool.Plain.STICK_ONLY);
      step.cautions.add(new StepCaution.OpenCut(HandWork.fingers(step.on, HandWork::cut)));
    }
  }

  private static void shining(StepDraft step) {
    if (step.on.stream().allMatch(HandWork::delicate)) {
      step.tool(Tool.Plain.FINE_FILE);
    } else if (step.on.stream().anyMatch(HandWork::delicate)) {
      step.hints.add(new Hint.Gently(HandWork.fingers(step.on, HandWork::delicate)));
    }
    step.on.stream()
        .filter(HandWork::delicate)
        .flatMap(nail -> nail.nail().condition().findings().stream())
        .distinct()
        .forEach(finding -> step.cautions.add(new StepCaution.Plate(finding)));
  }

  private void priming(StepDraft step) {
    boolean cut = step.on.stream().anyMatch(HandWork::cut);
    Primes with = primer(step.on.get(0));
    switch (with.primer) {
      case ACID -> {
        step.tool(Tool.Plain.ACID_PRIMER);
        step.settles = ACID_DRIES;
      }
      case ACID_FREE -> {
        step.tool(Tool.Plain.ACID_FREE_PRIMER);
        step.settles = ACID_FREE_DRIES;
      }
      case BASE -> {
        step.variant = Optional.of(Step.Variant.BASE_RUBBED_IN);
        step.tool(Tool.Plain.BASE_AND_BRUSH);
      }
    }
    with.own.ifPresent(coat -> step.tool(new Tool.Brushed(coat)));
    if (cut) {
      step.cautions.add(new StepCaution.NothingNearCut());
    }
  }

  /**
   * What a nail is primed with.
   *
   * @param own the salon's own bottle, where its layers name one
   */
  private record Primes(Primer primer, Optional<Coat> own) {}

  private Primes primer(NailPlan nail) {
    if (work.has(nail, LayerKind.BASE_RUBBED)) {
      return new Primes(Primer.BASE, work.recipe(nail).named(LayerKind.BASE_RUBBED));
    }
    Optional<Coat> own = work.recipe(nail).named(LayerKind.PRIMER);
    if (own.isPresent()) {
      return new Primes(own.get().acid() ? Primer.ACID : Primer.ACID_FREE, own);
    }
    Primer salons = work.wish.schools().primer();
    // Layers that ask for a primer where the salon rubs base in get the mild one.
    return new Primes(salons == Primer.BASE ? Primer.ACID_FREE : salons, Optional.empty());
  }
}
