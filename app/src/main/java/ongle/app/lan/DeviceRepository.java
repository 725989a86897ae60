package ongle.app.lan;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Devices that were let in. */
interface DeviceRepository extends JpaRepository<Device, Long> {
  List<Device> findByGoneFalseAndHashIsNotNullOrderById();

  Optional<Device> findByHashAndGoneFalse(String hash);

  Optional<Device> findByCodeHashAndGoneFalse(String codeHash);
}
