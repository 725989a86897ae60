package ongle.app.sets;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.OldBuild;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.LookOver;
import ongle.core.product.Product;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/** One finger of a set: what was measured, what was set by hand, and what could not be taken. */
@Entity
public class SetNail {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;

  @ManyToOne(fetch = FetchType.LAZY, optional = false)
  @JoinColumn(name = "set_id")
  private NailSet set;

  @Enumerated(EnumType.STRING)
  private Finger finger;

  private PlateCondition plateCondition = PlateCondition.SOUND;

  @Enumerated(EnumType.STRING)
  private SkinState skin = SkinState.INTACT;

  private String tipKit;
  private String tipNumber;

  @Enumerated(EnumType.STRING)
  private EarlierProduct earlier = EarlierProduct.NONE;

  @Enumerated(EnumType.STRING)
  private OldBuild.Thickness oldThickness = OldBuild.Thickness.USUAL;

  private Double oldMeasured;
  private Double oldClip;
  private boolean oldTip;

  /** What the visit left on it; null before it was finished. */
  @Enumerated(EnumType.STRING)
  private EarlierProduct leftProduct;

  @Enumerated(EnumType.STRING)
  private OldBuild.Thickness leftThickness;

  private Double leftMeasured;
  private boolean leftTip;

  private String buildAnyway;

  @Enumerated(EnumType.STRING)
  private BuildWay way;

  private String product;

