package ongle.app.sets;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Activity;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;

/** One set of ten nails for a client, from measuring to the sheet. */
@Entity
public class NailSet {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private Long clientId;
  private LocalDateTime createdAt;
  private LocalDate wornUntil;

  @Enumerated(EnumType.STRING)
  private NailShape shape = NailShape.SOFT_SQUARE;

  @Enumerated(EnumType.STRING)
  private LengthWish.Mode lengthMode = LengthWish.Mode.COVER_FINGERTIP;

  private double lengthValue = 3;
  private String product = Product.HARD_GEL.code();

  @Enumerated(EnumType.STRING)
  private ApexSchool school = ApexSchool.THIRD;

  @Enumerated(EnumType.STRING)
  private CrossThickness across = CrossThickness.SALON;

  private String kit;

  @Enumerated(EnumType.STRING)
  private Activity leftDoes = Activity.ORDINARY;

  @Enumerated(EnumType.STRING)
  private Activity rightDoes = Activity.ORDINARY;

  @Enumerated(EnumType.STRING)
  private TipsOrForms tipsOrForms = TipsOrForms.TIPS;

  @OneToMany(mappedBy = "set", cascade = CascadeType.ALL)
  @OrderBy("finger")
  private List<SetNail> nails = new ArrayList<>();

  protected NailSet() {}

  /**
   * @param formKey of the form it was begun with, so that a form sent twice begins one set
   */
  public NailSet(UUID formKey, long clientId, LocalDateTime createdAt, String kit) {
    this.formKey = formKey;
    this.clientId = clientId;
    this.createdAt = createdAt;
    this.kit = kit;
    for (Finger finger : Finger.values()) {
      nails.add(new SetNail(this, finger));
    }
  }

  public Long getId() {
    return id;
  }

  public Long getClientId() {
    return clientId;
  }

  public LocalDateTime getCreatedAt() {
    return createdAt;
  }

  /** The day it is due for an infill, once it has been built. */
  public LocalDate getWornUntil() {
    return wornUntil;
  }

  public NailShape getShape() {
    return shape;
  }

  public LengthWish length() {
    return new LengthWish(lengthMode, lengthValue);
  }

  public Product product() {
    return Product.ofCode(product)
        .orElseThrow(() -> new IllegalStateException("unknown product " + product));
  }

  public ApexSchool getSchool() {
    return school;
  }

  public CrossThickness getAcross() {
    return across;
  }

  public String getKit() {
    return kit;
  }

  /** What this hand does all day. */
  public Activity activity(Hand hand) {
    return hand == Hand.LEFT ? leftDoes : rightDoes;
  }

  public TipsOrForms getTipsOrForms() {
    return tipsOrForms;
  }

  public List<SetNail> getNails() {
    return Collections.unmodifiableList(nails);
  }

  public SetNail nail(Finger finger) {
    return nails.stream().filter(nail -> nail.getFinger() == finger).findFirst().orElseThrow();
  }

  /** What has been measured so far, with estimates for the rest. */
  public Readings readings() {
    Map<Finger, Map<Quantity, Double>> measured = new EnumMap<>(Finger.class);
    nails.forEach(nail -> measured.put(nail.getFinger(), nail.measured()));
    return new Readings(measured);
  }

  /** How many of the ten have a measured width. */
  public int measuredNails() {
    return (int) nails.stream().filter(nail -> nail.value(Quantity.WIDTH).isPresent()).count();
  }

  void wear(LocalDate until) {
    wornUntil = until;
  }

  void wishShape(NailShape wished) {
    shape = wished;
  }

  void wishLength(LengthWish wished) {
    lengthMode = wished.mode();
    lengthValue = wished.value();
  }

  void buildIn(Product wished) {
    product = wished.code();
  }

  void placeApex(ApexSchool wished) {
    school = wished;
  }

  void does(Hand hand, Activity activity) {
    if (hand == Hand.LEFT) {
      leftDoes = activity;
    } else {
      rightDoes = activity;
    }
  }

  void prefer(TipsOrForms wished) {
    tipsOrForms = wished;
  }

  void spread(CrossThickness wished) {
    across = wished;
  }
}
