package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Kits edited, read from files, fitted from, and counted down. */
class KitsIT extends AtTheDesk {
  @Test
  void aSizeIsChangedInPlaceAndNonsenseIsNamedBesideTheField() {
    desk.open("/kits/2");
    String field = "[aria-label='Number 3, width mm']";
    desk.click(field);
    desk.keys("14,2", Keys.ENTER);
    desk.untilText("#saved", "Saved");
    desk.until(d -> d.value(field).equals("14.20"));
    desk.click(field);
    desk.keys("two", Keys.ENTER);
    desk.until(d -> d.text("td.wrong .why").contains("3.0 to 30.0 mm"));
    assertThat(desk.value("td.wrong input")).isEqualTo("two");
    desk.driver().navigate().refresh();
    assertThat(desk.value(field)).isEqualTo("14.20");
    desk.click("[aria-label='Number 3, width mm']");
    desk.keys("14.15", Keys.ENTER);
    desk.until(d -> d.value(field).equals("14.15"));
  }

  @Test
  void aFileIsShownBeforeItIsSavedAndTheGoodLinesAreTaken() {
    desk.open("/kits/read");
    desk.find("#label").sendKeys("Harbour trial");
    desk.find("#text")
        .sendKeys(
            "number;width_mm;depth_mm;well_length_mm;free_length_mm;thickness_mm;pieces\n"
                + "1;12,6;2,2;5;26;0,5;1\n2;broad;2;5;26;0,5;\n1;12;2;5;26;0,5;\n3;11,9;2,1;5;26;0,5;4");
    desk.click("form.entry .act");
    desk.untilText("h2", "2 sizes can be taken, 2 cannot");
    assertThat(desk.text(".bad-lines"))
        .contains("Line 3 width \"broad\" cannot be")
        .contains("Line 4 number 1 is already on line 2");
    desk.open("/kits");
    assertThat(desk.text("main")).doesNotContain("Harbour trial");
    desk.driver().navigate().back();
    desk.until(d -> !d.all("form[action$=save] .act").isEmpty());
    desk.click("form[action$=save] .act");
    desk.untilText("h1", "Harbour trial");
    assertThat(desk.all(".sizes tbody tr")).hasSize(2);
  }

  @Test
  void aSetIsFittedFromTheKitWithTheLeastToFileAndTakenOutOnce() {
    desk.open("/sets/8/fit?finger=R3");
    String min = desk.text("#kit-of-set option:first-child");
    assertThat(min).contains("Quarrymill");
    desk.choose("#kit-of-set", "lindenbox");
    desk.until(d -> d.text("#kit-of-set option:checked").startsWith("Lindenbox"));
    // Its twin falls between two sizes of it, so these two take another kit together.
    assertThat(desk.text("#kit-of-nail option:checked")).startsWith("Quarrymill");
    desk.choose("#kit-of-set", "");
    desk.until(d -> d.text("#kit-of-set option:checked").startsWith("least to file"));
    desk.click(".ways-head a");
    desk.untilText(".picking h2", "Lay out for the set");
    // The thumbs are first, from a kit that is not counted.
    String pieces = desk.text(".picking tbody tr:nth-child(2) td:last-child");
    desk.click(".picking .act");
    desk.untilText(".picking", "Taken out");
    String after = desk.text(".picking tbody tr:nth-child(2) td:last-child");
    int taken = number(desk.text(".picking tbody tr:nth-child(2) td"));
    assertThat(number(after)).isEqualTo(number(pieces) - taken);
    assertThat(desk.all(".picking .act")).isEmpty();
  }

  @Test
  void whatIsPutAwayIsNotFittedFrom() {
    desk.open("/kits/4");
    desk.click("#at-hand");
    desk.untilText("#saved", "Saved");
    desk.open("/sets/5/fit?finger=R3");
    assertThat(desk.text("#strip")).isNotBlank();
    assertThat(desk.driver().getPageSource()).doesNotContain("Flatwater flat");
    desk.open("/kits/4");
    desk.click("#at-hand");
    desk.untilText("#saved", "Saved");
  }

  private static int number(String left) {
    return Integer.parseInt(left.split(" ")[0]);
  }
}
