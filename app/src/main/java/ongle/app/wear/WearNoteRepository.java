package ongle.app.wear;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What was seen of worn nails, as stored. */
interface WearNoteRepository extends JpaRepository<WearNote, Long> {
  /** All that is known of worn nails, added up where they are alike. */
  @Query(
      "select new ongle.app.wear.Seen(cast(least(9, floor(10 * n.foretold)) as Integer), n.product,"
          + " n.shape, n.way, n.technician, n.leftOut, n.beyond, count(*),"
          + " sum(case when n.kind is null then 0 else 1 end),"
          + " sum(case when n.kind in (CRACK, BREAK) then 1 else 0 end),"
          + " sum(greatest(1, n.days)), sum(n.foretold)) from WearNote n where n.counts = true"
          + " group by cast(least(9, floor(10 * n.foretold)) as Integer), n.product, n.shape, n.way,"
          + " n.technician, n.leftOut, n.beyond")
  List<Seen> counted();

  /** Told by phone of sets that are still worn, the last first. */
  @Query(
      "select n from WearNote n join NailSet s on s.id = n.setId where n.told = true"
          + " and s.wornUntil is not null order by n.seenOn desc, n.id desc")
  List<WearNote> told();

  @Query(
      "select n from WearNote n, NailSet s where n.setId = s.id and s.clientId = :clientId"
          + " order by n.seenOn, n.id")
  List<WearNote> ofClient(long clientId);

  List<WearNote> findBySetIdOrderBySeenOnAscIdAsc(long setId);
}
