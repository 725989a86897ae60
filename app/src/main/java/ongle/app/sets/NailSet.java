package ongle.app.sets;

import jakarta.persistence.CascadeType;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ongle.app.salon.Salon;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Activity;
import ongle.core.plan.Remedy;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;
import ongle.core.wear.Wearing;

/** One set of ten nails for a client, from measuring to the sheet. */
@Entity
public class NailSet {
  /** What a new set begins with, by how its length is given. */
  private static final Map<LengthWish.Mode, Double> USUAL_LENGTH =
      Map.of(
          LengthWish.Mode.MILLIMETRES, 5.0,
          LengthWish.Mode.SLENDERNESS, 5.0,
          LengthWish.Mode.PLATE_SHARE, 50.0,
          LengthWish.Mode.COVER_FINGERTIP, 3.0,
          LengthWish.Mode.AS_GROWN, 0.0,
          LengthWish.Mode.SHORTENED, 2.0);

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

  private double lengthValue = USUAL_LENGTH.get(LengthWish.Mode.COVER_FINGERTIP);
  private String product = Product.HARD_GEL.code();

  @Enumerated(EnumType.STRING)
  private ApexSchool school = ApexSchool.THIRD;

  @Enumerated(EnumType.STRING)
  private CrossThickness across = CrossThickness.SALON;

  @Enumerated(EnumType.STRING)
  private UpperArch arch = UpperArch.OF_SHAPE;

  private int wearDays = Wearing.USUAL_DAYS;

  @ElementCollection
  @CollectionTable(name = "set_skipped_prep", joinColumns = @JoinColumn(name = "set_id"))
  @Column(name = "step")
  @Enumerated(EnumType.STRING)
  private Set<PrepStep> skipped = new HashSet<>();

  private Integer statePlace;
  private String kit;

  @Enumerated(EnumType.STRING)
  private Activity leftDoes = Activity.ORDINARY;

  @Enumerated(EnumType.STRING)
  private Activity rightDoes = Activity.ORDINARY;

  @Enumerated(EnumType.STRING)
  private TipsOrForms tipsOrForms = TipsOrForms.TIPS;

  @Enumerated(EnumType.STRING)
  private FreeHandOrForms bitten = FreeHandOrForms.FREE_HAND;

  @Enumerated(EnumType.STRING)
  private Barrel barrel = Barrel.CLOSED_FORM;

  private Long previousId;
  private String wishes;
  private String guardian;
  private String allergyHarmless;
  private LocalDateTime takenOutAt;
  private String bench;
  private String routine;

  @OneToMany(mappedBy = "set", cascade = CascadeType.ALL)
  @OrderBy("finger")
  private List<SetNail> nails = new ArrayList<>();

  protected NailSet() {}

