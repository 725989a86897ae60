package ongle.app.planning;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ongle.app.clients.Client;
import ongle.app.clients.ClientHistory;
import ongle.app.clients.ClientRepository;
import ongle.app.kits.KitCatalogue;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.products.Products;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.Choices;
import ongle.app.sets.NailSet;
import ongle.app.sets.PlateLength;
import ongle.app.sets.SetChoices;
import ongle.app.sets.SetNail;
import ongle.app.sets.SetRepository;
import ongle.app.sets.Written;
import ongle.app.store.Instances;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Memo;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Adjustments;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.wear.Growth;
import ongle.core.wear.Wearing;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Reads sets and plans them. */
@Service
@Needs(Right.HANDS)
public class SetReader implements ClientHistory {
  /** With what was tried last. */
  private final Memo<Asked, SetPlan> known = Memo.forEachDesk(6);

  /** A set, and the one before it. */
  private final Memo<Written, NailSet> asWritten = Memo.forEachDesk(4);

  private final SetRepository sets;
  private final ClientRepository clients;
  private final KitCatalogue kits;
  private final Products products;
  private final SalonSettings salon;

  SetReader(
      SetRepository sets,
      ClientRepository clients,
      KitCatalogue kits,
      Products products,
      SalonSettings salon,
      Instances instances) {
    // A backup put back may hold what was written as often and is another.
    instances.hear(Instances.MISSED, text -> asWritten.forget());
    this.salon = salon;
    this.sets = sets;
    this.clients = clients;
    this.kits = kits;
    this.products = products;
  }

  private record Asked(SetWish wish, List<SetPlanner.Item> items) {}

  /**
   * @throws NotFound if there is no such set
   */
  @Transactional(readOnly = true)
  public PlannedSet planned(long setId) {
    return planned(setId, Finger.L1, Map.of());
  }

  /**
   * The plan as it would be with some values of one nail set by hand; nothing is stored.
   *
   * @param tried in each quantity's unit, replacing what was set by hand
   */
  @Transactional(readOnly = true)
  public PlannedSet planned(long setId, Finger finger, Map<Quantity, Double> tried) {
    NailSet set = whole(setId);
    return planned(set, finger, tried, set.choices().length());
  }

  /** The plan as it would be with another length; nothing is stored. */
  @Transactional(readOnly = true)
  public PlannedSet planned(long setId, LengthWish tried) {
    return planned(whole(setId), Finger.L1, Map.of(), tried);
  }

  /** How long the set is wished, without planning it. */
  @Transactional(readOnly = true)
  public LengthWish lengthOf(long setId) {
    return sets.findById(setId).orElseThrow(() -> new NotFound("set " + setId)).choices().length();
  }

  private NailSet whole(long setId) {
    return found(setId).orElseThrow(() -> new NotFound("set " + setId));
  }

  /**
   * Read anew only if it was written since: a set is looked at far more often than changed. How
   * often it was written is asked first, so that what is kept under it is never older. Whoever may
   * change a set reads one of their own.
   */
  private Optional<NailSet> found(long setId) {
    return TransactionSynchronizationManager.isCurrentTransactionReadOnly()
        ? sets.written(setId).map(times -> asWritten.of(times, () -> readNow(setId)))
        : read(setId);
  }

  /** It may have been erased since it was asked after. */
  private NailSet readNow(long setId) {
    return read(setId).orElseThrow(() -> new NotFound("set " + setId));
  }

  private Optional<NailSet> read(long setId) {
    return sets.whole(setId).map(SetReader::ready);
  }

  /** With all that is on its nails, which cannot be read once the transaction is over. */
  private static NailSet ready(NailSet set) {
    set.measured();
    set.getNails().forEach(nail -> nail.rejected(Quantity.WIDTH));
    return set;
  }

