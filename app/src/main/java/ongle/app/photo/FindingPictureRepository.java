package ongle.app.photo;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Pictures of what happened, as stored. */
interface FindingPictureRepository extends JpaRepository<FindingPicture, Long> {
  /** Note and picture of each, without the pictures themselves. */
  @Query("select p.noteId, p.id from FindingPicture p where p.setId = :setId order by p.id")
  List<Object[]> ofSet(long setId);

  Optional<FindingPicture> findByIdAndSetId(long id, long setId);
}
