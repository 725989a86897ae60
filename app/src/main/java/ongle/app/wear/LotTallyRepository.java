package ongle.app.wear;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** How lots did, as stored. */
interface LotTallyRepository extends JpaRepository<LotTally, Long> {
  Optional<LotTally> findByMaterialAndNumber(String material, String number);

  List<LotTally> findAllByOrderByMaterialAscNumberAsc();
}
