package ongle.app.check;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** How often sets were measured after they were built. */
interface CheckRoundRepository extends JpaRepository<CheckRound, Long> {
  List<CheckRound> findBySetIdOrderByNumber(long setId);
}