  /**
   * @param formKey of the form it was begun with, so that a form sent twice begins one set
   */
  public NailSet(UUID formKey, long clientId, LocalDateTime createdAt, Salon salon) {
    this.formKey = formKey;
    this.clientId = clientId;
    this.createdAt = createdAt;
    tipsOrForms = salon.getTipsOrForms();
    bitten = salon.getBitten();
    barrel = salon.getBarrel();
    lengthMode = salon.getLengthMode();
    lengthValue = USUAL_LENGTH.get(lengthMode);
    school = salon.getApex();
    across = salon.getAcross();
    arch = salon.getArch();
    bench = salon.getBench();
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

  /** Code of the product it is built of. */
  public String getProduct() {
    return product;
  }

  public ApexSchool getSchool() {
    return school;
  }

  public CrossThickness getAcross() {
    return across;
  }

  public UpperArch getArch() {
    return arch;
  }

  /** Days from the build to the infill. */
  public int getWearDays() {
    return wearDays;
  }

  /** Steps of the preparation left out. */
  public Set<PrepStep> getSkipped() {
    return Collections.unmodifiableSet(skipped);
  }

  /** Which of its recorded states it stands at; 0 before anything was recorded. */
  public int getStatePlace() {
    return statePlace == null ? 0 : statePlace;
  }

  /** Code of the tip kit to lead it; null for the one with the least to file. */
  public String getKit() {
    return kit;
  }

  public Schools schools() {
    return new Schools(tipsOrForms, bitten, barrel);
  }

  public Barrel getBarrel() {
    return barrel;
  }

  public FreeHandOrForms getBitten() {
    return bitten;
  }

  /** The client's set before this one with measures on it; null if there is none. */
  public Long getPreviousId() {
    return previousId;
  }

  /** What the client wants, in words. */
  public String getWishes() {
    return wishes;
  }

  /** Who agreed for a minor; null if nobody did. */
  public String getGuardian() {
    return guardian;
  }

  /** Why the allergy on record is to nothing used here; null if that is not settled. */
  public String getAllergyHarmless() {
    return allergyHarmless;
  }

  /** When its tips and forms were taken from the stock; null if they were not. */
  public LocalDateTime getTakenOutAt() {
    return takenOutAt;
  }

  /** How it is carried out, as the bench writes it; null until somebody chose. */
  public String getBench() {
    return bench;
  }

  /** The salon's steps as they were when the visit began; null before that. */
  public String getRoutine() {
    return routine;
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

  /**
   * What has been measured so far, with estimates for the rest.
   *
   * @param lastVisit what was measured then; empty at the first
   */
  public Readings readings(Map<Finger, Map<Quantity, Double>> lastVisit) {
    return new Readings(measured(), lastVisit);
  }

  /** What was measured, by finger. */
  public Map<Finger, Map<Quantity, Double>> measured() {
    Map<Finger, Map<Quantity, Double>> measured = new EnumMap<>(Finger.class);
    nails.forEach(nail -> measured.put(nail.getFinger(), nail.measured()));
    return measured;
  }

  /** How many of the ten have a measured width. */
  public int measuredNails() {
    return (int) nails.stream().filter(nail -> nail.value(Quantity.WIDTH).isPresent()).count();
  }

  public void wear(LocalDate until) {
    wornUntil = until;
  }

  public void wishShape(NailShape wished) {
    shape = wished;
  }

  public void wishLength(LengthWish wished) {
    lengthMode = wished.mode();
    lengthValue = wished.value();
  }

  public void buildIn(Product wished) {
    product = wished.code();
  }

  public void placeApex(ApexSchool wished) {
    school = wished;
  }

  public void does(Hand hand, Activity activity) {
    if (hand == Hand.LEFT) {
      leftDoes = activity;
    } else {
      rightDoes = activity;
    }
  }

  public void prefer(TipsOrForms wished) {
    tipsOrForms = wished;
  }

  public void prefer(Barrel wished) {
    barrel = wished;
  }

  public void prefer(FreeHandOrForms wished) {
    bitten = wished;
  }

  /** Null for the kit with the least to file. */
  public void fitFrom(String tipKit) {
    kit = tipKit;
  }

  /**
   * Begins where the last visit ended: the same wish, the same look at the plates, the same hands'
   * work. Skin, consent and allergy are looked at anew.
   */
  public void goOnFrom(NailSet last) {
    previousId = last.id;
    shape = last.shape;
    lengthMode = last.lengthMode;
    lengthValue = last.lengthValue;
    product = last.product;
    bench = last.bench;
    leftDoes = last.leftDoes;
    rightDoes = last.rightDoes;
    wishes = last.wishes;
    for (SetNail nail : nails) {
      nail.look(last.nail(nail.getFinger()).getPlateCondition(), nail.getSkin());
    }
  }

  public void wish(String words) {
    wishes = words;
  }

  public void agreed(String who) {
    guardian = who;
  }

  public void settleAllergy(String why) {
    allergyHarmless = why;
  }

  public void takenOut(LocalDateTime at) {
    takenOutAt = at;
  }

  public void carryOut(String how) {
    bench = how;
  }

  public void workBy(String steps) {
    routine = steps;
  }

  public void spread(CrossThickness wished) {
    across = wished;
  }

  public void archAs(UpperArch wished) {
    arch = wished;
  }

  public void lastFor(int days) {
    wearDays = days;
  }

  public void leaveOut(Set<PrepStep> steps) {
    skipped.clear();
    skipped.addAll(steps);
  }

  /** Does what a remedy for one finger asks. */
  public void apply(Finger finger, Remedy remedy, LocalDateTime at) {
    SetNail nail = nail(finger);
    if (remedy.thicknessToPlan()) {
      nail.clear(Quantity.APEX_THICKNESS);
    }
    remedy.changes().forEach(change -> apply(nail, change, at));
  }

  private void apply(SetNail nail, Remedy.Change change, LocalDateTime at) {
    if (change instanceof Remedy.Shorten shorten) {
      nail.byHand(Quantity.EXTENSION, shorten.extension(), at);
    } else if (change instanceof Remedy.DeepenBarrel deepen) {
      nail.byHand(Quantity.BARREL_DEPTH, deepen.percent(), at);
    } else if (change instanceof Remedy.OtherProduct other) {
      if (nail.getProduct() != null) {
        nail.buildIn(other.product());
      } else {
        buildIn(other.product());
      }
    } else if (change instanceof Remedy.SoonerInfill sooner) {
      lastFor(sooner.days());
    } else if (change instanceof Remedy.OtherShape other) {
      wishShape(other.shape());
    } else if (change instanceof Remedy.PrepareFully) {
      leaveOut(Set.of());
    }
  }

  public void standAt(int place) {
    statePlace = place;
  }

  /** Takes over everything that was chosen once; what was measured and found stays. */
  public void choose(Choices choices, LocalDateTime at) {
    shape = choices.shape();
    wishLength(choices.lengthWish());
    product = choices.product();
    school = choices.apex();
    arch = choices.arch();
    across = choices.across();
    wearDays = choices.wearDays();
    leaveOut(choices.skipped());
    kit = choices.kit();
    tipsOrForms = choices.tipsOrForms();
    bitten = choices.bitten();
    barrel = choices.barrelSchool();
    choices.nails().forEach((finger, chosen) -> nail(finger).adjust(chosen, at));
  }
}
