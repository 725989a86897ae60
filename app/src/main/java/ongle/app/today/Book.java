package ongle.app.today;

import java.util.Optional;
import java.util.OptionalInt;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The book of appointments, held against what the bench plans. */
@Service
class Book {
  private final AppointmentRepository appointments;
  private final VisitPlanner visits;

  Book(AppointmentRepository appointments, VisitPlanner visits) {
    this.appointments = appointments;
    this.visits = visits;
  }

  /**
   * An appointment's length.
   *
   * @param minutes as the bench plans it
   * @param booked as it stands in the book
   * @param runsInto the appointment it would run into; empty for none
   */
  record Length(long appointment, int minutes, int booked, Optional<Appointment> runsInto) {
    /** Minutes more than booked; minus for less. */
    int over() {
      return minutes - booked;
    }
  }

  /** Empty when there is no set planned for it or the set cannot be carried out. */
  @Transactional(readOnly = true)
  public Optional<Length> length(long id) {
    Appointment at = appointment(id);
    OptionalInt minutes =
        at.getSetId() == null
            ? OptionalInt.empty()
            : Present.asHouse(() -> visits.of(at.getSetId())).plan().minutesToBook();
    return minutes.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Length(id, minutes.getAsInt(), at.getMinutes(), runsInto(at, minutes.getAsInt())));
  }

  private Optional<Appointment> runsInto(Appointment at, int minutes) {
    return appointments.beginning(at.getStartsAt(), at.getStartsAt().plusMinutes(minutes)).stream()
        .filter(other -> !other.getId().equals(at.getId()))
        .findFirst();
  }

  /** Books an appointment for as long as the bench plans. */
  @Needs(Right.BOOK)
  @Transactional
  public void bookAsPlanned(long id) {
    length(id).ifPresent(length -> appointment(id).last(length.minutes()));
  }

  private Appointment appointment(long id) {
    return appointments.findById(id).orElseThrow(() -> new NotFound("appointment " + id));
  }
}
