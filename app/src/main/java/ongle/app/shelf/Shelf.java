package ongle.app.shelf;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.layers.Layers;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.products.Products;
import ongle.app.salon.SalonSettings;
import ongle.app.web.NotFound;
import ongle.core.portion.Lot;
import ongle.core.portion.LotAge;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf: its lots, whether they do for a set, and counting out what a visit took. */
@Service
public class Shelf {
  private final LotRepository lots;
  private final LotUseRepository uses;
  private final SalonSettings salon;
  private final Products products;
  private final Layers layers;

  Shelf(
      LotRepository lots,
      LotUseRepository uses,
      SalonSettings salon,
      Products products,
      Layers layers) {
    this.products = products;
    this.layers = layers;
    this.lots = lots;
    this.uses = uses;
    this.salon = salon;
  }

  /** What costs are given in; empty where the salon does not want them. */
  public String currency() {
    return salon.current().getCurrency();
  }

  /** Everything that is used up: products, bottles and what goes with them. */
  @Transactional(readOnly = true)
  public List<Material> materials() {
    return Material.all(products.everUsed(), layers.bottles());
  }

  @Transactional(readOnly = true)
  public Optional<Material> material(String code) {
    return materials().stream().filter(material -> material.code().equals(code)).findFirst();
  }

  /**
   * A lot on the shelf.
   *
   * @param seen changes whenever it is written
   */
  public record Kept(long id, int seen, Lot lot) {}

  @Transactional(readOnly = true)
  public List<Kept> all() {
    return lots.findAllByOrderById().stream()
        .map(each -> new Kept(each.id(), each.version(), each.lot()))
        .toList();
  }

  /** What these amounts mean for the shelf on that day. */
  @Transactional(readOnly = true)
  public List<Need> needs(Map<Material, Double> amounts, LocalDate day) {
    List<Lot> shelf = all().stream().map(Kept::lot).toList();
    return amounts.entrySet().stream()
        .map(each -> Need.of(each.getKey(), each.getValue(), shelf, day))
        .toList();
  }

  /** Puts a lot on the shelf; the same form key puts it there once. */
  @Needs(Right.STOCK)
  @Transactional
  public void add(UUID formKey, Lot lot) {
    if (lots.findByFormKey(formKey).isEmpty()) {
      lots.save(new StoredLot(formKey, lot));
    }
  }

  /**
   * Corrects a lot.
   *
   * @param seen as it was when the corrector looked
   * @return whether it was; not if somebody else changed it meanwhile
   */
  @Needs(Right.STOCK)
  @Transactional
  boolean correct(long id, int seen, Lot lot) {
    StoredLot stored = lot(id);
    if (stored.version() != seen) {
      return false;
    }
    stored.become(lot);
    return true;
  }

  /** What a lot is seen as now. */
  @Transactional(readOnly = true)
  int seen(long id) {
    return lot(id).version();
  }

  /** Takes an empty or spoilt jar off the shelf; what visits took of it stays on record. */
  @Needs(Right.STOCK)
  @Transactional
  void throwAway(long id) {
    lots.deleteById(lot(id).id());
  }

  private StoredLot lot(long id) {
    return lots.findById(id).orElseThrow(() -> new NotFound("lot " + id));
  }

  /**
   * Counts out what a visit took, once.
   *
   * @return whether it was counted now
   */
  @Transactional
  public boolean take(long setId, int run, Map<Material, Double> amounts, LocalDate day) {
    if (uses.existsBySetIdAndRun(setId, run)) {
      return false;
    }
    List<StoredLot> stored = lots.findAllByOrderById();
    for (Need need : needs(amounts, day)) {
      Map<String, Double> byNumber = new LinkedHashMap<>(); // two jars may be of one lot
      for (Need.Taken taken : need.from()) {
        byNumber.merge(taken.lot().number(), taken.amount(), Double::sum);
        stored.stream()
            .filter(each -> each.lot().equals(taken.lot()))
            .findFirst()
            .ifPresent(each -> each.take(taken.amount(), day));
      }
      byNumber.forEach(
          (number, amount) -> uses.save(LotUse.of(setId, run, need.material(), number, amount)));
      double rest = need.amount() - need.from().stream().mapToDouble(Need.Taken::amount).sum();
      if (rest > 1e-9) {
        uses.save(LotUse.unknown(setId, run, need, rest));
      }
    }
    return true;
  }

  /** A lot by material and number. */
  public record Number(String material, String number) {}

  /** The lots a set took of, whenever. */
  @Transactional(readOnly = true)
  public List<Number> lotsOf(long setId) {
    return uses.findBySetId(setId).stream()
        .filter(use -> !use.number().isEmpty())
        .map(use -> new Number(use.material(), use.number()))
        .distinct()
        .toList();
  }

  /** What a visit took of a lot that is on the shelf no longer: noted, not counted out. */
  @Transactional
  public void recall(long setId, String material, String number, double amount) {
    uses.save(LotUse.recalled(setId, material, number, amount));
  }

  /**
   * How old the jars were on that day that a visit took of. A lot that was thrown away since tells
   * nothing.
   */
  @Transactional(readOnly = true)
  public LotAge jars(long setId, int run, LocalDate day) {
    List<LotUse> took = taken(setId, run);
    return LotAge.of(
        all().stream()
            .map(Kept::lot)
            .filter(
                lot ->
                    took.stream()
                        .anyMatch(
                            use ->
                                use.material().equals(lot.material())
                                    && use.number().equals(lot.number())))
            .toList(),
        day);
  }

  /** What a visit took; empty before it was finished. */
  @Transactional(readOnly = true)
  public List<LotUse> taken(long setId, int run) {
    return uses.findBySetIdAndRunOrderById(setId, run);
  }
}
