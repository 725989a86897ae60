package ongle.app.wear;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What was seen of worn nails, as stored. */
interface WearNoteRepository extends JpaRepository<WearNote, Long> {
  @Query(
      "select new ongle.app.wear.Seen(n.setId, n.finger, n.kind, n.days, n.foretold, n.product,"
          + " n.shape, n.way, n.technician, n.leftOut) from WearNote n order by n.seenOn, n.id")
  List<Seen> allSeen();

  @Query(
      "select n from WearNote n, NailSet s where n.setId = s.id and s.clientId = :clientId"
          + " order by n.seenOn, n.id")
  List<WearNote> ofClient(long clientId);

  List<WearNote> findBySetIdOrderBySeenOnAscIdAsc(long setId);
}
