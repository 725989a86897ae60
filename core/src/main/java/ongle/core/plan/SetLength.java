package ongle.core.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Form;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.FingerLength.Decision;
import ongle.core.shape.LengthWish;

/**
 * Length over the set: every finger as wished, bitten ones at least to the fingertip, twins made
 * even; then capped by what the nail carries, what the hand does and how it is built. A capped
 * finger pulls its twin along. A bitten nail that cannot carry even its fingertip's cover gets it
 * all the same, as that is what it is built for; the plan then says what it falls short of.
 */
final class SetLength {
  /** Lengths closer than this are the same to any eye, mm. */
  private static final double SAME = 0.05;

  private static final double NO_LIMIT = Double.POSITIVE_INFINITY;

  private SetLength() {}

  private record Claim(double length, Decision decision) {
    Claim or(double cap, Decision decision) {
      return cap < length ? new Claim(Math.max(0, cap), decision) : this;
    }
  }

  static Map<Finger, FingerLength> of(List<Draft> drafts) {
    Map<Finger, Draft> byFinger = new EnumMap<>(Finger.class);
    drafts.forEach(draft -> byFinger.put(draft.nail().finger(), draft));
    Map<Finger, Double> wished = wished(drafts);
    Map<Finger, Double> advisable = new EnumMap<>(Finger.class);
    // The one long search of a plan: shared out, it is answered sooner.
    drafts.parallelStream().forEach(Draft::longestAdvisable);
    Map<Finger, Double> asked = new EnumMap<>(Finger.class);
    Map<Finger, Claim> claims = new EnumMap<>(Finger.class);
    drafts.forEach(
        draft -> {
          Finger finger = draft.nail().finger();
          Claim even = even(draft, byFinger.get(finger.twin()), wished);
          Claim claim =
              draft.item().adjustments().of(Quantity.EXTENSION).stream()
                  .mapToObj(byHand -> new Claim(byHand, Decision.BY_HAND))
                  .findFirst()
                  .orElse(even);
          advisable.put(finger, draft.longestAdvisable());
          asked.put(finger, capped(draft, claim, NO_LIMIT).length());
          claims.put(
              finger,
              capped(
                  draft,
                  claim,
                  // By hand is by hand: what gives then is said, with what would help.
                  claim.decision() == Decision.BY_HAND
                      ? NO_LIMIT
                      : Math.max(advisable.get(finger), LengthWish.leastFor(draft.nail()))));
        });
    Map<Finger, FingerLength> lengths = new EnumMap<>(Finger.class);
    claims.forEach(
        (finger, own) -> {
          Claim twin = claims.get(finger.twin());
          boolean pulled =
              twin != null
                  && own.decision() != Decision.BY_HAND
                  && twin.decision().pullsTwin()
                  && twin.length() < own.length()
                  && builtOn(byFinger.get(finger.twin()));
          Claim decided = pulled ? twin : own;
          lengths.put(
              finger,
              new FingerLength(
                  wished.get(finger),
                  asked.get(finger),
                  decided.length(),
                  advisable.get(finger),
                  decided.decision(),
                  pulled ? finger.twin() : finger));
        });
    return lengths;
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

  private static Claim even(Draft draft, Draft twin, Map<Finger, Double> wished) {
    double own = wished.get(draft.nail().finger());
    double least = LengthWish.leastFor(draft.nail());
    double even = own;
    if (twin != null && builtOn(twin) && builtOn(draft)) {
      even = (own + wished.get(twin.nail().finger())) / 2;
      least = Math.max(least, LengthWish.leastFor(twin.nail()));
    }
    if (least > even) {
      return new Claim(least, Decision.COVERS_FINGERTIP);
    }
    return new Claim(even, Math.abs(even - own) < SAME ? Decision.WISH : Decision.EVEN_WITH_TWIN);
  }

  private static Claim capped(Draft draft, Claim claim, double advisable) {
    Nail nail = draft.nail();
    Wearer wearer = draft.wish().wearer();
    Claim capped =
        claim
            .or(advisable, Decision.STRENGTH)
            .or(
                nail.overhang() + wearer.of(nail.finger().hand()).mostBeyondFingertip(),
                Decision.ACTIVITY);
    if (wearer.minor()) {
      capped = capped.or(nail.overhang() + Activity.MINOR_BEYOND_FINGERTIP, Decision.MINOR);
    }
    double reach = draft.item().adjustments().way().map(way -> reach(way, draft)).orElse(NO_LIMIT);
    return capped.or(reach, Decision.WAY);
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

  private static boolean builtOn(Draft draft) {
    return draft.stop().isEmpty();
  }
}
