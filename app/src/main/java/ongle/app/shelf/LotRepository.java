package ongle.app.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Lots as stored. */
interface LotRepository extends JpaRepository<StoredLot, Long> {
  Optional<StoredLot> findByFormKey(UUID formKey);

  List<StoredLot> findAllByOrderById();
}
