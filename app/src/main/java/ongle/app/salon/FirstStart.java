package ongle.app.salon;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Furnishes a new salon before its first page is asked for. */
@Component
class FirstStart implements SmartInitializingSingleton {
  private final SalonSettings settings;

  FirstStart(SalonSettings settings) {
    this.settings = settings;
  }

  @Override
  public void afterSingletonsInstantiated() {
    settings.furnish();
  }
}
