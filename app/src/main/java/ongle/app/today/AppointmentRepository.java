package ongle.app.today;

import java.time.LocalDateTime;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Appointments as stored. */
public interface AppointmentRepository extends JpaRepository<Appointment, Long> {
  List<Appointment> findByStartsAtAfterOrderByStartsAt(LocalDateTime from);

  List<Appointment> findBySetIdOrderByStartsAt(long setId);

  List<Appointment> findByStartsAtBetweenOrderByStartsAt(LocalDateTime from, LocalDateTime to);
}
