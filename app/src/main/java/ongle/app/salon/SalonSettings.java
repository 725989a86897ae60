package ongle.app.salon;

import java.util.function.Consumer;
import ongle.app.kits.KitEditor;
import ongle.app.kits.ShippedKits;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The salon's settings; the first time they are asked for, the salon is furnished. */
@Service
@Retryable(includes = OptimisticLockingFailureException.class, maxRetries = 4, delay = 15)
public class SalonSettings {
  private final SalonRepository salons;
  private final KitEditor kits;

  SalonSettings(SalonRepository salons, KitEditor kits) {
    this.salons = salons;
    this.kits = kits;
  }

  @Transactional
  public Salon current() {
    return salons.findById(Salon.THE_ONE).orElseGet(this::furnish);
  }

  @Transactional
  void change(Consumer<Salon> how) {
    how.accept(current());
  }

  private Salon furnish() {
    kits.bringIn(ShippedKits.all());
    return salons.saveAndFlush(new Salon());
  }
}
