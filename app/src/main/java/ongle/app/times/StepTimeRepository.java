package ongle.app.times;

import java.util.List;
import ongle.core.bench.StepKind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** How long steps took. Nobody in particular is 0: a query made ahead of time knows no null. */
interface StepTimeRepository extends JpaRepository<StepTime, Long> {
  @Query(
      "select s from StepTime s where coalesce(s.technicianId, 0) = ?1 and s.forgotten = false"
          + " order by s.id desc")
  List<StepTime> of(long technician, Limit limit);

  @Query(
      "select s from StepTime s where coalesce(s.technicianId, 0) = ?1 and s.kind = ?2"
          + " and s.forgotten = false")
  List<StepTime> of(long technician, StepKind kind);
}
