package ongle.app.times;

import java.util.List;
import ongle.core.bench.StepKind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** How long steps took. */
interface StepTimeRepository extends JpaRepository<StepTime, Long> {
  List<StepTime> findByForgottenFalseOrderByIdDesc(Limit limit);

  List<StepTime> findByKindAndForgottenFalse(StepKind kind);
}
