package ongle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Stock;
import ongle.core.fitting.TipPick;
import ongle.core.nail.Finger;

/**
 * What to lay out for a set: every tip and form once with the fingers it is for; where more are
 * needed than are left, the fingers that go without and what each takes instead.
 *
 * @param lines by kit, in the order of the fingers
 */
public record PickingList(List<Line> lines) {
  public PickingList {
    lines = List.copyOf(lines);
  }

  /** A number of a kit. */
  public record Item(String kit, String number) {}

  /**
   * One number to lay out.
   *
   * @param kitLabel name of the kit on screen
   * @param way it is for: tip, form or reusable form
   * @param fingers it is for
   * @param left how many the salon has; empty when not counted
   * @param without the fingers there is none left for
   */
  public record Line(
      Item item,
      String kitLabel,
      BuildWay way,
      List<Finger> fingers,
      OptionalInt left,
      List<Instead> without) {
    public Line {
      fingers = List.copyOf(fingers);
      without = List.copyOf(without);
    }

    /** How many to lay out of this number. */
    public int pieces() {
      return fingers.size() - without.size();
    }

    /** Whether the pieces are gone once the set is built; a reusable form goes back in the box. */
    public boolean usedUp() {
      return way != BuildWay.REUSABLE_FORM;
    }
  }

  /**
   * A finger its own number does not last for.
   *
   * @param tip the best of any kit that still lasts; empty when none does, or for a form
   */
  public record Instead(Finger finger, Optional<TipPick> tip) {}

  /** A piece wanted by a finger, and how many of it there are. */
  private record Want(NailPlan plan, Item item, String kitLabel, Stock stock) {}

  public static PickingList of(SetPlan plan) {
    return of(plan, Set.of(Finger.values()));
  }

  /**
   * What some of its fingers take.
   *
   * @param fingers that get a tip or form today
   */
  public static PickingList of(SetPlan plan, Set<Finger> fingers) {
    Map<Item, List<Want>> wanted = new LinkedHashMap<>();
    for (NailPlan nail : plan.built()) {
      if (!fingers.contains(nail.nail().finger())) {
        continue;
      }
      want(nail).ifPresent(w -> wanted.computeIfAbsent(w.item(), i -> new ArrayList<>()).add(w));
    }
    Map<Item, Integer> used = new HashMap<>();
    wanted.forEach((item, wants) -> used.put(item, Math.min(wants.size(), lasts(wants.get(0)))));
    Map<Finger, Instead> instead = new EnumMap<>(Finger.class);
    wanted.values().stream()
        .flatMap(wants -> wants.stream().skip(lasts(wants.get(0))))
        .forEach(want -> instead.put(want.plan().nail().finger(), instead(want, used)));
    return new PickingList(
        wanted.values().stream()
            .map(wants -> line(wants, instead))
            .sorted(Comparator.comparing(Line::way).thenComparing(Line::kitLabel))
            .toList());
  }

  private static Optional<Want> want(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP ->
          plan.fit()
              .tip()
              .map(
                  pick ->
                      new Want(
                          plan,
                          new Item(pick.kit().code(), pick.number()),
                          pick.kit().label(),
                          pick.kit().stock()));
      case FORM, REUSABLE_FORM ->
          plan.fit()
              .form()
              .map(
                  pick ->
                      new Want(
                          plan,
                          new Item(pick.kit().code(), pick.number()),
                          pick.kit().label(),
                          pick.kit().stock()));
      case FREE_HAND, OVERLAY -> Optional.empty();
    };
  }

  private static int lasts(Want want) {
    return want.stock().of(want.item().number()).orElse(Integer.MAX_VALUE);
  }

  private static Line line(List<Want> wants, Map<Finger, Instead> instead) {
    Want first = wants.get(0);
    return new Line(
        first.item(),
        first.kitLabel(),
        first.plan().fit().way(),
        wants.stream().map(want -> want.plan().nail().finger()).toList(),
        first.stock().of(first.item().number()),
        wants.stream()
            .skip(lasts(first))
            .map(want -> instead.get(want.plan().nail().finger()))
            .toList());
  }

  /** The size with the least to file of which one is left after what the others take. */
  private static Instead instead(Want want, Map<Item, Integer> used) {
    NailPlan plan = want.plan();
    if (plan.fit().way() != BuildWay.TIP) {
      return new Instead(plan.nail().finger(), Optional.empty());
    }
    Optional<TipPick> best =
        plan.fit().kits().stream()
            .flatMap(
                sizing ->
                    sizing.all().stream()
                        .filter(fit -> fit.suits())
                        .flatMap(
                            fit ->
                                sizing
                                    .pick(fit.tip().number(), plan.nail(), plan.build().outline())
                                    .stream()))
            .filter(TipPick::suits)
            .filter(pick -> remaining(pick, used) > 0)
            .min(Comparator.comparingDouble(TipPick::toFile));
    best.ifPresent(pick -> used.merge(new Item(pick.kit().code(), pick.number()), 1, Integer::sum));
    return new Instead(plan.nail().finger(), best);
  }

  private static int remaining(TipPick pick, Map<Item, Integer> used) {
    int left = pick.kit().stock().of(pick.number()).orElse(Integer.MAX_VALUE);
    return left - used.getOrDefault(new Item(pick.kit().code(), pick.number()), 0);
  }
}
