package ongle.app.bench;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import ongle.core.bench.Event;
import org.hibernate.annotations.Immutable;

/** An event of an appointment as stored; places are counted, so that no two are the same one. */
@Entity
@Immutable
class BenchEvent {
  /** Longest reason or note. */
  static final int LONGEST = 300;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long setId;
  private int run;
  private int place;
  private long atMillis;

  @Enumerated(EnumType.STRING)
  private Event.Type type;

  private String step;

  @Column(name = "said")
  private String text;

  protected BenchEvent() {}

  BenchEvent(long setId, int run, int place, Event event) {
    this.setId = setId;
    this.run = run;
    this.place = place;
    atMillis = event.at().toEpochMilli();
    type = event.type();
    step = event.step();
    text = event.text().length() > LONGEST ? event.text().substring(0, LONGEST) : event.text();
  }

  int run() {
    return run;
  }

  Event event() {
    return new Event(Instant.ofEpochMilli(atMillis), type, step, text);
  }
}
