package ongle.app.times;

import java.util.List;
import ongle.core.bench.StepKind;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** How long steps took; those of nobody in particular under null. */
interface StepTimeRepository extends JpaRepository<StepTime, Long> {
  List<StepTime> findByTechnicianIdAndForgottenFalseOrderByIdDesc(
      @Nullable Long technicianId, Limit limit);

  List<StepTime> findByTechnicianIdAndKindAndForgottenFalse(
      @Nullable Long technicianId, StepKind kind);
}
