package ongle.app.layers;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The salon's own bottles. */
interface CoatRepository extends JpaRepository<StoredCoat, Long> {
  List<StoredCoat> findAllByOrderById();

  Optional<StoredCoat> findByCode(String code);

  Optional<StoredCoat> findByFormKey(UUID formKey);
}
