package ongle.app.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** What visits took. */
interface LotUseRepository extends JpaRepository<LotUse, Long> {
  boolean existsBySetIdAndRun(long setId, int run);

  List<LotUse> findBySetId(long setId);

  List<LotUse> findBySetIdAndRunOrderById(long setId, int run);
}
