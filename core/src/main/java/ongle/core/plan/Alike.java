package ongle.core.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.core.Lookup;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.product.Product;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Beside;
import ongle.core.structure.FailureMode;

/**
 * The ten look alike: no finger much thinner than its twin, nor than the rest of the set, and no
 * thumb thinner than the fingers beside it. Only raises; a thickness set by hand stands and pulls
 * nobody.
 */
final class Alike {
  /** Share of its twin's thickness a finger loses for each millimetre their lengths differ. */
  private static final double TWIN_PER_MM = 0.3;

  /** Thinnest a finger is beside any other of the same length, as a share of that one's. */
  private static final double BAND = Beside.BAND;

  /**
   * The same of a thumb beside the fingers of its hand: it takes the most product, as by the beam
   * its broad deep plate alone would not. A hundredth less is the same to any eye, and no reason.
   */
  private static final double THUMB_BAND = 0.99;

  /** Less of either for each millimetre their lengths differ. */
  private static final double BAND_PER_MM = 0.10;

  private Alike() {}

  /**
   * One finger with the apex it needs by itself.
   *
   * @param extension mm
   * @param thickest it may be raised to, mm
   * @param byHand whether its thickness is set by hand
   */
  record Own(
      Finger finger,
      ApexSolver.Apex apex,
      double extension,
      double thickest,
      Product product,
      BuildWay way,
      boolean byHand) {}

  /** Thickness with its reason, mm. */
  record Raised(double thickness, ApexReason reason) {}

  /** Raised until no finger is thin beside another; every pass only raises, under a bound. */
  static Map<Finger, Raised> of(List<Own> fingers) {
    Map<Finger, Raised> raised = new EnumMap<>(Finger.class);
    fingers.forEach(
        own -> raised.put(own.finger(), new Raised(own.apex().thickness(), reason(own))));
    boolean moved = true;
    for (int pass = 0; moved && pass < fingers.size(); pass++) {
      moved = false;
      for (Own own : fingers) {
        for (Own other : fingers) {
          if (other == own || other.byHand()) {
            continue;
          }
          Raised theirs = Lookup.of(raised, other.finger());
          double apart = Math.abs(own.extension() - other.extension());
          boolean twins =
              other.finger() == own.finger().twin()
                  && own.way() == other.way()
                  && own.product().equals(other.product());
          double band =
              theirs.thickness() * (band(own.finger(), other.finger()) - BAND_PER_MM * apart);
          double twin = twins ? theirs.thickness() * (1 - TWIN_PER_MM * apart) : 0;
          double to = Math.min(own.thickest(), Math.max(band, twin));
          if (to > Lookup.of(raised, own.finger()).thickness() + 1e-6) {
            ApexReason why =
                twin >= band
                    ? asTwin(other, theirs.reason())
                    : new ApexReason(ApexReason.By.SET, other.finger());
            raised.put(own.finger(), new Raised(to, why));
            moved = true;
          }
        }
      }
    }
    return raised;
  }

  private static double band(Finger own, Finger other) {
    return own.digit() == Digit.THUMB && own.hand() == other.hand() ? THUMB_BAND : BAND;
  }

  /** Beside one of the set if that raised the twin, too: its twin alone would explain nothing. */
  private static ApexReason asTwin(Own twin, ApexReason raisedBy) {
    return raisedBy.by() == ApexReason.By.SET
        ? raisedBy
        : new ApexReason(ApexReason.By.TWIN, twin.finger());
  }

  private static ApexReason reason(Own own) {
    ApexReason.By by =
        own.apex()
            .binding()
            .map(cause -> cause == FailureMode.PLATE ? ApexReason.By.PLATE : ApexReason.By.CRACK)
            .orElse(ApexReason.By.FLOOR);
    return new ApexReason(by, own.finger());
  }
}
