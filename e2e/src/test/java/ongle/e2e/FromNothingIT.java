package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/**
 * A clean machine: a salon begun, its people, a bench run on a second device that the first desk
 * sees, a backup, its data damaged and put back.
 */
class FromNothingIT {
  private static final String PASSWORD = "two plain words";
  private static final String PIN = "482915";

  /** Nails from right little to left little, mm. */
  private static final String[] WIDTHS = {
    "8.9", "10.8", "11.6", "11.2", "14.3", "14.2", "11.1", "11.6", "10.7", "8.8"
  };

  private static final int PRESSES = 5;

  @Test
  void aFileIsDamagedAndPutBackAndNothingIsMissing() throws Exception {
    Path key = Files.createTempDirectory("ongle-key").resolve("salon.key");
    try (OwnSalon salon = new OwnSalon("--key-file", key.toString())) {
      salon.start();
      assertThat(salon.machine()).contains("quick.options");
      begin(salon);
      salon.stop();
      salon.start("--lan");
      String before = work(salon, salon);
      String backup = backUp(salon);
      salon.stop();
      try (RandomAccessFile file =
          new RandomAccessFile(salon.data().resolve("ongle.mv.db").toFile(), "rw")) {
        file.write(new byte[(int) file.length() / 2]);
      }
      assertThat(salon.says("start", "--port", "0")).contains(backup);
      salon.says("restore", salon.data().resolve("backups").resolve(backup).toString());
      salon.start("--lan");
      assertThat(stands(salon)).isEqualTo(before);
    }
  }

  @Test
  void aSharedDatabaseIsDamagedAndPutBackUnderTwoInstances() throws Exception {
    try (Postgres postgres = new Postgres()) {
      String[] where = {
        "--database", postgres.address(), "--salon", "own", "--key-file", postgres.key().toString()
      };
      try (OwnSalon one = new OwnSalon(where);
          OwnSalon two = new OwnSalon(where)) {
        one.start();
        // Behind a shared database both compilers work.
        assertThat(one.machine()).contains("jvm.options").doesNotContain("quick.options");
        begin(one);
        one.stop();
        one.start("--lan");
        two.start("--lan");
        String before = work(one, two);
        String backup = backUp(two);
        one.stop();
        two.stop();
        postgres.does("drop table own.bench_event, own.set_nail_value cascade");
        assertThat(two.says("start", "--port", "0")).contains("bench_event", backup);
        two.says("restore", two.data().resolve("backups").resolve(backup).toString());
        one.start("--lan");
        assertThat(stands(one)).isEqualTo(before);
        one.stop();
        postgres.does(
            """
            insert into own.flyway_schema_history
              (installed_rank, version, description, type, script, installed_by,
               execution_time, success)
            values (9999, '9999', 'later', 'SQL', 'V9999__later.sql', 'ongle', 1, true)
            """);
        assertThat(two.says("restore", two.data().resolve("backups").resolve(backup).toString()))
            .contains("newer Ongle");
      }
    }
  }

  /** An owner on the first page, then two technicians. */
  private static void begin(OwnSalon salon) {
    try (Desk desk = new Desk(salon::address)) {
      desk.driver().get(salon.address("/"));
      type(desk, "salon", "Corner House");
      type(desk, "name", "Runa Feld");
      type(desk, "password", PASSWORD);
      type(desk, "again", PASSWORD);
      desk.click("#begin");
      desk.until(d -> !d.all(".person").isEmpty());
      for (String technician : List.of("Tove Lind", "Ada Holm")) {
        desk.driver().get(salon.address("/salon/people"));
        type(desk, "name", technician);
        desk.choose("[name=role]", "TECHNICIAN");
        type(desk, "secret", PIN);
        type(desk, "own", PASSWORD);
        desk.click("#add-person");
        desk.until(d -> d.text(".people-here").contains(technician));
      }
    }
  }

