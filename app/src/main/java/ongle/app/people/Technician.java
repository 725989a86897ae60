package ongle.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.UUID;

/** Somebody who works in the salon. */
@Entity
public class Technician {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private UUID formKey;
  private String name;
  private boolean putAway;

  protected Technician() {}

  Technician(UUID formKey, String name) {
    this.formKey = formKey;
    this.name = name;
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  void putAway(boolean away) {
    putAway = away;
  }
}
