package ongle.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.history.SetHistory;
import ongle.app.products.Products;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.Taken;
import ongle.app.shelf.Shelf;
import ongle.app.today.Appointment;
import ongle.app.today.AppointmentRepository;
import ongle.core.nail.Digit;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.portion.Lot;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.LengthWish.Mode;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.wear.Growth;
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
  private final AppointmentRepository appointments;
  private final SetEditor sets;
  private final SetHistory history;
  private final Shelf shelf;
  private final Products products;
  private final SalonSettings salon;
  private final Clock clock;
  private final TransactionOperations transactions;
  private final boolean wanted;

  DemoData(
      ClientRepository clients,
      AppointmentRepository appointments,
      SetEditor sets,
      SetHistory history,
      Shelf shelf,
      Products products,
      SalonSettings salon,
      Clock clock,
      TransactionOperations transactions,
      @Value("${ongle.demo}") boolean wanted) {
    this.clients = clients;
    this.appointments = appointments;
    this.sets = sets;
    this.history = history;
    this.shelf = shelf;
    this.products = products;
    this.salon = salon;
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
    if (clients.count() == 0) {
      fill(today);
      history.beginHere(); // nobody would want to take the demo itself back
    } else if (appointments
        .findByStartsAtBetweenOrderByStartsAt(
            today.atStartOfDay(), today.plusDays(1).atStartOfDay())
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

  /** A shelf with something of everything, and the faults that happen. */
  private void stock(LocalDate today) {
    jar("acrylic", "AP-2217", 120, 74, today.plusMonths(14), today.minusMonths(3), 24, 38);
    jar("acrylic-liquid", "AL-0906", 100, 41, today.plusMonths(8), today.minusMonths(2), 12, 21);
    jar("acrylic-liquid", "AL-0688", 100, 12, today.minusMonths(1), today.minusMonths(11), 12, 21);
    jar("hard-gel", "HG-1140", 30, 1.1, today.plusMonths(9), today.minusMonths(5), 12, 27);
    jar("hard-gel", "HG-1163", 30, 30, today.plusMonths(20), null, 12, 27);
    jar("soak-off-gel", "SG-0412", 15, 6, today.plusMonths(11), today.minusMonths(14), 12, 16);
    jar("poly-gel", "PT-0731", 30, 22, today.plusMonths(15), today.minusMonths(1), 18, 24);
    jar("top-coat", "TC-3305", 15, 9, today.plusMonths(10), today.minusMonths(2), 12, 14);
    jar("colour", "C-114", 10, 0.4, today.plusMonths(10), today.minusMonths(4), 12, 9);
    jar("primer", "PR-0219", 14, 8, today.plusMonths(6), today.minusMonths(2), 12, 11);
    jar("remover", "RM-0550", 500, 310, today.plusMonths(18), today.minusMonths(1), 24, 12);
    salon.setCurrency("crowns");
    LightCure usual = Product.HARD_GEL.light().orElseThrow();
    products.add(
        UUID.randomUUID(),
        new Product(
            "own-quillmoor",
            "Quillmoor builder",
            1450,
            52,
            1.11,
            .07,
            true,
            false,
            Handling.BRUSHED,
            true,
            Optional.of(
                new LightCure(
                    0.9, 0.5, 1.5 * usual.fullDose(), usual.flashDose(), Set.of(405), 0.9)),
            "the maker’s data sheet"));
    jar("own-quillmoor", "QB-0077", 50, 50, today.plusMonths(22), null, 12, 31);
  }

  private void jar(
      String material,
      String number,
      double content,
      double left,
      LocalDate expires,
      LocalDate opened,
      int months,
      double price) {
    shelf.add(
        UUID.randomUUID(),
        new Lot(
            material,
            number,
            content,
            left,
            Optional.of(expires),
            Optional.ofNullable(opened),
            months,
            OptionalDouble.of(price)));
  }

  private void fill(LocalDate today) {
    stock(today);
    long marta =
        client(
            "Marta Vellbrook",
            "0555 014 220",
            "sorts letters on the night shift",
            "Bites when the belt jams. Wants hands she can show at her sister's wedding.",
            null,
            false);
    long odile =
        client(
            "Odile Brask",
            "0555 014 231",
            "grows vegetables, gloves most of the day",
            "Wide, flat plates. Has heard that square makes them wider, and it does.",
            null,
            false);
    long ines =
        client(
            "Ines Tarrowby",
            "0555 014 245",
            "upholsters chairs; the left hand holds the tacks",
            "Wants a little length; the left hand cannot take much. Right ring nail leans out.",
            null,
            false);
    long pia =
        client(
            "Pia Sundholt",
            "0555 014 252",
            "drives the number nine tram",
            "Plates grow down at the tip; old sets looked like beaks.",
            null,
            false);
    long ruth =
        client(
            "Ruth Amanlorne",
            "0555 014 263",
            "library, returns desk",
            "Thin plates after a year of peeling sets elsewhere.",
            null,
            false);
    long zofia =
        client(
            "Zofia Karrick",
            "0555 014 274",
            "sings with a dance band at weekends",
            "A long set for the midwinter ball, then short again.",
            null,
            false);
    long hanne =
        client(
            "Hanne Oswick",
            "0555 014 285",
            "makes crowns in a dental laboratory",
            "Own nails with an overlay, nothing longer at work.",
            null,
            false);
    long bel =
        client(
            "Bel Corrighan",
            "0555 014 296",
            "mends bicycles",
            "Two cracks at the stress line and a lifted thumb on the last set.",
            null,
            false);
    long liv =
        client(
            "Liv Thornaby",
            "0555 014 307",
            "binds flowers, wet hands",
            "Came for advice; hands only cared for, nothing built.",
            "acrylates, patch-tested in spring",
            false);
    long mia =
        client(
            "Mia Dunsel",
            "0555 014 318",
            "school, clarinet",
            "Sixteen; her father signs.",
            null,
            true);

    long zofiaSet =
        set(
            zofia,
            today.atTime(9, 0).minusDays(2),
            NailShape.STILETTO,
            Mode.MILLIMETRES,
            14,
            Product.ACRYLIC,
            ApexSchool.MIDDLE);
    hands(
        zofiaSet,
        new double[] {13.6, 10.6, 11.2, 10.4, 8.5},
        new double[] {14.1, 12.6, 13.2, 12.8, 10.4},
        0.21,
        0.3,
        0.8,
        0,
        1.0);

    long martaSet =
        set(
            marta,
            today.atTime(8, 30),
            NailShape.ROUND,
            Mode.COVER_FINGERTIP,
            0.5,
            Product.ACRYLIC,
            ApexSchool.THIRD);
    hands(
        martaSet,
        new double[] {13.9, 10.9, 11.4, 10.6, 8.8},
        new double[] {8.6, 6.9, 7.3, 7.0, 5.9},
        0.16,
        0.2,
        0,
        0,
        3.1);
    for (Finger finger : Finger.values()) {
      boolean torn = finger == Finger.L2;
      sets.note(
          martaSet,
          Change.plate(finger, PlateCondition.BITTEN),
          Change.skin(finger, torn ? SkinState.CUT : SkinState.INTACT));
    }
    sets.note(
        martaSet,
        Change.buildAnyway(Finger.L2, "yesterday's scratch has closed; product stays off it"));

    long piaSet =
        set(
            pia,
            today.atTime(8, 40),
            NailShape.SOFT_SQUARE,
            Mode.COVER_FINGERTIP,
            4,
            Product.HARD_GEL,
            ApexSchool.THIRD);
    hands(
        piaSet,
        new double[] {14.3, 11.4, 11.8, 11.1, 9.2},
        new double[] {12.4, 11.2, 11.9, 11.4, 9.3},
        0.18,
        0.2,
        0.6,
        -7,
        1.8);

    long ruthSet =
        set(
            ruth,
            today.atTime(9, 10),
            NailShape.ALMOND,
            Mode.PLATE_SHARE,
            60,
            Product.SOAK_OFF_GEL,
            ApexSchool.THIRD);
    double[] ruthWidths = {13.2, 10.2, 10.8, 10.1, 8.3};
    Map<Finger, Map<Quantity, Double>> rightHand = new EnumMap<>(Finger.class);
    for (Digit digit : Digit.values()) {
      Map<Quantity, Double> half = new EnumMap<>(Quantity.class);
      half.put(Quantity.WIDTH, ruthWidths[digit.ordinal()]);
      if (digit.ordinal() < 3) {
        half.put(Quantity.PLATE_LENGTH, 11.0 + digit.ordinal() * 0.4);
      }
      rightHand.put(Finger.of(Hand.RIGHT, digit), half);
      sets.note(ruthSet, Change.plate(Finger.of(Hand.RIGHT, digit), PlateCondition.THIN));
    }
    sets.note(ruthSet, Change.measured(rightHand, Taken.How.TYPED, TECHNICIAN));

    long odileSet =
        set(
            odile,
            today.atTime(10, 0).minusDays(24),
            NailShape.OVAL,
            Mode.MILLIMETRES,
            5,
            Product.POLY_GEL,
            ApexSchool.THIRD);
    hands(
        odileSet,
        new double[] {16.6, 13.6, 14.2, 13.4, 11.1},
        new double[] {11.2, 10.2, 10.6, 10.3, 8.6},
        0.10,
        0.15,
        0.5,
        0,
        1.6);
    sets.wear(odileSet, today.minusDays(2));

    long inesSet =
        set(
            ines,
            today.atTime(15, 0).minusDays(12),
            NailShape.ROUND,
            Mode.COVER_FINGERTIP,
            4,
            Product.POLY_GEL,
            ApexSchool.THIRD);
    hands(
        inesSet,
        new double[] {13.0, 10.1, 10.6, 9.9, 8.2},
        new double[] {12.2, 11.4, 11.9, 11.3, 9.1},
        0.2,
        0.2,
        0.4,
        0,
        1.2);
    sets.note(
        inesSet,
        Change.measured(
            Map.of(Finger.R4, Map.of(Quantity.LEAN, 6.0)), Taken.How.TYPED, TECHNICIAN));
    sets.note(inesSet, Change.does(Hand.LEFT, Activity.TOOLS));
    sets.wear(inesSet, today.plusDays(5));

    long hanneSet =
        set(
            hanne,
            today.atTime(11, 0).minusDays(20),
            NailShape.SOFT_SQUARE,
            Mode.SHORTENED,
            2.0,
            Product.SOAK_OFF_GEL,
            ApexSchool.THIRD);
    hands(
        hanneSet,
        new double[] {13.4, 10.4, 11.0, 10.3, 8.6},
        new double[] {13.4, 12.0, 12.6, 12.1, 9.9},
        0.19,
        0.15,
        2.8,
        1,
        0.8);
    sets.wear(hanneSet, today.plusDays(1));

    long belSet =
        set(
            bel,
            today.atTime(13, 0).minusDays(21),
            NailShape.TAPERED_SQUARE,
            Mode.MILLIMETRES,
            6,
            Product.HARD_GEL,
            ApexSchool.STRESS_LINE);
    hands(
        belSet,
        new double[] {15.1, 12.0, 12.4, 11.7, 9.7},
        new double[] {12.9, 11.5, 12.1, 11.6, 9.4},
        0.15,
        0.2,
        0.5,
        2,
        1.5);
    sets.wear(belSet, today);
    belComesBack(bel, today);
    tinyPlates(today);

    book(marta, today, 9, 0, 90, "New set, short", martaSet);
    book(zofia, today, 10, 45, 150, "Long set for the ball", zofiaSet);
    book(ruth, today, 13, 30, 90, "First set on thin plates", ruthSet);
    book(pia, today, 15, 15, 105, "New set", piaSet);
    book(mia, today, 17, 15, 45, "First visit, with her father", null);
    book(liv, today, 18, 15, 30, "Hand care, no product", null);
  }

  /** Three weeks later, before work: what has grown, and what the last set did to the thumb. */
  private void belComesBack(long bel, LocalDate today) {
    long back = sets.begin(UUID.randomUUID(), bel, today.atTime(8, 5)).getId();
    hands(
        back,
        new double[] {15.1, 12.0, 12.5, 11.7, 9.7},
        new double[] {12.6, 11.5, 12.1, 11.5, 9.4},
        0.15,
        0.2,
        1.1,
        2,
        1.5);
    Map<Finger, Map<Quantity, Double>> grown = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.values()) {
      double days = finger.hand() == Hand.LEFT ? 20 : 22; // her right hand grows faster
      grown.put(
          finger, Map.of(Quantity.REGROWTH, tenth(Growth.USUAL.perDay(finger.digit()) * days)));
      sets.note(back, Change.found(finger, EarlierProduct.HARD_GEL));
    }
    sets.note(back, Change.measured(grown, Taken.How.CALLIPER, TECHNICIAN));
    sets.note(back, Change.plate(Finger.R1, PlateCondition.DAMAGED));
    sets.note(back, Change.skin(Finger.L4, SkinState.SORE));
    sets.note(
        back, Change.wishes("The same again, if it holds this time; the left ring finger hurts."));
  }

  /** Plates so small that a tip has little to hold on. */
  private void tinyPlates(LocalDate today) {
    long sanna =
        client(
            "Sanna Pellow",
            "0555 014 329",
            "drives a crane in the harbour",
            "Tiny plates; has been told nothing holds on them.",
            null,
            false);
    long set =
        set(
            sanna,
            today.atTime(8, 20).minusDays(1),
            NailShape.OVAL,
            Mode.COVER_FINGERTIP,
            2,
            Product.SOLID_GEL,
            ApexSchool.THIRD);
    hands(
        set,
        new double[] {10.8, 8.3, 8.6, 8.1, 6.6},
        new double[] {9.4, 8.0, 8.4, 8.1, 6.4},
        0.17,
        0.1,
        0.4,
        0,
        1.4);
  }

  private long client(
      String name, String phone, String handsDo, String notes, String allergy, boolean minor) {
    Client client = new Client(UUID.randomUUID(), name);
    client.describe(name, phone, handsDo, notes, allergy, minor);
    return clients.save(client).getId();
  }

  private long set(
      long client,
      LocalDateTime at,
      NailShape shape,
      Mode mode,
      double length,
      Product product,
      ApexSchool school) {
    long set = sets.begin(UUID.randomUUID(), client, at).getId();
    sets.note(set, Change.shape(shape));
    sets.note(set, Change.length(new LengthWish(mode, length)));
    sets.note(set, Change.product(product));
    sets.note(set, Change.apex(school));
    sets.note(set, Change.across(CrossThickness.SALON));
    return set;
  }

  /**
   * Two whole hands; the left a little smaller than the right, as hands are.
   *
   * @param widths right hand, thumb first, mm
   * @param lengths right hand, thumb first, mm
   * @param depthRatio arch depth over width
   * @param leftLess what the left is narrower and shorter by, mm
   */
  private void hands(
      long set,
      double[] widths,
      double[] lengths,
      double depthRatio,
      double leftLess,
      double freeEdge,
      double pitch,
      double overhang) {
    Map<Finger, Map<Quantity, Double>> hands = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.values()) {
      int i = finger.digit().ordinal();
      double less = finger.hand() == Hand.LEFT ? leftLess * (i % 2 == 0 ? 1 : 0.5) : 0;
      Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
      values.put(Quantity.WIDTH, tenth(widths[i] - less));
      values.put(Quantity.PLATE_LENGTH, tenth(lengths[i] - less));
      values.put(Quantity.ARCH_DEPTH, tenth((widths[i] - less) * depthRatio));
      values.put(Quantity.FREE_EDGE, freeEdge);
      values.put(Quantity.FREE_EDGE_DEPTH, tenth(EDGE_CURVE * (widths[i] - less)));
      values.put(Quantity.GROWTH_PITCH, pitch);
      values.put(Quantity.OVERHANG, overhang);
      hands.put(finger, values);
    }
    sets.note(set, Change.measured(hands, Taken.How.CALLIPER, TECHNICIAN));
  }

  /** Who measured. */
  private static final String TECHNICIAN = "Sunniva";

  /** Edge curve over width in this salon's clients. */
  private static final double EDGE_CURVE = 0.16;

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }

  private void book(
      long client, LocalDate day, int hour, int minute, int minutes, String purpose, Long set) {
    appointments.save(
        new Appointment(client, day.atTime(LocalTime.of(hour, minute)), minutes, purpose, set));
  }
}
