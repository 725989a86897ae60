package ongle.e2e;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.openqa.selenium.interactions.Actions;

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

  /** Clicks where a mark belongs, as near as a pixel of the screen. */
  static void markAt(List<Number> at) {
    int before = desk.all(".mark").size();
    clickInPicture(at);
    desk.until(d -> d.all(".mark").size() == before + 1);
  }

  static void clickInPicture(List<Number> at) {
    List<?> screen =
        (List<?>)
            desk.script(
                "const p = new DOMPoint(arguments[0], arguments[1]).matrixTransform(document.querySelector('.shot').getScreenCTM()); return [p.x, p.y]",
                at.get(0),
                at.get(1));
    new Actions(desk.driver())
        .moveToLocation(
            (int) Math.round(((Number) screen.get(0)).doubleValue()),
            (int) Math.round(((Number) screen.get(1)).doubleValue()))
        .click()
        .perform();
  }
}
