package ongle.app.bench;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** What happened at the bench. */
interface BenchEventRepository extends JpaRepository<BenchEvent, Long> {
  boolean existsBySetId(long setId);

  List<BenchEvent> findBySetIdOrderByRunAscPlaceAsc(long setId);
}
