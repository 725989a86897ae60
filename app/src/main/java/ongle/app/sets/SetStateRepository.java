package ongle.app.sets;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** States of sets as stored. */
interface SetStateRepository extends JpaRepository<SetState, Long> {
  Optional<SetState> findBySetIdAndPlace(long setId, int place);

  Optional<SetState> findBySetIdAndName(long setId, String name);

  List<SetState> findBySetIdAndNameNotNullOrderByMadeAtDescIdDesc(long setId);

  void deleteBySetIdAndPlaceGreaterThan(long setId, int place);

  void deleteBySetIdAndPlaceLessThan(long setId, int place);
}
