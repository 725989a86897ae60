package ongle.app.check;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** What the eye found. */
interface LookFoundRepository extends JpaRepository<LookFound, Long> {
  List<LookFound> findBySetId(long setId);
}
