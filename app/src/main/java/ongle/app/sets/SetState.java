package ongle.app.sets;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDateTime;
import ongle.app.words.Words;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What was chosen for a set at one time: a step on the way there and back, or a named version. */
@Entity
public class SetState {
  /** Longest name of a version. */
  public static final int LONGEST_NAME = 60;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long setId;
  private Integer place;
  private String name;
  private String what;
  private LocalDateTime madeAt;

  @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
  private String choices;

  protected SetState() {}

  private SetState(
      long setId, Integer place, String name, String what, LocalDateTime madeAt, String choices) {
    this.setId = setId;
    this.place = place;
    this.name = name;
    this.what = what;
    this.madeAt = madeAt;
    this.choices = choices;
  }

  public static SetState step(
      long setId, int place, String what, LocalDateTime at, String choices) {
    return new SetState(setId, place, null, what, at, choices);
  }

  public static SetState version(long setId, String name, LocalDateTime at, String choices) {
    return new SetState(setId, null, name, Words.say("sets.kept-as", "name", name), at, choices);
  }

  public Long getId() {
    return id;
  }

  public Long getSetId() {
    return setId;
  }

  /** Whether it is the step at that place on the way; a version is at none. */
  public boolean isAt(int wanted) {
    return place != null && place == wanted;
  }

  /** Its name, if it is a version. */
  public String getName() {
    return name;
  }

  /** What was done to get there. */
  public String getWhat() {
    return what;
  }

  public LocalDateTime getMadeAt() {
    return madeAt;
  }

  public String getChoices() {
    return choices;
  }
}
