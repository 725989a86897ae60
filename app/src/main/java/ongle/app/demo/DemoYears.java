package ongle.app.demo;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.products.Products;
import ongle.app.sets.Taken;
import ongle.app.shelf.Shelf;
import ongle.app.wear.WearDesk;
import ongle.app.wear.WearForm;
import ongle.core.cause.Finding;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.wear.Growth;
import ongle.core.wear.LoadFactor;
import org.springframework.stereotype.Component;

/**
 * Years of visits in the demo salon: the same wish again and again on hands that ask more or less
 * than the usual, and what befell the nails, drawn with a seed.
 */
@Component
class DemoYears {
  /** Nails that come loose in a week on any hands, of a thousand. */
  private static final double LOOSE_A_WEEK = 0.0025;

  private static final double WEEK = 7;

  /** Days in which a bitten plate grows out by two thirds. */
  private static final double GROWS_OUT = 110;

  /** A plate is bitten while it is shorter than it would be by more than this share. */
  private static final double STILL_BITTEN = 0.12;

  /** Visits until the salon looks at what it learned. */
  private static final int LEARNS_EVERY = 4;

  private static final double PRIMER_A_VISIT = 0.2;

  private final SetEditor sets;
  private final Products products;
  private final Shelf shelf;
  private final WearDesk wear;
  private final EntityManager entities;

  DemoYears(SetEditor sets, Products products, Shelf shelf, WearDesk wear, EntityManager entities) {
    this.entities = entities;
    this.sets = sets;
    this.products = products;
    this.shelf = shelf;
    this.wear = wear;
  }

  /** Lets a client have come for years. */
  void pass(DemoSalon demo, DemoSalon.Years years, long client, LocalDate today) {
    Random random = new Random(years.seed());
    int visits = 0;
    int daysAgo = years.begins();
    while (daysAgo >= years.until()) {
      int next = Math.max(0, daysAgo - years.every() - random.nextInt(5) + 2);
      boolean last = next < years.until();
      LocalDate day = today.minusDays(daysAgo);
      long set = sets.begin(UUID.randomUUID(), client, day.atTime(LocalTime.of(10, 0))).getId();
      sets.note(set, changes(demo, years, years.begins() - daysAgo, last).toArray(Change[]::new));
      double weak = took(demo, years.wish().product(), set, daysAgo);
      if (last) {
        sets.wear(set, day.plusDays(years.every()));
        break;
      }
      LocalDate back = today.minusDays(next);
      wear.noteOnly(set, nails -> befell(nails, years, weak, day, back, random));
      if (++visits % LEARNS_EVERY == 0) {
        wear.learn(client);
      }
      daysAgo = next;
      // Every visit looks at what the session holds: it holds one.
      entities.flush();
      entities.clear();
    }
    wear.learn(client);
  }

  private List<Change> changes(DemoSalon demo, DemoSalon.Years years, int day, boolean last) {
    double shorter = years.bitten() * Math.exp(-day / GROWS_OUT);
    Map<Finger, Map<Quantity, Double>> hands = new EnumMap<>(Finger.class);
    DemoData.hands(demo, years.hands())
        .forEach(
            (finger, of) -> {
              double whole = of.get(Quantity.PLATE_LENGTH);
              of.put(Quantity.PLATE_LENGTH, tenth(whole * (1 - shorter)));
              of.put(Quantity.OVERHANG, tenth(of.get(Quantity.OVERHANG) + whole * shorter));
              hands.put(finger, of);
            });
    if (last) {
      hands.forEach(
          (finger, of) ->
              of.put(Quantity.REGROWTH, tenth(Growth.USUAL.after(finger.digit(), years.every()))));
    }
    List<Change> changes = new ArrayList<>();
    changes.add(Change.shape(years.wish().shape()));
    changes.add(Change.length(years.wish().length()));
    changes.add(Change.product(products.of(years.wish().product()).orElseThrow()));
    changes.add(Change.apex(years.wish().apex()));
    changes.add(Change.measured(hands, Taken.How.CALLIPER, demo.measuredBy()));
    PlateCondition plate =
        shorter > STILL_BITTEN
            ? new PlateCondition(Set.of(PlateFinding.BITTEN))
            : PlateCondition.SOUND;
    for (Finger finger : Finger.values()) {
      changes.add(Change.plate(finger, plate));
    }
    if (years.byHand() != null) {
      for (Finger finger : Finger.values()) {
        changes.add(Change.byHand(Map.of(finger, years.byHand())));
      }
    }
    return changes;
  }

  /** Notes the lots a visit took of, and how weak they were together. */
  private double took(DemoSalon demo, String product, long set, int daysAgo) {
    double weak = 1;
    for (DemoSalon.LotTime lot : demo.lotTimes()) {
      boolean used = products.of(lot.material()).isEmpty() || lot.material().equals(product);
      if (used && daysAgo <= lot.fromDaysAgo() && daysAgo > lot.untilDaysAgo()) {
        shelf.recall(set, lot.material(), lot.number(), PRIMER_A_VISIT);
        weak *= lot.weak();
      }
    }
    return weak;
  }

  private static List<WearDesk.Sight> befell(
      SetCheck nails,
      DemoSalon.Years years,
      double weak,
      LocalDate built,
      LocalDate back,
      Random random) {
    int days = (int) ChronoUnit.DAYS.between(built, back);
    List<WearDesk.Sight> seen = new ArrayList<>();
    for (NailCheck nail : nails.nails().values()) {
      Finger finger = nail.plan().nail().finger();
      seen.add(
          new WearDesk.Sight(
              finger,
              back,
              happened(finger, nail, years, weak, days, random)
                  .map(
                      found ->
                          new WearForm(
                              found.kind,
                              found.place,
                              2,
                              Optional.empty(),
                              Finding.After.NOTHING_KNOWN,
                              null,
                              false))));
    }
    return seen;
  }

  private record Found(Finding.Kind kind, Finding.Place place) {}

  private static Optional<Found> happened(
      Finger finger, NailCheck nail, DemoSalon.Years years, double weak, int days, Random random) {
    double crack = random.nextDouble();
    double loose = random.nextDouble();
    double where = random.nextDouble();
    if (years.lifts() != null
        && years.lifts().finger() == finger
        && loose < years.lifts().chance()) {
      return Optional.of(new Found(Finding.Kind.LIFTING, years.lifts().place()));
    }
    LoadFactor hands = LoadFactor.about(years.asks(), years.asks() * 0.98, years.asks() * 1.02, 1);
    if (crack > hands.survives(nail.course(), days)) {
      return Optional.of(new Found(Finding.Kind.CRACK, Finding.Place.STRESS_LINE));
    }
    if (loose > Math.exp(-LOOSE_A_WEEK * weak * days / WEEK)) {
      return Optional.of(
          where < 0.6
              ? new Found(Finding.Kind.LIFTING, Finding.Place.CUTICLE)
              : new Found(Finding.Kind.POP_OFF, Finding.Place.CUTICLE));
    }
    return Optional.empty();
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
