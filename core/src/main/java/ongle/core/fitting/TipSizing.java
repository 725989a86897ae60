package ongle.core.fitting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.core.nail.Nail;

/**
 * A whole kit tried on one nail.
 *
 * @param all every tip of the kit, widest first
 * @param advised the best fit, else the smallest that can be filed; empty when none can be used
 */
public record TipSizing(List<TipFit> all, Optional<TipFit> advised) {

  /** Why no tip of a kit can be used, and what instead. */
  public enum NoFit {
    KIT_TOO_SMALL(
        "Wider than the largest tip: build this one on a form, or take a kit with larger sizes."),
    KIT_TOO_LARGE("Narrower than the smallest tip can be filed: build this one on a form."),
    GAP_IN_KIT(
        "Falls between two sizes and the larger cannot be filed that far: build this one on a form.");

    private final String advice;

    NoFit(String advice) {
      this.advice = advice;
    }

    public String advice() {
      return advice;
    }
  }

  /**
   * @param extension to be built, mm beyond the stress line
   */
  public static TipSizing of(TipKit kit, Nail nail, double extension) {
    List<TipFit> all = kit.tips().stream().map(tip -> TipFit.of(tip, nail, extension)).toList();
    Optional<TipFit> fits =
        all.stream()
            .filter(fit -> fit.verdict() == TipFit.Verdict.FITS)
            .min(Comparator.comparingDouble(fit -> Math.abs(fit.slack())));
    Optional<TipFit> filed =
        all.stream()
            .filter(fit -> fit.verdict() == TipFit.Verdict.FILE)
            .min(Comparator.comparingDouble(TipFit::slack));
    return new TipSizing(all, fits.or(() -> filed));
  }

  /** The fit of one number of the kit. */
  public Optional<TipFit> ofNumber(String number) {
    return all.stream().filter(fit -> fit.tip().number().equals(number)).findFirst();
  }

  /** Why there is none; empty when one is advised. */
  public Optional<NoFit> noFit() {
    if (advised.isPresent()) {
      return Optional.empty();
    }
    if (all.stream().allMatch(fit -> fit.verdict() == TipFit.Verdict.TOO_SMALL)) {
      return Optional.of(NoFit.KIT_TOO_SMALL);
    }
    boolean tooLarge = all.stream().allMatch(fit -> fit.verdict() == TipFit.Verdict.TOO_LARGE);
    return Optional.of(tooLarge ? NoFit.KIT_TOO_LARGE : NoFit.GAP_IN_KIT);
  }
}
