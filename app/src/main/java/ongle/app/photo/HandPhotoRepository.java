package ongle.app.photo;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import ongle.core.nail.Hand;
import org.springframework.data.jpa.repository.JpaRepository;

/** Pictures as stored. */
interface HandPhotoRepository extends JpaRepository<HandPhoto, Long> {
  Optional<HandPhoto> findBySetIdAndHand(long setId, Hand hand);

  List<HandPhoto> findByKeptFalseAndTakenAtBefore(LocalDateTime moment);
}
