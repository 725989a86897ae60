package ongle.app.door;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDateTime;

/** A program that may ask the plan service. */
@Entity
public class Program {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String hash;
  private String letInBy;
  private LocalDateTime letInAt;
  private boolean gone;

  protected Program() {}

  Program(String name, String hash, String by, LocalDateTime at) {
    this.name = name;
    this.hash = hash;
    letInBy = by;
    letInAt = at;
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  public String getLetInBy() {
    return letInBy;
  }

  public LocalDateTime getLetInAt() {
    return letInAt;
  }

  void shutOut() {
    gone = true;
  }
}
