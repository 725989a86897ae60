package ongle.app.door;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Programs that may ask the plan service. */
interface ProgramRepository extends JpaRepository<Program, Long> {
  List<Program> findByGoneFalseOrderById();

  Optional<Program> findByHashAndGoneFalse(String hash);
}
