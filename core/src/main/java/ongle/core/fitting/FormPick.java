package ongle.core.fitting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;

/**
 * One form of one kit for one nail.
 *
 * @param kit it is taken from
 * @param fit how it is cut and set
 */
public record FormPick(FormKit kit, FormFit fit) {

  public String number() {
    return fit.form().number();
  }

  /**
   * The kit of these that suits most nails, of several the first; empty when there is none.
   *
   * @param picks for each nail the form it would take of each kit
   */
  public static Optional<FormKit> lead(List<FormKit> kits, List<List<Optional<FormPick>>> picks) {
    FormKit lead = null;
    long max = -1;
    for (int i = 0; i < kits.size(); i++) {
      int kit = i;
      long suits =
          picks.stream()
              .flatMap(each -> each.get(kit).stream())
              .filter(pick -> pick.fit().suits())
              .count();
      if (suits > max) {
        max = suits;
        lead = kits.get(i);
      }
    }
    return Optional.ofNullable(lead);
  }

  /**
   * The form to take of those in stock: long and wide enough first, then without a gap that shows,
   * then the one whose sides have least to be cut; where several need none, that of the first kit,
   * so that a set is not gathered from many.
   *
   * @param extension mm beyond the stress line
   */
  public static Optional<FormPick> best(
      List<FormKit> kits, Nail nail, NailShape shape, double tilt, double extension) {
    return kits.stream()
        .flatMap(
            kit ->
                kit.forms().stream()
                    .filter(form -> kit.stock().has(form.number()))
                    .map(form -> new FormPick(kit, FormFit.of(form, nail, shape, tilt, extension))))
        .min(
            Comparator.comparing((FormPick pick) -> !pick.fit().suits())
                .thenComparingDouble(pick -> pick.fit().tooShortBy())
                .thenComparing(pick -> pick.fit().tooNarrow())
                .thenComparingDouble(pick -> pick.fit().gapThatShows())
                .thenComparingDouble(pick -> pick.fit().sidesOff()));
  }
}
