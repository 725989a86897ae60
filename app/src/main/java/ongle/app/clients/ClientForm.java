package ongle.app.clients;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import ongle.app.people.Present;
import ongle.app.people.Right;

/** What can be typed about a client, with the message each field gives when it cannot be taken. */
public class ClientForm {
  private UUID formKey = UUID.randomUUID();
  private Integer version;

  @NotBlank(message = "clients.name.needed")
  @Size(max = 80, message = "clients.name.longest")
  private String name = "";

  @Pattern(regexp = "[0-9 +()/.-]{0,40}", message = "clients.phone.wanted")
  private String phone = "";

  @Size(max = 200, message = "clients.hands.longest")
  private String handsDo = "";

  @Size(max = 1000, message = "clients.notes.longest")
  private String notes = "";

  @Size(max = 200, message = "clients.allergy.longest")
  private String allergy = "";

  private boolean minor;
  private boolean feelsHeat;

  static ClientForm of(Client client) {
    ClientForm form = new ClientForm();
    form.version = client.getVersion();
    form.name = client.getName();
    form.phone = orEmpty(client.getPhone());
    if (!Present.may(Right.HANDS)) {
      return form;
    }
    form.handsDo = orEmpty(client.getHandsDo());
    form.notes = orEmpty(client.getNotes());
    form.allergy = orEmpty(client.getAllergy());
    form.minor = client.isMinor();
    form.feelsHeat = client.feelsHeat();
    return form;
  }

  /** Who may not see what is known of the hands changes nothing of it. */
  void writeTo(Client client) {
    if (!Present.may(Right.HANDS)) {
      client.describe(
          name.strip(),
          orNull(phone),
          client.getHandsDo(),
          client.getNotes(),
          client.getAllergy(),
          client.isMinor());
      return;
    }
    client.describe(
        name.strip(), orNull(phone), orNull(handsDo), orNull(notes), orNull(allergy), minor);
    client.feelHeat(feelsHeat);
  }

  private static String orEmpty(String text) {
    return text == null ? "" : text;
  }

  private static String orNull(String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }

  public UUID getFormKey() {
    return formKey == null ? UUID.randomUUID() : formKey;
  }

  public void setFormKey(UUID formKey) {
    this.formKey = formKey;
  }

  public Integer getVersion() {
    return version;
  }

  public void setVersion(Integer version) {
    this.version = version;
  }

  public String getName() {
    return name;
  }

  public void setName(String name) {
    this.name = name;
  }

  public String getPhone() {
    return phone;
  }

  public void setPhone(String phone) {
    this.phone = phone;
  }

  public String getHandsDo() {
    return handsDo;
  }

  public void setHandsDo(String handsDo) {
    this.handsDo = handsDo;
  }

  public String getNotes() {
    return notes;
  }

  public void setNotes(String notes) {
    this.notes = notes;
  }

  public String getAllergy() {
    return allergy;
  }

  public void setAllergy(String allergy) {
    this.allergy = allergy;
  }

  public boolean isMinor() {
    return minor;
  }

  public void setMinor(boolean minor) {
    this.minor = minor;
  }

  public boolean isFeelsHeat() {
    return feelsHeat;
  }

  public void setFeelsHeat(boolean feelsHeat) {
    this.feelsHeat = feelsHeat;
  }
}