  @ElementCollection
  @CollectionTable(name = "set_nail_value", joinColumns = @JoinColumn(name = "nail_id"))
  @MapKeyColumn(name = "quantity")
  @MapKeyEnumerated(EnumType.STRING)
  @Fetch(FetchMode.SUBSELECT)
  private Map<Quantity, Taken> values = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "set_nail_rejected", joinColumns = @JoinColumn(name = "nail_id"))
  @MapKeyColumn(name = "quantity")
  @MapKeyEnumerated(EnumType.STRING)
  @Column(name = "typed")
  @Fetch(FetchMode.SUBSELECT)
  private Map<Quantity, String> rejected = new HashMap<>();

  protected SetNail() {}

  SetNail(NailSet set, Finger finger) {
    this.set = set;
    this.finger = finger;
  }

  public Finger getFinger() {
    return finger;
  }

  public PlateCondition getPlateCondition() {
    return plateCondition;
  }

  public SkinState getSkin() {
    return skin;
  }

  public Optional<Double> value(Quantity quantity) {
    return taken(quantity).map(Taken::amount);
  }

  /** The value with how, when and by whom it was taken. */
  public Optional<Taken> taken(Quantity quantity) {
    return Optional.ofNullable(values.get(quantity));
  }

  public EarlierProduct getEarlier() {
    return earlier;
  }

  /** Why it is built on although the skin says postpone; null if it is not. */
  public String getBuildAnyway() {
    return buildAnyway;
  }

  public LookOver lookOver() {
    return new LookOver(earlier, old(), Optional.ofNullable(buildAnyway));
  }

  /** What is known of the build on it. */
  public OldBuild old() {
    return new OldBuild(oldThickness, orEmpty(oldMeasured), orEmpty(oldClip), oldTip);
  }

  private static OptionalDouble orEmpty(Double stored) {
    return stored == null ? OptionalDouble.empty() : OptionalDouble.of(stored);
  }

  /** What was typed for it but could not be taken. */
  public Optional<String> rejected(Quantity quantity) {
    return Optional.ofNullable(rejected.get(quantity));
  }

  /** What was measured on the plate. */
  public Map<Quantity, Double> measured() {
    Map<Quantity, Double> measured = new EnumMap<>(Quantity.class);
    values.forEach(
        (quantity, value) -> {
          if (Readings.OF_A_PLATE.contains(quantity)) {
            measured.put(quantity, value.amount());
          }
        });
    return measured;
  }

  /** Code of the product this finger alone is built of; null for the set's. */
  public String getProduct() {
    return product;
  }

  /**
   * What was set by hand.
   *
   * @param products by code
   */
  public Adjustments adjustments(Function<String, Optional<Product>> products) {
    Map<Quantity, Double> byHand = new EnumMap<>(Quantity.class);
    values.forEach(
        (quantity, value) -> {
          if (Adjustments.QUANTITIES.contains(quantity)) {
            byHand.put(quantity, value.amount());
          }
        });
    return new Adjustments(
        byHand,
        Optional.ofNullable(tipNumber).map(number -> new TipNumber(tipKit, number)),
        Optional.ofNullable(way),
        Optional.ofNullable(product).flatMap(products));
  }

  public void byHand(Quantity quantity, double value, LocalDateTime at) {
    put(quantity, new Taken(quantity.check(value), Taken.How.TYPED, at, null));
  }

  /** Sets by hand just this, as it once was. */
  void adjust(Choices.OfNail chosen, LocalDateTime at) {
    Adjustments by = chosen.adjustments(none -> Optional.empty());
    for (Quantity quantity : Adjustments.QUANTITIES) {
      double wanted = by.of(quantity).orElse(Double.NaN);
      if (Double.isNaN(wanted)) {
        clear(quantity);
      } else if (value(quantity).filter(stands -> stands == wanted).isEmpty()) {
        byHand(quantity, wanted, at);
      }
    }
    takeTip(by.tip().orElse(null));
    way = by.way().orElse(null);
    product = chosen.product();
  }

  public void put(Quantity quantity, Taken value) {
    values.put(quantity, value);
    rejected.remove(quantity);
  }

  public void clear(Quantity quantity) {
    values.remove(quantity);
    rejected.remove(quantity);
  }

  public void reject(Quantity quantity, String typed) {
    rejected.put(quantity, typed.length() > 60 ? typed.substring(0, 60) : typed);
  }

  public void look(PlateCondition condition, SkinState state) {
    plateCondition = condition;
    if (skin != state) {
      buildAnyway = null; // a reason is for what was found, not for what is found now
    }
    skin = state;
  }

  /** Notes what was on the nail. */
  public void found(EarlierProduct product) {
    earlier = product;
  }

  /** Notes what is known of the build on it. */
  public void judge(OldBuild old) {
    oldThickness = old.thickness();
    oldMeasured = old.measured().isPresent() ? (Double) old.measured().getAsDouble() : null;
    oldClip = old.clip().isPresent() ? (Double) old.clip().getAsDouble() : null;
    oldTip = old.tip();
  }

  /** Notes what a finished visit left on it. */
  public void leave(EarlierProduct product, OldBuild build) {
    leftProduct = product;
    leftThickness = build.thickness();
    leftMeasured = build.measured().isPresent() ? (Double) build.measured().getAsDouble() : null;
    leftTip = build.tip();
  }

  /** Whether its visit was finished, so that what lies on it is known. */
  public boolean known() {
    return leftProduct != null;
  }

  /** Finds on it what the last visit left, as far as that is on record. */
  void find(SetNail last) {
    if (last.known()) {
      earlier = last.leftProduct;
      judge(
          new OldBuild(
              last.leftThickness,
              orEmpty(last.leftMeasured),
              OptionalDouble.empty(),
              last.leftTip));
    }
  }

  /**
   * @param reason null to leave the finger alone again
   */
  public void buildAnyway(String reason) {
    buildAnyway = reason;
  }

  /** Null for the advised one. */
  public void takeTip(TipNumber tip) {
    tipKit = tip == null ? null : tip.kit();
    tipNumber = tip == null ? null : tip.number();
  }

  /**
   * @param wanted null for the way ranked first
   */
  public void chooseMethod(BuildWay wanted) {
    way = wanted;
  }

  /**
   * @param own null for the set's
   */
  public void buildIn(Product own) {
    product = own == null ? null : own.code();
  }

  /** Takes over what was measured on the other; what was set by hand stays. */
  public void copyMeasuresOf(SetNail other, LocalDateTime at, String by) {
    for (Quantity quantity : Readings.OF_A_PLATE) {
      other.taken(quantity).ifPresent(value -> put(quantity, value.as(Taken.How.TWIN, at, by)));
    }
    plateCondition = other.plateCondition;
  }
}
