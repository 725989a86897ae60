package ongle.app.lamps;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The lamps as stored. */
interface LampRepository extends JpaRepository<StoredLamp, Long> {
  Optional<StoredLamp> findByCode(String code);

  Optional<StoredLamp> findByFormKey(UUID formKey);

  List<StoredLamp> findAllByOrderById();
}
