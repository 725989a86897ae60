package ongle.app.times;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** What was foretold of appointments. */
interface VisitTimeRepository extends JpaRepository<VisitTime, Long> {
  List<VisitTime> findByTechnicianIdOrderByIdDesc(@Nullable Long technicianId, Limit limit);
}
