package ongle.app.today;

import java.time.Duration;
import java.time.LocalDate;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import ongle.app.words.Words;

/** Appointments and due infills as iCalendar (RFC 5545), in the salon's own time of day. */
final class CalendarFile {
  private final Calendar calendar = new Calendar();

  CalendarFile() {
    calendar.add(new ProdId("-//Ongle//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
  }

  /**
   * @param minutes how long it takes
   */
  void appointment(Appointment at, String client, int minutes) {
    VEvent event =
        new VEvent(at.getStartsAt(), Duration.ofMinutes(minutes), client + ": " + at.getPurpose());
    event.add(new Uid("appointment-" + at.getId() + "@ongle"));
    calendar.add(event);
  }

  /** An infill falling due, all day. */
  void infill(long set, LocalDate day, String client, String why) {
    VEvent event = new VEvent(day, Words.say("today.infill-due", "client", client));
    event.add(new Uid("infill-" + set + "@ongle"));
    event.add(new Description(why));
    calendar.add(event);
  }

  String text() {
    return calendar.toString();
  }
}
