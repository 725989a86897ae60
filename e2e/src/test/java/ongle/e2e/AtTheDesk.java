package ongle.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** A test class with a demo salon of its own and one browser at its desk. */
abstract class AtTheDesk {
  static Salon salon;
  static Desk desk;

  @BeforeAll
  static void open() {
    salon = new Salon();
    desk = new Desk(salon);
  }

  @AfterAll
  static void close() {
    desk.close();
    salon.close();
  }
}
