package ongle.app.editing;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import ongle.app.history.SetHistory;
import ongle.app.planning.SetReader;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.Choices;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetNail;
import ongle.app.sets.SetRepository;
import ongle.app.sets.Taken;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.Remedy;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Every change to a set goes through here. A field is only overwritten by someone who saw what
 * stood in it; edits of different fields never get in each other's way.
 */
@Service
public class SetEditor {
  private final SetRepository sets;
  private final SalonSettings salon;
  private final SetReader reader;
  private final SetHistory history;
  private final Clock clock;

  SetEditor(
      SetRepository sets, SalonSettings salon, SetReader reader, SetHistory history, Clock clock) {
    this.sets = sets;
    this.salon = salon;
    this.reader = reader;
    this.history = history;
    this.clock = clock;
  }

  /** Begins a set; the same form key gives the same set. */
  @Transactional
  public NailSet begin(UUID formKey, long clientId, LocalDateTime at) {
    return sets.findByFormKey(formKey)
        .orElseGet(
            () -> {
              NailSet set = new NailSet(formKey, clientId, at, salon.current());
              reader.visits(clientId).stream()
                  .reduce((earlier, later) -> later)
                  .ifPresent(set::goOnFrom);
              return sets.saveAndFlush(set);
            });
  }

  /** Takes what was typed for one nail and plans the set anew. */
  @Transactional
  public Edited type(long setId, Finger finger, List<Typed> typed) {
    NailSet set = set(setId);
    Choices before = Choices.of(set);
    Edit edit = new Edit.Saved();
    Quantity quantity = typed.isEmpty() ? null : typed.get(0).quantity();
    for (Typed each : typed) {
      Edit one = take(set.nail(finger), each, now());
      if (edit instanceof Edit.Saved && !(one instanceof Edit.Saved)) {
        edit = one;
        quantity = each.quantity();
      }
    }
    history.record(set, before);
    return new Edited(edit, quantity, reader.planned(set));
  }

  /** Back to what is computed, for one nail; the set planned anew. */
  @Transactional
  public Edited leaveToPlan(long setId, Finger finger) {
    NailSet set = set(setId);
    Choices before = Choices.of(set);
    Adjustments.QUANTITIES.forEach(quantity -> set.nail(finger).clear(quantity));
    history.record(set, before);
    return new Edited(new Edit.Saved(), null, reader.planned(set));
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }

  private static Edit take(SetNail nail, Typed typed, LocalDateTime at) {
    Quantity quantity = typed.quantity();
    String mine = typed.text().strip();
    Optional<Double> value = Numbers.parse(mine, quantity);
    String stands = nail.value(quantity).map(v -> Numbers.format(quantity, v)).orElse("");
    boolean unchanged =
        value.isEmpty()
            ? mine.equals(stands)
            : Numbers.format(quantity, value.get()).equals(stands);
    if (!unchanged && !Numbers.same(stands, typed.seen().strip())) {
      return new Edit.Conflict(stands, mine);
    }
    if (mine.isEmpty()) {
      nail.clear(quantity);
      return new Edit.Saved();
    }
    Optional<String> refusal =
        value.isEmpty() || !quantity.allows(value.get())
            ? Optional.of(refusal(quantity))
            : contradiction(nail, quantity, value.get());
    if (refusal.isPresent()) {
      nail.reject(quantity, mine);
      return new Edit.Refused(refusal.get());
    }
    String by = typed.by().isBlank() ? null : typed.by().strip();
    nail.put(quantity, new Taken(value.get(), typed.how(), at, by));
    return new Edit.Saved();
  }

  /**
   * Takes many measured values at once, replacing what stood there.
   *
   * @throws OutOfRange if one of them cannot be; then none is taken
   */
  @Transactional
  public void measure(
      long setId, Map<Finger, Map<Quantity, Double>> hands, Taken.How how, String by) {
    NailSet set = set(setId);
    LocalDateTime at = now();
    hands.forEach(
        (finger, values) ->
            values.forEach(
                (quantity, value) ->
                    set.nail(finger).put(quantity, new Taken(quantity.check(value), how, at, by))));
  }

