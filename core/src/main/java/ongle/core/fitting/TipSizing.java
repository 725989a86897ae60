package ongle.core.fitting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.Code;
import ongle.core.nail.Nail;
import ongle.core.shape.Outline;

/**
 * A whole kit tried on one nail.
 *
 * @param kit tried
 * @param all every tip of the kit, widest first
 * @param advised of those in stock the best fit, else the smallest that can be filed; empty when
 *     none can be used
 */
public record TipSizing(TipKit kit, List<TipFit> all, Optional<TipPick> advised) {
  public TipSizing {
    all = List.copyOf(all);
  }

  /** Why no tip of a kit can be used, and what instead. */
  public enum NoFit implements Code {
    KIT_TOO_SMALL,
    KIT_TOO_LARGE,
    USED_UP,
    GAP_IN_KIT
  }

  /**
   * @param wanted outline of the extension on this nail
   */
  public static TipSizing of(TipKit kit, Nail nail, Outline wanted) {
    List<TipFit> all =
        kit.tips().stream().map(tip -> TipFit.of(tip, nail, wanted.extension())).toList();
    Optional<TipFit> fits =
        usable(kit, all, TipFit.Verdict.FITS)
            .min(Comparator.comparingDouble(fit -> Math.abs(fit.slack())));
    Optional<TipFit> filed =
        usable(kit, all, TipFit.Verdict.FILE).min(Comparator.comparingDouble(TipFit::slack));
    return new TipSizing(
        kit, all, fits.or(() -> filed).map(fit -> TipPick.of(kit, fit, nail, wanted)));
  }

  private static Stream<TipFit> usable(TipKit kit, List<TipFit> all, TipFit.Verdict verdict) {
    return all.stream()
        .filter(fit -> fit.verdict() == verdict && kit.stock().has(fit.tip().number()));
  }

  /** Every kit tried on one nail, the one to take first: what suits, then the least to file. */
  public static List<TipSizing> ranked(List<TipSizing> kits) {
    return kits.stream()
        .sorted(
            Comparator.comparing((TipSizing sizing) -> sizing.advised().isEmpty())
                .thenComparing(sizing -> !sizing.suits())
                .thenComparingDouble(
                    sizing -> sizing.advised().map(TipPick::toFile).orElse(Double.MAX_VALUE))
                .thenComparing(sizing -> sizing.kit().code()))
        .toList();
  }

  /** Whether nothing speaks against the size advised. */
  public boolean suits() {
    return advised.filter(TipPick::suits).isPresent();
  }

  /** The fit of one number of the kit, with its blank. */
  public Optional<TipPick> pick(String number, Nail nail, Outline wanted) {
    return ofNumber(number).map(fit -> TipPick.of(kit, fit, nail, wanted));
  }

  /** The fit of one number of the kit. */
  public Optional<TipFit> ofNumber(String number) {
    return all.stream().filter(fit -> fit.tip().number().equals(number)).findFirst();
  }

  /** The size nearest to the nail, whether it can be used or not. */
  public TipFit nearest() {
    return all.stream().min(Comparator.comparingDouble(fit -> Math.abs(fit.slack()))).orElseThrow();
  }

  /** Why there is none; empty when one is advised. */
  public Optional<NoFit> noFit() {
    if (advised.isPresent()) {
      return Optional.empty();
    }
    if (all.stream().anyMatch(fit -> fit.verdict().usable())) {
      return Optional.of(NoFit.USED_UP);
    }
    if (all.stream().allMatch(fit -> fit.verdict() == TipFit.Verdict.TOO_SMALL)) {
      return Optional.of(NoFit.KIT_TOO_SMALL);
    }
    boolean tooLarge = all.stream().allMatch(fit -> fit.verdict() == TipFit.Verdict.TOO_LARGE);
    return Optional.of(tooLarge ? NoFit.KIT_TOO_LARGE : NoFit.GAP_IN_KIT);
  }
}
