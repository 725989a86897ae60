package ongle.app.wear;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** What was seen of worn nails, as stored. */
interface WearNoteRepository extends JpaRepository<WearNote, Long> {
  List<WearNote> findAllByOrderBySeenOnAscIdAsc();

  List<WearNote> findBySetIdOrderBySeenOnAscIdAsc(long setId);
}
