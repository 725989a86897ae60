package ongle.app.sets;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Embedded;
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
import java.util.Set;
import java.util.UUID;
import ongle.app.salon.Salon;
import ongle.core.check.AsBuilt;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.plan.Activity;
import ongle.core.plan.Remedy;

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

  @Embedded private SetChoices choices;
  private Integer statePlace;

  @Enumerated(EnumType.STRING)
  private Activity leftDoes = Activity.ORDINARY;

  @Enumerated(EnumType.STRING)
  private Activity rightDoes = Activity.ORDINARY;

  private Long previousId;
  private String wishes;
  private String guardian;
  private String allergyHarmless;
  private LocalDateTime takenOutAt;
  private String bench;
  private String routine;
  private String lessons;

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
    choices = new SetChoices(salon);
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

  /** What was chosen for all ten; changed in place. */
  public SetChoices choices() {
    return choices;
  }

  /** Which of its recorded states it stands at; 0 before anything was recorded. */
  public int getStatePlace() {
    return statePlace == null ? 0 : statePlace;
  }

  /** The client's set before this one with measures on it; null if there is none. */
  public Long getPreviousId() {
    return previousId;
  }

  /** What is done otherwise on it because of what happened to the set before. */
  public List<Lesson> getLessons() {
    return Lesson.read(lessons);
  }

  /** Takes these over, in place of what was taken over before. */
  public void learn(List<Lesson> taken) {
    lessons = Lesson.write(taken);
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

  public void does(Hand hand, Activity activity) {
    if (hand == Hand.LEFT) {
      leftDoes = activity;
    } else {
      rightDoes = activity;
    }
  }

  /**
   * Begins where the last visit ended: the same wish, the same look at the plates, the same hands'
   * work, and on the nails what it left there. Skin, consent and allergy are looked at anew.
   */
  public void goOnFrom(NailSet last) {
    previousId = last.id;
    choices.wishAgain(last.choices);
    bench = last.bench;
    leftDoes = last.leftDoes;
    rightDoes = last.rightDoes;
    wishes = last.wishes;
    for (SetNail nail : nails) {
      nail.look(last.nail(nail.getFinger()).getPlateCondition(), nail.getSkin());
      nail.find(last.nail(nail.getFinger()));
    }
  }

  /** What was measured of the finished nails, as far as it was. */
  public Map<Finger, Map<Quantity, Double>> built() {
    Map<Finger, Map<Quantity, Double>> built = new EnumMap<>(Finger.class);
    for (SetNail nail : nails) {
      Map<Quantity, Double> of = new EnumMap<>(Quantity.class);
      AsBuilt.QUANTITIES.forEach(
          quantity -> nail.value(quantity).ifPresent(value -> of.put(quantity, value)));
      built.put(nail.getFinger(), of);
    }
    return built;
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
        choices.product(other.product());
      }
    } else if (change instanceof Remedy.SoonerInfill sooner) {
      choices.wearDays(sooner.days());
    } else if (change instanceof Remedy.OtherShape other) {
      choices.shape(other.shape());
    } else if (change instanceof Remedy.PrepareFully) {
      choices.skip(Set.of());
    }
  }

  public void standAt(int place) {
    statePlace = place;
  }

  /** Takes over everything that was chosen once; what was measured and found stays. */
  public void choose(Choices chosen, LocalDateTime at) {
    choices = chosen.ofSet().copy();
    chosen.nails().forEach((finger, ofNail) -> nail(finger).adjust(ofNail, at));
  }
}
