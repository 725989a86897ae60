package ongle.app.products;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The salon's own products. */
interface ProductRepository extends JpaRepository<StoredProduct, Long> {
  List<StoredProduct> findAllByOrderById();

  Optional<StoredProduct> findByCode(String code);

  Optional<StoredProduct> findByFormKey(UUID formKey);
}
