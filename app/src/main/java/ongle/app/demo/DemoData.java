package ongle.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.consent.Agreement;
import ongle.app.consent.Consents;
import ongle.app.consent.Signed;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.history.SetHistory;
import ongle.app.lamps.Lamps;
import ongle.app.layers.Layers;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.products.Products;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.Taken;
import ongle.app.shelf.Shelf;
import ongle.app.today.Appointment;
import ongle.app.today.AppointmentRepository;
import ongle.app.wear.WearDesk;
import ongle.app.wear.WearForm;
import ongle.core.check.AsBuilt;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.portion.Lot;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * A salon of our own invention, on the corner of Tannery Lane: its clients, their hands, today's
 * book. All people are made up.
 */
@Component
class DemoData implements SmartInitializingSingleton {
  private final ClientRepository clients;
  private final Consents consents;
  private final AppointmentRepository appointments;
  private final SetEditor sets;
  private final SetHistory history;
  private final Shelf shelf;
  private final Products products;
  private final SetReader reader;
  private final Layers layers;
  private final SalonSettings salon;
  private final WearDesk wears;
  private final DemoYears years;
  private final Lamps lamps;
  private final Clock clock;
  private final TransactionOperations transactions;
  private final boolean wanted;

  DemoData(
      ClientRepository clients,
      Consents consents,
      AppointmentRepository appointments,
      SetEditor sets,
      SetHistory history,
      Shelf shelf,
      Products products,
      SetReader reader,
      Layers layers,
      SalonSettings salon,
      WearDesk wears,
      DemoYears years,
      Lamps lamps,
      Clock clock,
      TransactionOperations transactions,
      @Value("${ongle.demo}") boolean wanted) {
    this.clients = clients;
    this.consents = consents;
    this.appointments = appointments;
    this.sets = sets;
    this.history = history;
    this.shelf = shelf;
    this.products = products;
    this.reader = reader;
    this.layers = layers;
    this.salon = salon;
    this.wears = wears;
    this.years = years;
    this.lamps = lamps;
    this.clock = clock;
    this.transactions = transactions;
    this.wanted = wanted;
  }

  /** Before the first page can be asked for. */
  @Override
  public void afterSingletonsInstantiated() {
    if (wanted) {
      transactions.executeWithoutResult(status -> bringUpToDate());
    }
  }

  private void bringUpToDate() {
    LocalDate today = LocalDate.now(clock);
    salon.furnish();
    lamps.furnish(); // what is noted of worn nails is planned with one
    if (clients.count() == 0) {
      fill(today);
      history.beginHere(); // nobody would want to take the demo itself back
    } else if (appointments
        .beginning(today.atStartOfDay(), today.plusDays(1).atStartOfDay())
        .isEmpty()) {
      bookAgain(today);
    }
  }

  /** The demo's book is always today's. */
  private void bookAgain(LocalDate today) {
    List<Appointment> all = appointments.findAll();
    appointments.deleteAll(all);
    for (Appointment a : all) {
      appointments.save(
          new Appointment(
              a.getClientId(),
              today.atTime(a.getStartsAt().toLocalTime()),
              a.getMinutes(),
              a.getPurpose(),
              a.getSetId()));
    }
  }

  private void fill(LocalDate today) {
    DemoSalon demo = DemoSalon.read();
    salon.setCurrency(demo.currency());
    demo.products().forEach(product -> products.add(UUID.randomUUID(), product));
    demo.coats().forEach(coat -> layers.add(UUID.randomUUID(), coat));
    demo.recipes().forEach(this::mix);
    demo.shelf().forEach(jar -> stock(jar, today));
    Map<String, Long> people = new HashMap<>();
    demo.clients().forEach(person -> people.put(person.name(), client(person)));
    Map<String, Long> built = new HashMap<>();
    demo.sets()
        .forEach(set -> built.put(set.name(), set(demo, people.get(set.client()), set, today)));
    demo.years().forEach(of -> years.pass(demo, of, people.get(of.client()), today));
    for (DemoSalon.Booked time : demo.book()) {
      appointments.save(
          new Appointment(
              people.get(time.client()),
              today.atTime(time.at()),
              time.minutes(),
              time.purpose(),
              built.get(time.set())));
    }
  }

  private void mix(DemoSalon.Mixed recipe) {
    Map<LayerKind, Coat> with = new EnumMap<>(LayerKind.class);
    recipe.coats().forEach((layer, code) -> with.put(layer, layers.coat(code).orElseThrow()));
    layers.add(UUID.randomUUID(), new Recipe(recipe.code(), recipe.label(), recipe.layers(), with));
  }

  private void stock(DemoSalon.Jar jar, LocalDate today) {
    shelf.add(
        UUID.randomUUID(),
        new Lot(
            jar.material(),
            jar.number(),
            jar.content(),
            jar.left(),
            Optional.of(today.plusMonths(jar.expiresInMonths())),
            Optional.ofNullable(jar.openedMonthsAgo()).map(today::minusMonths),
            jar.goodOpenMonths(),
            OptionalDouble.of(jar.price())));
  }