  /** Takes over what a picture gave; what was typed or taken by calliper is surer and stays. */
  @Transactional
  public void measureFromPicture(long setId, Map<Finger, Map<Quantity, Double>> hands, String by) {
    NailSet set = set(setId);
    LocalDateTime at = now();
    hands.forEach(
        (finger, values) ->
            values.forEach(
                (quantity, value) -> {
                  SetNail nail = set.nail(finger);
                  if (nail.taken(quantity).filter(taken -> taken.how().surerThanPicture()).isEmpty()
                      && contradiction(nail, quantity, value).isEmpty()) {
                    nail.put(quantity, new Taken(quantity.check(value), Taken.How.PHOTO, at, by));
                  }
                }));
  }

  /**
   * Why a text is refused for this quantity on this nail; what stands in the field later needs no
   * reason.
   */
  public static String refusal(SetNail nail, Quantity quantity, String typed) {
    return Numbers.parse(typed, quantity)
        .filter(quantity::allows)
        .flatMap(value -> contradiction(nail, quantity, value))
        .orElseGet(() -> refusal(quantity));
  }

  private static String refusal(Quantity quantity) {
    return Words.say("number.wanted", "range", Numbers.range(quantity));
  }

  private static Optional<String> contradiction(SetNail nail, Quantity quantity, double value) {
    Map<Quantity, Double> measured = new EnumMap<>(Quantity.class);
    measured.putAll(nail.measured());
    if (Readings.OF_A_PLATE.contains(quantity)) {
      measured.put(quantity, value);
    }
    try {
      new Readings(Map.of(nail.getFinger(), measured))
          .nail(nail.getFinger(), nail.getPlateCondition(), nail.getSkin());
      return Optional.empty();
    } catch (OutOfRange e) {
      return Optional.of(Words.say("sets.contradiction", "quantity", e.quantity()));
    }
  }

  @Transactional
  public void look(long setId, Finger finger, PlateCondition condition, SkinState skin) {
    change(setId, set -> set.nail(finger).look(condition, skin));
  }

  /** Copies what was measured to the same finger of the other hand. */
  @Transactional
  public void copyToTwin(long setId, Finger finger, String by) {
    NailSet set = set(setId);
    set.nail(finger.twin()).copyMeasuresOf(set.nail(finger), now(), by.isBlank() ? null : by);
  }

  /** Notes what is on a nail when the client sits down. */
  @Transactional
  public void found(long setId, Finger finger, EarlierProduct product) {
    change(setId, set -> set.nail(finger).found(product));
  }

  /**
   * Builds on a finger although its skin says postpone.
   *
   * @param reason kept with the visit; blank to leave the finger alone again
   */
  @Transactional
  public void buildAnyway(long setId, Finger finger, String reason) {
    change(setId, set -> set.nail(finger).buildAnyway(orNull(reason)));
  }

  /** Notes what the client wants, in words; blank for nothing. */
  @Transactional
  public void wish(long setId, String words) {
    change(setId, set -> set.wish(orNull(words)));
  }

  /** Notes who agreed for a minor; blank takes it back. */
  @Transactional
  public void agreed(long setId, String guardian) {
    change(setId, set -> set.agreed(orNull(guardian)));
  }

  /** Notes why the allergy on record is to nothing used here; blank takes it back. */
  @Transactional
  public void settleAllergy(long setId, String why) {
    change(setId, set -> set.settleAllergy(orNull(why)));
  }

  /** Notes that what the set takes has been counted out of the stock. */
  @Transactional
  public void takenOut(long setId) {
    change(setId, set -> set.takenOut(now()));
  }

  private static String orNull(String text) {
    return text.isBlank() ? null : text.strip();
  }

  /**
   * @param tip to take; empty for the advised one
   */
  @Transactional
  public void takeTip(long setId, Finger finger, Optional<TipNumber> tip) {
    change(setId, set -> set.nail(finger).takeTip(tip.orElse(null)));
  }

  /**
   * @param kit of tips to lead the set; empty for the one with the least to file
   */
  @Transactional
  public void fitFrom(long setId, Optional<String> kit) {
    change(setId, set -> set.fitFrom(kit.orElse(null)));
  }

  @Transactional
  public void prefer(long setId, Barrel school) {
    change(setId, set -> set.prefer(school));
  }

  @Transactional
  public void prefer(long setId, FreeHandOrForms school) {
    change(setId, set -> set.prefer(school));
  }

