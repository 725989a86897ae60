package ongle.app.sets;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import ongle.app.kits.KitCatalogue;
import ongle.app.web.NotFound;
import ongle.app.web.Numbers;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.plan.Adjustments;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Every change to a set goes through here. A field is only overwritten by someone who saw what
 * stood in it; edits of different fields never get in each other's way.
 */
@Service
@Retryable(includes = OptimisticLockingFailureException.class, maxRetries = 4, delay = 15)
public class SetEditor {
  private final SetRepository sets;
  private final KitCatalogue kits;
  private final SetReader reader;

  SetEditor(SetRepository sets, KitCatalogue kits, SetReader reader) {
    this.sets = sets;
    this.kits = kits;
    this.reader = reader;
  }

  /** Begins a set; the same form key gives the same set. */
  public NailSet begin(UUID formKey, long clientId, LocalDateTime at) {
    return sets.findByFormKey(formKey).orElseGet(() -> beginOnce(formKey, clientId, at));
  }

  private NailSet beginOnce(UUID formKey, long clientId, LocalDateTime at) {
    try {
      return sets.saveAndFlush(new NailSet(formKey, clientId, at, kits.usual().code()));
    } catch (DataIntegrityViolationException sentTwice) {
      return sets.findByFormKey(formKey).orElseThrow(() -> sentTwice);
    }
  }

  /** Takes what was typed for one nail and plans the set anew. */
  @Transactional
  public Edited type(long setId, Finger finger, List<Typed> typed) {
    NailSet set = set(setId);
    Edit edit = new Edit.Saved();
    Quantity quantity = typed.isEmpty() ? null : typed.get(0).quantity();
    for (Typed each : typed) {
      Edit one = take(set.nail(finger), each);
      if (edit instanceof Edit.Saved && !(one instanceof Edit.Saved)) {
        edit = one;
        quantity = each.quantity();
      }
    }
    return new Edited(edit, quantity, reader.planned(set));
  }

  /** Back to what is computed, for one nail; the set planned anew. */
  @Transactional
  public Edited leaveToPlan(long setId, Finger finger) {
    NailSet set = set(setId);
    Adjustments.QUANTITIES.forEach(quantity -> set.nail(finger).clear(quantity));
    return new Edited(new Edit.Saved(), null, reader.planned(set));
  }

  private static Edit take(SetNail nail, Typed typed) {
    Quantity quantity = typed.quantity();
    String mine = typed.text().strip();
    Optional<Double> value = Numbers.parse(mine, quantity);
    String stands = nail.value(quantity).map(v -> Numbers.format(quantity, v)).orElse("");
    boolean unchanged =
        value.isEmpty()
            ? mine.equals(stands)
            : Numbers.format(quantity, value.get()).equals(stands);
    if (!unchanged && !stands.equals(typed.seen().strip())) {
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
    nail.put(quantity, value.get());
    return new Edit.Saved();
  }

  /**
   * Takes many measured values at once, replacing what stood there.
   *
   * @throws OutOfRange if one of them cannot be; then none is taken
   */
  @Transactional
  public void measure(long setId, Map<Finger, Map<Quantity, Double>> hands) {
    NailSet set = set(setId);
    hands.forEach(
        (finger, values) ->
            values.forEach(
                (quantity, value) -> set.nail(finger).put(quantity, quantity.check(value))));
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
    return "Type a number from " + Numbers.range(quantity) + ".";
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
      return Optional.of(
          "The "
              + e.quantity().label()
              + " would be deeper than half the width, past a half circle. Check both.");
    }
  }

  @Transactional
  public void look(long setId, Finger finger, PlateCondition condition, SkinState skin) {
    change(setId, set -> set.nail(finger).look(condition, skin));
  }

  /** Copies what was measured to the same finger of the other hand. */
  @Transactional
  public void copyToTwin(long setId, Finger finger) {
    NailSet set = set(setId);
    set.nail(finger.twin()).copyMeasuresOf(set.nail(finger));
  }

  /**
   * @param number of the tip to take; empty for the advised one
   */
  @Transactional
  public void takeTip(long setId, Finger finger, Optional<String> number) {
    NailSet set = set(setId);
    number.ifPresent(
        wanted -> {
          if (kits.ofCode(set.getKit()).stream()
              .flatMap(kit -> kit.tips().stream())
              .noneMatch(tip -> tip.number().equals(wanted))) {
            throw new NotFound("tip " + wanted);
          }
        });
    set.nail(finger).takeTip(number.orElse(null));
  }

  /**
   * @param way to build this finger; empty for the one ranked first
   */
  @Transactional
  public void goWay(long setId, Finger finger, Optional<BuildWay> way) {
    change(setId, set -> set.nail(finger).goWay(way.orElse(null)));
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

  @Transactional
  public void buildIn(long setId, Product product) {
    change(setId, set -> set.buildIn(product));
  }

  @Transactional
  public void placeApex(long setId, ApexSchool school) {
    change(setId, set -> set.placeApex(school));
  }

  @Transactional
  public void spread(long setId, CrossThickness across) {
    change(setId, set -> set.spread(across));
  }

  /** Notes that a set is worn, and until when. */
  @Transactional
  public void wear(long setId, LocalDate until) {
    change(setId, set -> set.wear(until));
  }

  private void change(long setId, Consumer<NailSet> how) {
    how.accept(set(setId));
  }

  private NailSet set(long id) {
    return sets.whole(id).orElseThrow(() -> new NotFound("set " + id));
  }
}
