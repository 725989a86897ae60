package ongle.core.bench;

import java.util.Objects;

/** The salon's habits at the bench, or this set's. */
public record BenchSchools(
    Softener softener,
    CuticleTool cuticleTool,
    Primer primer,
    TipAttachment attachment,
    Construction construction,
    NailOrder order,
    FilingRoutine filing,
    Rework rework) {
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
          Rework.INFILL);

  public BenchSchools {
    Objects.requireNonNull(softener);
    Objects.requireNonNull(cuticleTool);
    Objects.requireNonNull(primer);
    Objects.requireNonNull(attachment);
    Objects.requireNonNull(construction);
    Objects.requireNonNull(order);
    Objects.requireNonNull(filing);
    Objects.requireNonNull(rework);
  }

  /** The same with another primer. */
  public BenchSchools with(Primer other) {
    return new BenchSchools(
        softener, cuticleTool, other, attachment, construction, order, filing, rework);
  }

  /** The same with another order of nails. */
  public BenchSchools with(NailOrder other) {
    return new BenchSchools(
        softener, cuticleTool, primer, attachment, construction, other, filing, rework);
  }
}
