package ongle.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Makes the pictures in docs/screenshots from the demo salon; run by {@code ./ongle shots}. */
@Tag("shots")
class ScreenshotsIT {
  @Test
  void everyMainView() throws IOException {
    Path folder = Files.createDirectories(Path.of(System.getProperty("ongle.shots")));
    try (Salon salon = new Salon();
        Desk desk = new Desk(salon)) {
      shoot(desk, "/", "today", folder);
      shoot(desk, "/clients", "clients", folder);
      shoot(desk, "/sets/4/measure", "measure", folder);
      shoot(desk, "/sets/3/fit?finger=R3", "fit", folder);
      shoot(desk, "/sets/1/shape?finger=R3", "shape", folder);
      shoot(desk, "/sets/1/structure?finger=R3", "structure", folder);
      desk.size(1024, 1320);
      shoot(desk, "/sets/1/sheet", "sheet", folder);
      desk.size(820, 1180);
      shoot(desk, "/sets/3/structure?finger=L1", "structure-tablet", folder);
      desk.size(1280, 800);
      desk.open("/sets/3/structure?finger=L1");
      desk.click("[data-look=theme]");
      desk.until(d -> "dark".equals(d.find("html").getDomAttribute("data-theme")));
      shoot(desk, "/sets/3/structure?finger=L1", "structure-dark", folder);
    }
  }

  private static void shoot(Desk desk, String path, String name, Path folder) throws IOException {
    desk.open(path);
    desk.until(d -> (Boolean) d.script("return document.fonts.status === 'loaded'"));
    Files.write(folder.resolve(name + ".png"), desk.picture());
  }
}
