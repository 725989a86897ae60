package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import ongle.core.bench.Event;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is read afterwards, told from what was pressed and nothing else. */
class VisitRecordTest {
  private static final Instant NINE = Instant.parse("2026-03-10T09:00:00Z");

  private final List<Noted> noted = new ArrayList<>();
  private int minutes;

  @BeforeEach
  void begin() {
    noted.add(Noted.beginning(Event.of(NINE, Event.Type.BEGIN, ""), "Left out: dusted off."));
  }

  private void happens(Event.Type type, String step, String text, String remark) {
    minutes += 5;
    noted.add(
        new Noted(
            new Event(NINE.plusSeconds(60L * minutes), type, step, text),
            step.isEmpty() ? "" : "Step " + step,
            step.isEmpty() ? "" : "left hand",
            remark));
  }

  private VisitRecord record() {
    return VisitRecord.of(noted, ZoneOffset.UTC);
  }

  private VisitRecord.Row last() {
    List<VisitRecord.Row> rows = record().rows();
    return rows.get(rows.size() - 1);
  }

  @Test
  void itSaysWhenWhatWhereAndWithWhich() {
    happens(Event.Type.DONE, "PRIME", "PR-0219", "");

    assertThat(record().day()).isEqualTo("10 March 2026");
    assertThat(record().from()).isEqualTo("09:00");
    assertThat(record().rows().get(0).remark()).isEqualTo("Left out: dusted off.");
    assertThat(record().length()).isEqualTo("5 min");
    assertThat(last())
        .isEqualTo(new VisitRecord.Row("09:05", "Step PRIME", "left hand", "lot PR-0219", ""));
    assertThat(record().toKnow()).isEmpty();
  }

  @Test
  void whatALaterFailureMayComeFromIsCounted() {
    happens(Event.Type.SKIPPED, "DUST", "no brush", "");
    happens(Event.Type.SKIPPED, "PRIME", "client asked", "");
    happens(Event.Type.DONE, "PINCH", "", "outside its time");
    happens(Event.Type.SKIN, "BEAD", "", "");
    happens(Event.Type.HEAT, "CURE", "", "");

    assertThat(record().toKnow())
        .containsExactly(
            "2 skipped",
            "1 late or outside their time",
            "1 × product on skin",
            "1 × heat in the lamp");
  }

  @Test
  void whatWasTakenBackDoesNotCountAndIsStillTold() {
    happens(Event.Type.SKIPPED, "DUST", "no brush", "");
    happens(Event.Type.BACK, "DUST", "", "");
    assertThat(last().remark()).isEqualTo("taken back");
    happens(Event.Type.DONE, "DUST", "", "");

    assertThat(record().toKnow()).isEmpty();
    assertThat(record().rows()).extracting(VisitRecord.Row::remark).contains("skipped: no brush.");
  }

  @Test
  void everyKindOfEventReads() {
    happens(Event.Type.NOTE, "", "left thumb is sore", "");
    assertThat(last().title()).isEqualTo("Note: left thumb is sore");
    happens(Event.Type.PAUSED, "", "", "");
    assertThat(last().title()).isEqualTo("Paused");
    happens(Event.Type.RESUMED, "", "", "");
    assertThat(last().title()).isEqualTo("Resumed");
    happens(Event.Type.STARTED, "CURE", "", "");
    assertThat(last().title()).isEqualTo("Step CURE");
    int told = record().rows().size();
    happens(Event.Type.FIRST, "SHINE", "", "");
    assertThat(record().rows()).as("an order is no event of the nails").hasSize(told);
  }
}
