package ongle.app.sets;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Sets as stored. */
public interface SetRepository extends JpaRepository<NailSet, Long> {
  Optional<NailSet> findByFormKey(UUID formKey);

  @Query("select s from NailSet s left join fetch s.nails where s.id = :id")
  Optional<NailSet> whole(long id);

  @Query(
      "select new ongle.app.sets.Written(s.id, s.version, sum(n.version)) from NailSet s"
          + " join s.nails n where s.id = :id group by s.id, s.version")
  Optional<Written> written(long id);

  List<NailSet> findByClientIdOrderByCreatedAtDescIdDesc(long clientId);

  @Query(
      "select distinct s from NailSet s left join fetch s.nails where s.clientId = :clientId order by s.createdAt, s.id")
  List<NailSet> wholeOf(long clientId);

  List<NailSet> findByWornUntilNotNullOrderByWornUntil();

  List<NailSet> findByClientIdAndWornUntilNotNull(long clientId);

  Optional<NailSet> findFirstByPreviousIdOrderByCreatedAtAscIdAsc(long previousId);

  /** The client's sets with anything measured, the last first. */
  @Query(
      "select s.id from NailSet s where s.clientId = :clientId and exists (select 1 from s.nails n"
          + " join n.values v where key(v) = ongle.core.nail.Quantity.WIDTH)"
          + " order by s.createdAt desc, s.id desc")
  List<Long> measured(long clientId, Limit most);

  /** How many nails of each of these sets have a measured width: set, count. */
  @Query(
      "select s.id, count(n) from NailSet s join s.nails n join n.values v where s.id in :setIds"
          + " and key(v) = ongle.core.nail.Quantity.WIDTH group by s.id")
  List<Object[]> measuredNails(Collection<Long> setIds);

  /** How many nails of each of a client's sets have a measured width: set, count. */
  @Query(
      "select s.id, count(n) from NailSet s join s.nails n join n.values v where s.clientId ="
          + " :clientId and key(v) = ongle.core.nail.Quantity.WIDTH group by s.id")
  List<Object[]> measuredNails(long clientId);

  /** Every plate length measured on a client's nails, the oldest first. */
  @Query(
      "select new ongle.app.sets.PlateLength(s.id, s.createdAt, n.finger, v.amount) from NailSet s"
          + " join s.nails n join n.values v where s.clientId = :clientId"
          + " and key(v) = ongle.core.nail.Quantity.PLATE_LENGTH order by s.createdAt, s.id")
  List<PlateLength> plateLengths(long clientId);

  /** Regrowth measured on a client's nails until then. */
  @Query(
      "select new ongle.app.sets.Regrowth(n.finger, p.createdAt, s.createdAt, v.amount)"
          + " from NailSet s join NailSet p on p.id = s.previousId join s.nails n join n.values v"
          + " where s.clientId = :clientId and s.createdAt <= :until"
          + " and key(v) = ongle.core.nail.Quantity.REGROWTH order by s.createdAt, n.finger")
  List<Regrowth> regrowth(long clientId, LocalDateTime until);
}
