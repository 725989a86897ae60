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

  private static final int LONGEST_WORDS = 80;
  private static final int LONGEST_REMARK = 400;

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

  private String title;
  private String doneOn;
  private String remark;

  protected BenchEvent() {}

  BenchEvent(long setId, int run, int place, Noted noted) {
    Event event = noted.event();
    this.setId = setId;
    this.run = run;
    this.place = place;
    atMillis = event.at().toEpochMilli();
    type = event.type();
    step = event.step();
    text = cut(event.text(), LONGEST);
    title = cut(noted.title(), LONGEST_WORDS);
    doneOn = cut(noted.where(), LONGEST_WORDS);
    remark = cut(noted.remark(), LONGEST_REMARK);
  }

  private static String cut(String words, int longest) {
    return words.length() > longest ? words.substring(0, longest) : words;
  }

  int run() {
    return run;
  }

  Noted noted() {
    return new Noted(
        new Event(Instant.ofEpochMilli(atMillis), type, step, text), title, doneOn, remark);
  }
}
