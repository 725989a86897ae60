package ongle.app.wear;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What was seen of worn nails, as stored. */
interface WearNoteRepository extends JpaRepository<WearNote, Long> {
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
