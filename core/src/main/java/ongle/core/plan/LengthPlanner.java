package ongle.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import ongle.core.Lookup;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Form;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.FingerLength.Decision;
import org.jspecify.annotations.Nullable;

/**
 * Length over the set: every finger as wished, bitten ones at least to the fingertip, twins made
 * even; then capped by what the nail carries, what the hand does and how it is built. A capped
 * finger pulls its twin along, and no finger of its hand stands out because of it. Nothing goes
 * under the cover of a bitten fingertip but what the hand's work allows.
 */
final class LengthPlanner {
  /** A finger longer than its capped neighbour by more than this stands out, mm. */
  static final double STANDS_OUT = 2.5;

  /** Lengths closer than this are the same to any eye, mm. */
  private static final double SAME = 0.05;

  private static final double NO_LIMIT = Double.POSITIVE_INFINITY;

  private LengthPlanner() {}

  private record Claim(double length, Decision decision, Finger by) {
    Claim or(double cap, Decision reason) {
      return cap < length ? new Claim(Math.max(0, cap), reason, by) : this;
    }

    /** Shortened because another finger is; not under what it is built with at least. */
    Claim pulled(double to, double min, Claim other) {
      double held = Math.max(to, min);
      return held < length - 1e-9 ? new Claim(held, other.decision, other.by) : this;
    }
  }

  static Map<Finger, FingerLength> of(List<Draft> drafts) {
    Map<Finger, Draft> byFinger = new EnumMap<>(Finger.class);
    drafts.forEach(draft -> byFinger.put(draft.nail().finger(), draft));
    Map<Finger, Double> wished = wished(drafts);
    // The one long search of a plan: shared out, it is answered sooner.
    drafts.parallelStream().forEach(Draft::longestAdvisable);
    Map<Finger, Claim> asked = new EnumMap<>(Finger.class);
    Map<Finger, Double> min = new EnumMap<>(Finger.class);
    Map<Finger, Claim> claims = new EnumMap<>(Finger.class);
    byFinger.forEach(
        (finger, draft) -> {
          Claim wish =
              draft.item().adjustments().of(Quantity.EXTENSION).stream()
                  .mapToObj(byHand -> new Claim(byHand, Decision.BY_HAND, finger))
                  .findFirst()
                  .orElseGet(() -> even(draft, byFinger.get(finger.twin()), wished));
          Claim whole = capped(draft, wish, NO_LIMIT);
          asked.put(finger, whole);
          min.put(finger, Math.min(whole.length, draft.wish().length().minFor(draft.nail())));
          claims.put(
              finger,
              // By hand is by hand, and under a levelling base a nail carries itself: what gives
              // then is said, with what would help.
              wish.decision() == Decision.BY_HAND || draft.wish().product().onlyOverlay()
                  ? whole
                  : capped(draft, wish, Math.max(draft.longestAdvisable(), min.get(finger))));
        });
    pullAlong(byFinger, asked, min, claims);
    Map<Finger, FingerLength> lengths = new EnumMap<>(Finger.class);
    claims.forEach(
        (finger, claim) ->
            lengths.put(
                finger,
                new FingerLength(
                    Lookup.of(wished, finger),
                    Lookup.of(asked, finger).length,
                    claim.length,
                    Lookup.of(byFinger, finger).longestAdvisable(),
                    Lookup.of(min, finger),
                    claim.decision,
                    claim.by)));
    return lengths;
  }

  /** Until nothing moves; every pull only shortens, so it ends. */
  private static void pullAlong(
      Map<Finger, Draft> byFinger,
      Map<Finger, Claim> asked,
      Map<Finger, Double> min,
      Map<Finger, Claim> claims) {
    boolean moved = true;
    for (int pass = 0; moved && pass < 2 * Finger.values().length; pass++) {
      moved = false;
      for (Finger finger : byFinger.keySet()) {
        Claim own = Lookup.of(claims, finger);
        if (own.decision() == Decision.BY_HAND || !Lookup.of(byFinger, finger).builtOn()) {
          continue;
        }
        Claim pulled = own;
        for (Finger other : seenBeside(finger)) {
          @Nullable Claim theirs = claims.get(other);
          if (theirs == null
              || !theirs.decision().pullsOthers()
              || !Lookup.of(byFinger, other).builtOn()) {
            continue;
          }
          double to =
              other == finger.twin()
                  ? theirs.length
                  : Lookup.of(asked, finger).length
                      - (Lookup.of(asked, other).length - theirs.length)
                      + STANDS_OUT;
          pulled = pulled.pulled(to, Lookup.of(min, finger), theirs);
        }
        moved |= pulled != own;
        claims.put(finger, pulled);
      }
    }
  }