  /** As it would stand with other choices; nothing is stored. */
  public PlannedSet planned(NailSet set, Choices choices) {
    return planned(
        ready(set),
        choices.ofSet(),
        choices.ofSet().length(),
        nail -> choices.nails().get(nail.getFinger()).adjustments(products::of));
  }

  private PlannedSet planned(
      NailSet set, Finger finger, Map<Quantity, Double> tried, LengthWish length) {
    return planned(
        set,
        set.choices(),
        length,
        nail -> {
          Adjustments stored = nail.adjustments(products::of);
          return nail.getFinger() == finger ? with(stored, tried) : stored;
        });
  }

  private PlannedSet planned(
      NailSet set, SetChoices choices, LengthWish length, Function<SetNail, Adjustments> byHand) {
    Client client = clients.findById(set.getClientId()).orElseThrow();
    Optional<NailSet> last = lastVisit(set);
    Readings readings = set.readings(last.map(NailSet::measured).orElse(Map.of()));
    List<SetPlanner.Item> items =
        set.getNails().stream()
            .map(
                nail ->
                    new SetPlanner.Item(
                        readings.nail(nail.getFinger(), nail.getPlateCondition(), nail.getSkin()),
                        byHand.apply(nail),
                        nail.lookOver()))
            .toList();
    SetWish wish =
        new SetWish(
            choices.shape(),
            length,
            product(choices.product()),
            choices.apex(),
            choices.arch(),
            choices.across(),
            kits.fitting(choices.schools(), choices.kit()),
            wearer(set, client),
            new Wearing(
                choices.wearDays(),
                choices.skipped(),
                growth(set, client),
                client.load().times(),
                client.plates().times()),
            salon.figures());
    return new PlannedSet(
        set,
        last,
        client,
        readings,
        known.of(new Asked(wish, items), () -> SetPlanner.plan(wish, items)));
  }

  private static Adjustments with(Adjustments stored, Map<Quantity, Double> tried) {
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    values.putAll(stored.values());
    values.putAll(tried);
    return new Adjustments(values, stored.tip(), stored.way(), stored.product());
  }

  private Product product(String code) {
    return products
        .of(code)
        .orElseThrow(() -> new IllegalStateException("unknown product " + code));
  }

  private static Wearer wearer(NailSet set, Client client) {
    return new Wearer(
        Map.of(
            Hand.LEFT, set.activity(Hand.LEFT),
            Hand.RIGHT, set.activity(Hand.RIGHT)),
        client.isMinor(),
        Optional.ofNullable(set.getGuardian()),
        Optional.ofNullable(client.getAllergy()),
        Optional.ofNullable(set.getAllergyHarmless()));
  }

  /** How fast this client's nails grow, from the regrowth measured at every visit up to this. */
  private Growth growth(NailSet set, Client client) {
    return client.isGrowthPutBack() ? Growth.USUAL : grown(client.getId(), set.getCreatedAt());
  }

  /** What was measured of a client's growth until then, whether or not it was put back. */
  @Transactional(readOnly = true)
  public Growth grown(long clientId, LocalDateTime until) {
    return Growth.learned(
        sets.regrowth(clientId, until).stream()
            .map(
                each ->
                    new Growth.Observation(
                        each.finger().digit(),
                        ChronoUnit.DAYS.between(each.built(), each.measured()),
                        each.mm()))
            .toList());
  }

  private Optional<NailSet> lastVisit(NailSet set) {
    return Optional.ofNullable(set.getPreviousId()).flatMap(this::found);
  }

  /** A client's last sets with anything measured, the last first, ready to be read. */
  @Transactional(readOnly = true)
  public List<NailSet> measured(long clientId, Limit most) {
    List<NailSet> last =
        sets.measured(clientId, most).stream().flatMap(id -> sets.whole(id).stream()).toList();
    last.forEach(NailSet::measured);
    return last;
  }

