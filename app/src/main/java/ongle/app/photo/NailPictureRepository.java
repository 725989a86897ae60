package ongle.app.photo;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import ongle.core.nail.Finger;
import ongle.core.trace.View;
import org.springframework.data.jpa.repository.JpaRepository;

/** Pictures of built nails as stored. */
interface NailPictureRepository extends JpaRepository<NailPicture, Long> {
  List<NailPicture> findBySetIdAndFinger(long setId, Finger finger);

  Optional<NailPicture> findBySetIdAndFingerAndView(long setId, Finger finger, View view);

  List<NailPicture> findByKeptFalseAndTakenAtBefore(LocalDateTime moment);
}
