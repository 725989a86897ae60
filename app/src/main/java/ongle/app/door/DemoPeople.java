package ongle.app.door;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import ongle.app.people.People;
import ongle.app.people.Person;
import ongle.app.people.Role;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The demo's people, and what they sign in with: its sign-in page says so. All are made up. */
@Component
class DemoPeople implements SmartInitializingSingleton {
  private record Made(String key, String name, Role role, String secret) {}

  private static final List<Made> ALL =
      List.of(
          new Made("1", "Ilse Marrow", Role.OWNER, "birch-and-copper"),
          new Made("2", "Joss Calder", Role.TECHNICIAN, "2580"),
          new Made("3", "Petra Hollin", Role.TECHNICIAN, "4917"),
          new Made("4", "Nia Brandt", Role.TRAINEE, "3141"),
          new Made("5", "Owen Tarr", Role.FRONT_DESK, "8206"));

  private final People people;
  private final boolean demo;

  DemoPeople(People people, @Value("${ongle.demo}") boolean demo) {
    this.people = people;
    this.demo = demo;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (!demo) {
      return;
    }
    ALL.forEach(
        made ->
            people.add(
                UUID.nameUUIDFromBytes(
                    ("demo person " + made.key())
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                made.name(),
                made.role(),
                made.secret()));
  }

  /** What each of them signs in with, by their number; nothing, where it is not the demo. */
  Map<Long, String> secrets() {
    Map<Long, String> secrets = new TreeMap<>();
    if (demo) {
      for (Person person : people.all()) {
        ALL.stream()
            .filter(made -> made.name().equals(person.getName()))
            .findFirst()
            .ifPresent(made -> secrets.put(person.getId(), made.secret()));
      }
    }
    return secrets;
  }
}
