package ongle.app.sets;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** States of sets as stored. */
public interface SetStateRepository extends JpaRepository<SetState, Long> {
  Optional<SetState> findBySetIdAndPlace(long setId, int place);

  Optional<SetState> findBySetIdAndName(long setId, String name);

  /** The steps from one place to another and every version kept under a name, newest first. */
  @Query(
      "select s from SetState s where s.setId = :setId"
          + " and (s.name is not null or s.place between :from and :to)"
          + " order by s.madeAt desc, s.id desc")
  List<SetState> around(long setId, int from, int to);

  @Modifying
  @Query("delete from SetState s where s.setId = :setId and s.place > :place")
  void deleteAfter(long setId, int place);

  @Modifying
  @Query("delete from SetState s where s.setId = :setId and s.place < :place")
  void deleteBefore(long setId, int place);
}