  /**
   * A technician runs a bench on a tablet, and the first desk sees it.
   *
   * @return how the salon then stands
   */
  private static String work(OwnSalon at, OwnSalon tabletsAt) {
    try (Desk first = new Desk(at::address);
        Desk tablet = new Desk(tabletsAt::address)) {
      String away = letIn(tabletsAt, tablet);
      signIn(tablet, "Tove Lind", PIN);
      tablet.driver().get(away + "/clients/new");
      type(tablet, "name", "Mina Orr");
      tablet.click("form.entry .act");
      tablet.until(d -> d.text("h1").equals("Mina Orr"));
      tablet.click("form .act");
      tablet.until(d -> d.driver().getCurrentUrl().contains("/look"));
      tablet.driver().get(away + "/sets/1/measure");
      tablet.until(
          d -> d.driver().switchTo().activeElement().getDomProperty("id").equals("R5-WIDTH"));
      for (String width : WIDTHS) {
        tablet.number(width);
      }
      tablet.untilText("#progress", "All ten widths measured");
      tablet.driver().get(away + "/sets/1/bench");
      tablet.click(".begin .act");
      tablet.until(d -> d.text("#done").equals("Done"));

      first.driver().get(at.address("/sets/1/bench/guide"));
      signIn(first, "Runa Feld", PASSWORD);
      for (int press = 0; press < PRESSES; press++) {
        first.until(d -> now(d).equals(now(tablet)));
        String before = now(tablet);
        Pause.of(1000); // as long as two presses have to be apart
        tablet.click("#done");
        tablet.until(d -> !now(d).equals(before));
        first.until(d -> !now(d).equals(before));
      }
      first.driver().get(at.address("/salon/deeds"));
      assertThat(first.text("table")).contains("Tove Lind", "bench");
    }
    return stands(at);
  }

  /** The owner lets a device in, which from then on may come by the network's address. */
  private static String letIn(OwnSalon salon, Desk tablet) {
    try (Desk owner = new Desk(salon::address)) {
      owner.driver().get(salon.address("/salon/devices"));
      signIn(owner, "Runa Feld", PASSWORD);
      type(owner, "name", "tablet");
      owner.click("#let-device-in");
      owner.until(d -> !d.all(".qr").isEmpty());
      String way = owner.text(".ways figcaption code");
      tablet.driver().get(way);
      tablet.click("#come-in");
      tablet.until(d -> !d.all(".who-is").isEmpty());
      String away = way.replaceAll("/sign-in/.*", "");
      assertThat(away).startsWith("https://").doesNotContain("127.0.0.1");
      return away;
    }
  }

  private static String backUp(OwnSalon salon) throws IOException {
    salon.says("backup");
    try (Stream<Path> kept = Files.list(salon.data().resolve("backups"))) {
      return kept.map(file -> file.getFileName().toString())
          .filter(name -> name.endsWith(".zip"))
          .max(String::compareTo)
          .orElseThrow();
    }
  }

  /** Who works there, all that is known of its client, and where the bench stands. */
  private static String stands(OwnSalon salon) {
    try (Desk desk = new Desk(salon::address)) {
      desk.driver().get(salon.address("/salon/people"));
      signIn(desk, "Runa Feld", PASSWORD);
      String people = desk.text(".people-here");
      String record =
          (String)
              desk.driver()
                  .executeAsyncScript(
                      "fetch('/clients/1/record.json').then(r => r.text()).then(arguments[0])");
      desk.driver().get(salon.address("/sets/1/bench/guide"));
      return people + "\n" + record + "\n" + now(desk);
    }
  }

  private static String now(Desk desk) {
    return desk.find("#desk").getDomAttribute("data-step");
  }

  private static void signIn(Desk desk, String name, String secret) {
    WebElement person =
        desk.all(".who-is label").stream()
            .filter(label -> label.getText().contains(name))
            .findFirst()
            .orElseThrow();
    person.findElement(By.tagName("input")).sendKeys(Keys.SPACE);
    desk.find("#secret").sendKeys(secret, Keys.ENTER);
    desk.until(d -> !d.driver().getCurrentUrl().contains("/sign-in"));
    desk.until(d -> d.script("return document.readyState").equals("complete"));
  }

  private static void type(Desk desk, String field, String text) {
    desk.find("main [name=" + field + "]").sendKeys(text);
  }
}
