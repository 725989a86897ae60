package ongle.app.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Who works in the salon. */
interface TechnicianRepository extends JpaRepository<Technician, Long> {
  List<Technician> findByPutAwayFalseOrderByName();

  Optional<Technician> findByFormKey(UUID formKey);
}
