package ongle.app.clients;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import ongle.core.wear.LoadFactor;

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
  private double loadMean = 1;
  private double loadLow = 1;
  private double loadHigh = 1;
  private int loadNails;
  private boolean loadPutBack;

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

  /** What was learned that these hands ask of their nails against the usual. */
  public double getLoadMean() {
    return loadMean;
  }

  /** A tenth lies below. */
  public double getLoadLow() {
    return loadLow;
  }

  /** A tenth lies above. */
  public double getLoadHigh() {
    return loadHigh;
  }

  /** From how many nails of how many visits. */
  public int getLoadNails() {
    return loadNails;
  }

  /** Whether the technician put it back to the usual. */
  public boolean isLoadPutBack() {
    return loadPutBack;
  }

  /** What everyday loads are multiplied by for these hands. */
  public double load() {
    return loadPutBack || loadNails < LoadFactor.ENOUGH ? 1 : loadMean;
  }

  public void learnLoad(LoadFactor learned) {
    loadMean = learned.mean();
    loadLow = learned.low();
    loadHigh = learned.high();
    loadNails = learned.nails();
  }

  public void putLoadBack(boolean back) {
    loadPutBack = back;
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
