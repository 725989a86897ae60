package ongle.core.bench;

import java.util.Objects;
import java.util.stream.Stream;
import ongle.core.School;

/** The salon's habits at the bench, or this set's. */
public record BenchSchools(
    Softener softener,
    CuticleTool cuticleTool,
    Primer primer,
    TipAttachment attachment,
    Construction construction,
    NailOrder order,
    FilingRoutine filing,
    Rework rework,
    TipPriming tipPriming,
    FormOff formOff,
    HandWash wash,
    TopCoat topCoat) {
  /** Defaults, each the one that forgives most. */
  public static final BenchSchools USUAL =
      new BenchSchools(
          Softener.NEVER,
          CuticleTool.BY_HAND,
          Primer.ACID_FREE,
          TipAttachment.GLUE,
          Construction.TWO_STEP,
          NailOrder.FOUR_AND_THUMB,
          FilingRoutine.EDGE_FIRST,
          Rework.INFILL,
          TipPriming.AFTER_BLENDING,
          FormOff.AFTER_BODY,
          HandWash.NEVER,
          TopCoat.WIPED);

  public BenchSchools {
    Objects.requireNonNull(softener);
    Objects.requireNonNull(cuticleTool);
    Objects.requireNonNull(primer);
    Objects.requireNonNull(attachment);
    Objects.requireNonNull(construction);
    Objects.requireNonNull(order);
    Objects.requireNonNull(filing);
    Objects.requireNonNull(rework);
    Objects.requireNonNull(tipPriming);
    Objects.requireNonNull(formOff);
    Objects.requireNonNull(wash);
    Objects.requireNonNull(topCoat);
  }

  /** The same with other habits in place of those of their kind. */
  public BenchSchools with(School... others) {
    return new BenchSchools(
        of(Softener.class, softener, others),
        of(CuticleTool.class, cuticleTool, others),
        of(Primer.class, primer, others),
        of(TipAttachment.class, attachment, others),
        of(Construction.class, construction, others),
        of(NailOrder.class, order, others),
        of(FilingRoutine.class, filing, others),
        of(Rework.class, rework, others),
        of(TipPriming.class, tipPriming, others),
        of(FormOff.class, formOff, others),
        of(HandWash.class, wash, others),
        of(TopCoat.class, topCoat, others));
  }

  private static <T extends School> T of(Class<T> kind, T usual, School... others) {
    return Stream.of(others)
        .filter(kind::isInstance)
        .map(kind::cast)
        .reduce(usual, (earlier, later) -> later);
  }
}
