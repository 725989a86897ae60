package ongle.app.kits;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Kits as stored. */
interface KitRepository extends JpaRepository<Kit, Long> {
  @Query("select distinct k from Kit k left join fetch k.sizes order by k.id")
  List<Kit> whole();

  @Query("select k from Kit k left join fetch k.sizes where k.id = :id")
  Optional<Kit> whole(long id);

  boolean existsByCode(String code);

  Optional<Kit> findByCode(String code);

  Optional<Kit> findByFormKey(UUID formKey);
}
