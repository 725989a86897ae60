package ongle.app.clients;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;

/** Somebody whose nails are done here. */
@Entity
public class Client {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String name;
  private String phone;
  private String handsDo;
  private String notes;
  private String allergy;
  private boolean minor;
  private boolean feelsHeat;

  @Embedded
  @AttributeOverride(name = "mean", column = @Column(name = "load_mean"))
  @AttributeOverride(name = "low", column = @Column(name = "load_low"))
  @AttributeOverride(name = "high", column = @Column(name = "load_high"))
  @AttributeOverride(name = "nails", column = @Column(name = "load_nails"))
  @AttributeOverride(name = "putBack", column = @Column(name = "load_put_back"))
  private LearnedFactor load = LearnedFactor.usual();

  @Embedded
  @AttributeOverride(name = "mean", column = @Column(name = "plates_mean"))
  @AttributeOverride(name = "low", column = @Column(name = "plates_low"))
  @AttributeOverride(name = "high", column = @Column(name = "plates_high"))
  @AttributeOverride(name = "nails", column = @Column(name = "plates_nails"))
  @AttributeOverride(name = "putBack", column = @Column(name = "plates_put_back"))
  private LearnedFactor plates = LearnedFactor.usual();

  private boolean growthPutBack;

  protected Client() {}

  /**
   * @param formKey of the form it was entered in, so that a form sent twice makes one client
   */
  public Client(UUID formKey, String name) {
    this.formKey = formKey;
    this.name = name;
  }

  public Long getId() {
    return id;
  }

  public int getVersion() {
    return version;
  }

  public String getName() {
    return name;
  }

  public String getPhone() {
    return phone;
  }

  /** What the hands do all day. */
  public String getHandsDo() {
    return handsDo;
  }

  public String getNotes() {
    return notes;
  }

  /** Known allergies; anything here is shown as a caution. */
  public String getAllergy() {
    return allergy;
  }

  public boolean isMinor() {
    return minor;
  }

  /** Whether the heat in the lamp is felt sooner than by others. */
  public boolean feelsHeat() {
    return feelsHeat;
  }

  public void feelHeat(boolean feels) {
    feelsHeat = feels;
  }

  /** What these hands ask of their nails against the usual. */
  public LearnedFactor load() {
    return load;
  }

  /** What these plates ask of the hold on them against the usual. */
  public LearnedFactor plates() {
    return plates;
  }

  /** Whether plans reckon with the usual growth, whatever was measured. */
  public boolean isGrowthPutBack() {
    return growthPutBack;
  }

  public void putGrowthBack(boolean back) {
    growthPutBack = back;
  }

  public void describe(
      String newName,
      String newPhone,
      String newHandsDo,
      String newNotes,
      String newAllergy,
      boolean nowMinor) {
    name = newName;
    phone = newPhone;
    handsDo = newHandsDo;
    notes = newNotes;
    allergy = newAllergy;
    minor = nowMinor;
  }
}
