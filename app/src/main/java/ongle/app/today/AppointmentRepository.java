package ongle.app.today;

import java.time.LocalDateTime;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Appointments as stored. */
public interface AppointmentRepository extends JpaRepository<Appointment, Long> {
  List<Appointment> findByStartsAtGreaterThanEqualOrderByStartsAt(LocalDateTime from);

  List<Appointment> findBySetIdOrderByStartsAt(long setId);

  /** Those that begin from one time on and before another, in order. */
  @Query(
      "select a from Appointment a where a.startsAt >= :from and a.startsAt < :before"
          + " order by a.startsAt")
  List<Appointment> beginning(LocalDateTime from, LocalDateTime before);
}
