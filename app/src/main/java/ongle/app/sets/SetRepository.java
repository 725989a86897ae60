package ongle.app.sets;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Sets as stored. */
public interface SetRepository extends JpaRepository<NailSet, Long> {
  Optional<NailSet> findByFormKey(UUID formKey);

  @Query("select s from NailSet s left join fetch s.nails where s.id = :id")
  Optional<NailSet> whole(long id);

  List<NailSet> findByClientIdOrderByCreatedAtDescIdDesc(long clientId);

  @Query(
      "select distinct s from NailSet s left join fetch s.nails where s.clientId = :clientId order by s.createdAt, s.id")
  List<NailSet> wholeOf(long clientId);

  List<NailSet> findByWornUntilNotNullOrderByWornUntil();
}