  private long client(DemoSalon.Person person) {
    Client client = new Client(UUID.randomUUID(), person.name());
    client.describe(
        person.name(),
        person.phone(),
        person.handsDo(),
        person.notes(),
        person.allergy(),
        Boolean.TRUE.equals(person.minor()));
    long id = clients.save(client).getId();
    if (!Boolean.FALSE.equals(person.agrees())) {
      for (Agreement each : Agreement.values()) {
        String name = client.isMinor() ? person.guardian() : person.name();
        consents.sign(
            UUID.randomUUID(),
            id,
            new Signed(each, name, client.isMinor(), DemoSignature.of(name)));
      }
    }
    return id;
  }

  private long set(DemoSalon demo, long client, DemoSalon.Built built, LocalDate today) {
    LocalDateTime at = today.minusDays(built.daysAgo()).atTime(built.at());
    long set = sets.begin(UUID.randomUUID(), client, at).getId();
    List<Change> changes = new ArrayList<>();
    if (built.wish() != null) {
      DemoSalon.Wish wish = built.wish();
      changes.add(Change.shape(wish.shape()));
      changes.add(Change.length(wish.length()));
      changes.add(Change.product(products.of(wish.product()).orElseThrow()));
      changes.add(Change.apex(wish.apex()));
    }
    if (built.hands() != null) {
      changes.add(
          Change.measured(hands(demo, built.hands()), Taken.How.CALLIPER, demo.measuredBy()));
    }
    if (built.leftDoes() != null) {
      changes.add(Change.does(Hand.LEFT, built.leftDoes()));
    }
    if (built.wishes() != null) {
      changes.add(Change.wishes(built.wishes()));
    }
    Taken.How how = Objects.requireNonNullElse(built.taken(), Taken.How.TYPED);
    Objects.requireNonNullElse(built.fingers(), Map.<Finger, DemoSalon.OnFinger>of())
        .forEach((finger, on) -> changes.addAll(finger(finger, on, how, demo.measuredBy())));
    sets.note(set, changes.toArray(Change[]::new));
    if (built.builtOff() != null) {
      sets.note(set, check(reader.planned(set), built.builtOff(), demo.measuredBy()));
    }
    for (DemoSalon.Happened each :
        Objects.requireNonNullElse(built.worn(), List.<DemoSalon.Happened>of())) {
      wears.note(
          set,
          each.finger(),
          today.minusDays(built.daysAgo()).plusDays(each.inDays()),
          new WearForm(
              each.kind(),
              each.place(),
              each.farMm(),
              Optional.empty(),
              each.after(),
              each.said(),
              Boolean.TRUE.equals(each.told())));
    }
    if (built.wornUntilInDays() != null) {
      sets.wear(set, today.plusDays(built.wornUntilInDays()));
    }
    return set;
  }

  /** Length and apex of every nail by calliper, and what is otherwise on some. */
  private static Change check(
      PlannedSet planned, Map<Finger, Map<Quantity, Double>> off, String by) {
    Map<Finger, Map<Quantity, Double>> measured = new EnumMap<>(Finger.class);
    planned
        .plan()
        .built()
        .forEach(
            nail -> {
              Map<Quantity, Double> of = new EnumMap<>(Quantity.class);
              Map<Quantity, Double> otherwise = off.getOrDefault(nail.nail().finger(), Map.of());
              Stream.concat(
                      Stream.of(Quantity.BUILT_LENGTH, Quantity.BUILT_APEX),
                      otherwise.keySet().stream())
                  .forEach(
                      quantity ->
                          of.put(
                              quantity,
                              AsBuilt.planned(nail, quantity)
                                  + otherwise.getOrDefault(quantity, 0.0)));
              measured.put(nail.nail().finger(), of);
            });
    return Change.measured(measured, Taken.How.CALLIPER, by);
  }

  private static List<Change> finger(
      Finger finger, DemoSalon.OnFinger on, Taken.How how, String by) {
    List<Change> changes = new ArrayList<>();
    if (on.plate() != null) {
      changes.add(Change.plate(finger, new PlateCondition(Set.of(on.plate()))));
    }
    if (on.skin() != null) {
      changes.add(Change.skin(finger, on.skin()));
    }
    if (on.buildAnyway() != null) {
      changes.add(Change.buildAnyway(finger, on.buildAnyway()));
    }
    if (on.earlier() != null) {
      changes.add(Change.found(finger, on.earlier()));
    }
    if (on.measured() != null) {
      changes.add(Change.measured(Map.of(finger, on.measured()), how, by));
    }
    return changes;
  }

  static Map<Finger, Map<Quantity, Double>> hands(DemoSalon demo, DemoSalon.Hands given) {
    Map<Finger, Map<Quantity, Double>> hands = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.values()) {
      int i = finger.digit().ordinal();
      // No two fingers of a hand differ from their twins by the same.
      double less = finger.hand() == Hand.LEFT ? given.leftLessMm() * (i % 2 == 0 ? 1 : 0.5) : 0;
      double width = given.widthMm()[i] - less;
      Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
      values.put(Quantity.WIDTH, tenth(width));
      values.put(Quantity.PLATE_LENGTH, tenth(given.plateLengthMm()[i] - less));
      values.put(Quantity.ARCH_DEPTH, tenth(width * given.archShare()));
      values.put(Quantity.FREE_EDGE, given.freeEdgeMm());
      values.put(Quantity.FREE_EDGE_DEPTH, tenth(demo.edgeCurveShare() * width));
      values.put(Quantity.GROWTH_PITCH, given.growthPitchDeg());
      values.put(Quantity.OVERHANG, given.overhangMm());
      hands.put(finger, values);
    }
    return hands;
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