  /** The client's first set with anything measured, ready to be read. */
  @Transactional(readOnly = true)
  public Optional<NailSet> firstMeasured(long clientId) {
    Optional<NailSet> first =
        sets.measured(clientId, Limit.unlimited()).stream()
            .reduce((later, earlier) -> earlier)
            .flatMap(sets::whole);
    first.ifPresent(NailSet::measured);
    return first;
  }

  /**
   * A set as stored, its nails left aside.
   *
   * @throws NotFound if there is no such set
   */
  @Transactional(readOnly = true)
  public NailSet stored(long setId) {
    return sets.findById(setId).orElseThrow(() -> new NotFound("set " + setId));
  }

  /** The client's set after this one, as stored; empty where none was begun. */
  @Transactional(readOnly = true)
  public Optional<NailSet> next(long setId) {
    return sets.findFirstByPreviousIdOrderByCreatedAtAscIdAsc(setId);
  }

  /** Every set of a client as stored, the last first. */
  @Transactional(readOnly = true)
  public List<NailSet> all(long clientId) {
    return sets.findByClientIdOrderByCreatedAtDescIdDesc(clientId);
  }

  /** The sets a client wears, as stored. */
  @Transactional(readOnly = true)
  public List<NailSet> wornBy(long clientId) {
    return sets.findByClientIdAndWornUntilNotNull(clientId);
  }

  /** Every plate length measured on a client's nails, the oldest first. */
  @Transactional(readOnly = true)
  public List<PlateLength> plateLengths(long clientId) {
    return sets.plateLengths(clientId);
  }

  @Override
  @Transactional(readOnly = true)
  public List<Entry> of(long clientId) {
    Map<Long, Integer> measured = counted(sets.measuredNails(clientId));
    return sets.findByClientIdOrderByCreatedAtDescIdDesc(clientId).stream()
        .map(
            set ->
                new Entry(
                    set.getId(),
                    set.getCreatedAt().toLocalDate(),
                    summary(set),
                    measured.getOrDefault(set.getId(), 0),
                    set.getRoutine() != null))
        .toList();
  }

  /** How many of the ten widths of these sets are measured; nothing for none. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> measuredNails(Collection<Long> setIds) {
    return setIds.isEmpty() ? Map.of() : counted(sets.measuredNails(setIds));
  }

  private static Map<Long, Integer> counted(List<Object[]> rows) {
    return rows.stream()
        .collect(Collectors.toMap(row -> (Long) row[0], row -> ((Long) row[1]).intValue()));
  }

  /** Sets being worn, the one due first in front. */
  @Transactional(readOnly = true)
  public List<Worn> worn() {
    List<NailSet> worn = sets.findByWornUntilNotNullOrderByWornUntil();
    Map<Long, Client> byId =
        clients.wearing().stream().collect(Collectors.toMap(Client::getId, client -> client));
    return worn.stream()
        .map(
            set ->
                new Worn(
                    set.getId(),
                    byId.get(set.getClientId()),
                    set.getWornUntil(),
                    summary(set),
                    !set.getLessons().isEmpty()))
        .toList();
  }

  /**
   * A set on a client's hands.
   *
   * @param due the day its infill is due
   * @param learned whether it was planned with what earlier sets taught
   */
  public record Worn(long setId, Client client, LocalDate due, String summary, boolean learned) {}

  /** Shape, length and product in words, without planning it. */
  public String summary(NailSet set) {
    return summary(set, product(set.choices().product()));
  }

  /** Shape, length and product in words. */
  static String summary(NailSet set, Product product) {
    return Words.of(
        List.of(set.choices().shape(), inWords(set.choices().length()), Words.of(product)));
  }

  private static String inWords(LengthWish length) {
    String value = Numbers.withUnit(length.mode().quantity(), length.value());
    boolean none = length.mode() == LengthWish.Mode.MILLIMETRES && length.value() == 0;
    return none
        ? Words.say("sets.no-extension")
        : Words.say("shape.LengthWish.Mode." + length.mode().name() + ".short", "value", value);
  }
}