  /** The twin and the fingers next to it on its hand. */
  private static List<Finger> seenBeside(Finger finger) {
    List<Finger> beside = new ArrayList<>(List.of(finger.twin()));
    List<Finger> hand = Finger.of(finger.hand());
    int place = hand.indexOf(finger);
    if (place > 0) {
      beside.add(hand.get(place - 1));
    }
    if (place < hand.size() - 1) {
      beside.add(hand.get(place + 1));
    }
    return beside;
  }

  private static Map<Finger, Double> wished(List<Draft> drafts) {
    List<Nail> nails = drafts.stream().map(Draft::nail).toList();
    Map<Finger, Double> wished = new EnumMap<>(Finger.class);
    if (!drafts.isEmpty()) {
      List<Double> lengths = drafts.get(0).wish().length().wishedFor(nails);
      for (int i = 0; i < nails.size(); i++) {
        wished.put(nails.get(i).finger(), lengths.get(i));
      }
    }
    return wished;
  }

  /** Even at their mean; natural nails at the shorter, as none can be made longer. */
  private static Claim even(Draft draft, @Nullable Draft twin, Map<Finger, Double> wished) {
    Finger finger = draft.nail().finger();
    double own = Lookup.of(wished, finger);
    double min = draft.wish().length().minFor(draft.nail());
    double even = own;
    if (twin != null && twin.builtOn() && draft.builtOn()) {
      double theirs = Lookup.of(wished, finger.twin());
      even = draft.wish().length().mode().natural() ? Math.min(own, theirs) : (own + theirs) / 2;
      min = Math.max(min, draft.wish().length().minFor(twin.nail()));
    }
    if (min > even) {
      return new Claim(min, Decision.COVERS_FINGERTIP, finger);
    }
    return new Claim(
        even, Math.abs(even - own) < SAME ? Decision.WISH : Decision.EVEN_WITH_TWIN, finger);
  }

  private static Claim capped(Draft draft, Claim claim, double advisable) {
    Nail nail = draft.nail();
    Wearer wearer = draft.wish().wearer();
    Claim capped =
        claim
            .or(advisable, Decision.STRENGTH)
            .or(
                nail.overhang() + wearer.of(nail.finger().hand()).maxBeyondFingertip(),
                Decision.ACTIVITY);
    if (wearer.minor()) {
      capped = capped.or(nail.overhang() + Activity.MINOR_BEYOND_FINGERTIP, Decision.MINOR);
    }
    OptionalDouble makers = draft.wish().product().limits().longest();
    if (makers.isPresent()) {
      capped = capped.or(makers.getAsDouble(), Decision.MAKER);
    }
    OptionalDouble reach =
        draft.item().adjustments().way().stream().mapToDouble(way -> reach(way, draft)).findFirst();
    double natural = draft.wish().product().onlyOverlay() ? nail.freeEdge() : NO_LIMIT;
    return capped.or(Math.min(natural, reach.orElse(NO_LIMIT)), Decision.WAY);
  }

  private static double reach(BuildWay way, Draft draft) {
    return switch (way) {
      case TIP, FORM -> NO_LIMIT;
      case REUSABLE_FORM ->
          draft.wish().fitting().rigid().stream()
              .flatMap(kit -> kit.forms().stream())
              .mapToDouble(Form::longest)
              .max()
              .orElse(0);
      case FREE_HAND -> draft.nail().overhang() + BuildWay.FREE_HAND_BEYOND_FINGERTIP;
      case OVERLAY -> draft.nail().freeEdge();
    };
  }
}
