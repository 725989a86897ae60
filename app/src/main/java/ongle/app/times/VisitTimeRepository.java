package ongle.app.times;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What was foretold of appointments. */
interface VisitTimeRepository extends JpaRepository<VisitTime, Long> {
  /** The last first; nobody in particular is 0. */
  @Query("select v from VisitTime v where coalesce(v.technicianId, 0) = ?1 order by v.id desc")
  List<VisitTime> of(long technician, Limit limit);
}
