package ongle.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.json.Json;

/** Makes the pictures in docs/screenshots from the demo salon; run by {@code ./ongle shots}. */
@Tag("shots")
class ScreenshotsIT {
  @Test
  void everyMainView() throws IOException {
    Path folder = Files.createDirectories(Path.of(System.getProperty("ongle.shots")));
    try (Salon salon = new Salon();
        Desk desk = new Desk(salon)) {
      shoot(desk, "/sign-in", "sign-in", folder);
      shoot(desk, "/", "today", folder);
      shoot(desk, "/sets/4/measure", "measure", folder);
      shoot(desk, "/sets/9/look?finger=L4", "look", folder);
      shootPicture(salon, desk, folder);
      shoot(desk, "/clients/14/hands", "hands", folder);
      shoot(desk, "/sets/3/fit?finger=R3", "fit", folder);
      shoot(desk, "/salon/truth", "truth", folder);
      shoot(desk, "/shelf", "shelf", folder);
      shoot(desk, "/sets/1/shape?finger=R3", "shape", folder);
      shoot(desk, "/sets/1/structure?finger=R3", "structure", folder);
      shoot(desk, "/sets/3/bench?look=TIME", "bench", folder);
      shootGuide(desk, folder);
      for (String measured : List.of("LENGTH 7.1", "APEX 1.05", "APEX_PLACE 5.9", "EDGE 0.72")) {
        String[] each = measured.split(" ");
        salon.post(
            "/sets/9/check/R3/BUILT_" + each[0],
            "application/x-www-form-urlencoded",
            "seen=&value=" + each[1]);
      }
      shoot(desk, "/sets/9/check?finger=R3", "check", folder);
      shoot(desk, "/sets/8/check/eye", "eye", folder);
      shootTrace(salon, desk, folder);
      shootWear(salon, desk, folder);
      desk.size(1024, 1320);
      shoot(desk, "/sets/1/sheet", "sheet", folder);
      desk.size(1280, 800);
      desk.open("/sets/3/structure?finger=L1");
      desk.click("[data-look=language]");
      desk.until(d -> "de".equals(d.find("html").getDomAttribute("lang")));
      desk.click("[data-look=theme]");
      desk.until(d -> "dark".equals(d.find("html").getDomAttribute("data-theme")));
      shoot(desk, "/sets/3/structure?finger=L1", "structure-dark-german", folder);
    }
  }

  /** Two nails off after a week, and one that lifts. */
  private static void shootWear(Salon salon, Desk desk, Path folder) throws IOException {
    String form = "application/x-www-form-urlencoded";
    salon.post(
        "/sets/7/structure/wear",
        form,
        "finger=R3&days=21&done=CUTICLE&done=SHINE&done=DUST&done=DEHYDRATE");
    desk.open("/sets/7/wear");
    String built = desk.find("input[name=day]").getDomAttribute("min");
    String day = LocalDate.parse(built).plusDays(6).toString();
    for (String finger : List.of("R2", "R3", "L4")) {
      salon.post("/sets/7/wear/" + finger, form, "kind=POP_OFF&place=CUTICLE&day=" + day);
    }
    salon.post("/sets/7/wear/fine", form, "");
    shoot(desk, "/sets/7/wear?finger=R3", "wear", folder);
  }

  /** A built nail traced in its picture from the side. */
  private static void shootTrace(Salon salon, Desk desk, Path folder) throws IOException {
    String form = "application/x-www-form-urlencoded";
    String nail = "/sets/9/check/pictures/R3/";
    salon.post("/standin/camera/nail", form, "tilt=9&towards=60&LENGTH=1.1&APEX=0.2");
    for (String view : List.of("ABOVE", "SIDE", "BARREL")) {
      salon.post(nail + view + "/camera", form, "");
      Map<String, List<Number>> truth =
          new Json()
              .toType(
                  salon.get("/standin/camera/nail.json?set=9&finger=R3&view=" + view).body(),
                  Map.class);
      truth.forEach(
          (name, at) ->
              salon.post(
                  nail + view + "/mark",
                  form,
                  "name=" + name + "&x=" + at.get(0) + "&y=" + at.get(1)));
    }
    shoot(desk, "/sets/9/check/pictures?finger=R3&view=SIDE", "trace", folder);
  }

  /** The beads of the first nail. */
  private static void shootGuide(Desk desk, Path folder) throws IOException {
    desk.open("/sets/2/bench");
    desk.click(".begin .act");
    desk.until(d -> !d.all("#done").isEmpty());
    while (!desk.text(".now-step h2").startsWith("Lay the ")) {
      String before = desk.text(".finish-at");
      desk.script("window.pressedAt = performance.now()");
      desk.until(d -> (Boolean) d.script("return performance.now() - window.pressedAt > 900"));
      desk.keys(org.openqa.selenium.Keys.SPACE);
      desk.until(d -> !d.text(".finish-at").equals(before));
    }
    Files.write(folder.resolve("guide.png"), desk.picture());
  }

  /** The thumb marked in a picture of the stand-in's hand. */
  private static void shootPicture(Salon salon, Desk desk, Path folder) throws IOException {
    desk.open("/sets/4/photo?hand=RIGHT");
    desk.click("form[action$=camera] button");
    desk.until(d -> !d.all("#picture").isEmpty());
    Map<String, List<Number>> truth =
        new Json().toType(salon.get("/standin/camera/RIGHT.json").body(), Map.class);
    for (String name :
        List.of(
            "CARD1",
            "CARD2",
            "CARD3",
            "CARD4",
            "R1_GROWTH_POINT",
            "R1_OTHER_GROWTH_POINT",
            "R1_CUTICLE",
            "R1_EDGE",
            "R2_GROWTH_POINT",
            "R2_OTHER_GROWTH_POINT",
            "R2_CUTICLE")) {
      salon.post(
          "/sets/4/photo/RIGHT/mark",
          "application/x-www-form-urlencoded",
          "name=" + name + "&x=" + truth.get(name).get(0) + "&y=" + truth.get(name).get(1));
    }
    desk.open("/sets/4/photo?finger=R2");
    desk.script("document.getElementById('mark-R2_CUTICLE').focus()");
    desk.until(
        d ->
            (Boolean) d.script("return document.querySelector('.shot image').getBBox().width > 0"));
    Files.write(folder.resolve("photo.png"), desk.picture());
  }

  private static void shoot(Desk desk, String path, String name, Path folder) throws IOException {
    desk.open(path);
    desk.until(d -> (Boolean) d.script("return document.fonts.status === 'loaded'"));
    desk.until(d -> d.all("[hx-trigger=load]").isEmpty());
    Files.write(folder.resolve(name + ".png"), desk.picture());
  }
}
