package ongle.app;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import ongle.app.keeping.KeepingTasks;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Ongle, the planning bench for nail technicians. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class OngleApplication {
  public static void main(String[] args) {
    SparePower.forTheOptimisingCompiler();
    if (KeepingTasks.asked(args)) {
      System.exit(KeepingTasks.run(args));
    }
    KeepingTasks.restoreIfAsked(args);
    SpringApplication.run(OngleApplication.class, args);
  }

  /**
   * The salon's clock.
   *
   * @param now local date and time to stand still at, for pictures and tests; empty for the real
   *     time
   */
  @Bean
  Clock clock(@Value("${ongle.now:}") String now) {
    ZoneId zone = ZoneId.systemDefault();
    return now.isEmpty()
        ? Clock.system(zone)
        : Clock.fixed(LocalDateTime.parse(now).atZone(zone).toInstant(), zone);
  }
}