  /**
   * @param way to build this finger; empty for the one ranked first
   */
  @Transactional
  public void chooseMethod(long setId, Finger finger, Optional<BuildWay> way) {
    change(setId, set -> set.nail(finger).chooseMethod(way.orElse(null)));
  }

  @Transactional
  public void prefer(long setId, TipsOrForms school) {
    change(setId, set -> set.prefer(school));
  }

  /** Notes what a hand does all day. */
  @Transactional
  public void does(long setId, Hand hand, Activity activity) {
    change(setId, set -> set.does(hand, activity));
  }

  @Transactional
  public void wishShape(long setId, NailShape shape) {
    change(setId, set -> set.wishShape(shape));
  }

  @Transactional
  public void wishLength(long setId, LengthWish length) {
    change(setId, set -> set.wishLength(length));
  }

  /**
   * One nail pulled to a length and the set with it; a length set by hand for that nail alone goes.
   */
  @Transactional
  public void pull(long setId, Finger finger, LengthWish length) {
    change(
        setId,
        set -> {
          set.wishLength(length);
          set.nail(finger).clear(Quantity.EXTENSION);
        });
  }

  @Transactional
  public void buildIn(long setId, Product product) {
    change(setId, set -> set.buildIn(product));
  }

  /**
   * @param own product of this finger; empty for the set's
   */
  @Transactional
  public void buildIn(long setId, Finger finger, Optional<Product> own) {
    change(setId, set -> set.nail(finger).buildIn(own.orElse(null)));
  }

  @Transactional
  public void placeApex(long setId, ApexSchool school) {
    change(setId, set -> set.placeApex(school));
  }

  @Transactional
  public void spread(long setId, CrossThickness across) {
    change(setId, set -> set.spread(across));
  }

  @Transactional
  public void archAs(long setId, UpperArch arch) {
    change(setId, set -> set.archAs(arch));
  }

  /**
   * @param days from the build to the infill, within {@link Quantity#WEAR_DAYS}
   */
  @Transactional
  public void lastFor(long setId, int days) {
    change(setId, set -> set.lastFor((int) Quantity.WEAR_DAYS.check(days)));
  }

  /** Notes which steps of the preparation are left out. */
  @Transactional
  public void leaveOut(long setId, Set<PrepStep> steps) {
    change(setId, set -> set.leaveOut(steps));
  }

  /** Does what a remedy asks, as one step. */
  @Transactional
  public void apply(long setId, Finger finger, Remedy remedy) {
    change(setId, set -> set.apply(finger, remedy, now()));
  }

  /**
   * Sets these by hand on several fingers, as one step.
   *
   * @param values in each quantity's unit, in place of what was set by hand before
   */
  @Transactional
  public void copyStructure(long setId, Map<Finger, Map<Quantity, Double>> values) {
    change(
        setId,
        set ->
            values.forEach(
                (finger, wanted) ->
                    wanted.forEach(
                        (quantity, value) -> set.nail(finger).byHand(quantity, value, now()))));
  }

  /**
   * Notes how it is carried out, as the bench writes it.
   *
   * @param how from the set as it stands, so that what another window chose meanwhile stays
   */
  @Transactional
  public void carryOut(long setId, Function<NailSet, String> how) {
    change(setId, set -> set.carryOut(how.apply(set)));
  }

  /** Notes the salon's steps as they stand when the visit begins, and how it is carried out. */
  @Transactional
  public void beginVisit(long setId, String steps, String how) {
    change(
        setId,
        set -> {
          set.workBy(steps);
          set.carryOut(how);
        });
  }

  /**
   * Notes that a set is worn, and no other of the client's any more.
   *
   * @param until the day its infill is due; null when it is not worn any more
   */
  @Transactional
  public void wear(long setId, LocalDate until) {
    sets.wholeOf(set(setId).getClientId()).stream()
        .filter(other -> other.getId() != setId)
        .forEach(other -> other.wear(null));
    change(setId, set -> set.wear(until));
  }

  private void change(long setId, Consumer<NailSet> how) {
    NailSet set = set(setId);
    Choices before = Choices.of(set);
    how.accept(set);
    history.record(set, before);
  }

  private NailSet set(long id) {
    return sets.whole(id).orElseThrow(() -> new NotFound("set " + id));
  }
}
