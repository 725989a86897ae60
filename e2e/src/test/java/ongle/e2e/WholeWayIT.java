package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.Keys;
import org.openqa.selenium.Pdf;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.print.PageMargin;
import org.openqa.selenium.print.PageSize;
import org.openqa.selenium.print.PrintOptions;
import org.openqa.selenium.support.ui.Select;

/**
 * A new client's first set, from the door to the sheet on the desk; each step goes on from the
 * last.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WholeWayIT extends AtTheDesk {
  private static final String[] WIDTHS = {
    "9,1", "11.0", "11.9", "11,4", "14.6", "14.4", "11.3", "11.8", "10.9", "9"
  };
  private static final String[] LENGTHS = {
    "9.8", "11.9", "12.5", "11.8", "13.4", "13.3", "11.7", "12.4", "11.8", "9.7"
  };

  private static String set;

  @Test
  @Order(1)
  void theStartPageSaysWhoComesAndWhatIsDue() {
    desk.open("/");
    assertThat(desk.text(".visits .next"))
        .contains("10:45")
        .contains("Zofia Karrick")
        .contains("Open the plan");
    assertThat(desk.text("#due ~ .due")).contains("2 days overdue").contains("Odile Brask");
    assertThat(desk.text("main"))
        .contains("5 of 10")
        .contains("Allergy: acrylates")
        .contains("guardian");
  }

  @Test
  @Order(2)
  void aNewClientIsFoundMissingAddedAndGivenASet() {
    desk.open("/clients");
    desk.keys("Wilma Otterby");
    desk.untilText("#found", "Nobody called Wilma Otterby");
    desk.click("#found button");
    desk.until(d -> d.value("#name").equals("Wilma Otterby"));
    desk.find("#handsDo").sendKeys("packs parcels");
    desk.find("#handsDo").sendKeys(Keys.ENTER);
    desk.until(d -> d.text("h1").equals("Wilma Otterby"));
    desk.click("form .act");
    // Looking comes before measuring.
    desk.until(d -> d.driver().getCurrentUrl().contains("/look"));
    desk.find("#wishes").sendKeys("short, for work");
    desk.click(".progress .act");
    desk.until(d -> d.driver().getCurrentUrl().contains("/measure"));
    set = desk.driver().getCurrentUrl().replaceAll(".*(/sets/\\d+)/.*", "$1");
  }

  @Test
  @Order(3)
  void tenNailsGoInByKeyboardAlone() {
    desk.until(d -> d.driver().switchTo().activeElement().getDomProperty("id").equals("R5-WIDTH"));
    for (String width : WIDTHS) {
      // The point is left out: at most four keys a value with Enter.
      desk.number(width.replace(".", ""));
    }
    for (String length : LENGTHS) {
      desk.number(length);
    }
    desk.untilText("#progress", "All ten widths measured");
    desk.until(d -> d.value("#L5-PLATE_LENGTH").equals("9.7"));
    assertThat(desk.value("#R5-WIDTH")).isEqualTo("9.1");
    assertThat(desk.value("#L5-WIDTH")).isEqualTo("9.0");
    assertThat(desk.text("#strip")).contains("14.6");
    assertThat(desk.text("#saved")).contains("Saved");
    // Arch depths were left out: estimated, shown as such, and not in the field.
    assertThat(desk.value("#R1-ARCH_DEPTH")).isEmpty();
    assertThat(desk.text("#estimate-R1-ARCH_DEPTH")).isEqualTo("2.5");
  }

  @Test
  @Order(4)
  void anEstimateFollowsTheFirstMeasureAndTheTwinTakesItAll() {
    desk.click("#R5-ARCH_DEPTH");
    desk.number("2.0");
    // The twin's own measure is the best estimate; the others follow the hand in proportion.
    desk.untilText("#estimate-L5-ARCH_DEPTH", "2.0");
    // Space takes the estimate as it is shown and goes on to the next finger.
    desk.click("#R3-ARCH_DEPTH");
    String shown = desk.text("#estimate-R3-ARCH_DEPTH");
    desk.keys(" ");
    desk.until(d -> d.value("#R3-ARCH_DEPTH").equals(shown));
    assertThat(desk.driver().switchTo().activeElement().getDomProperty("id"))
        .isEqualTo("R2-ARCH_DEPTH");
    desk.click("#R2-LEAN");
    desk.number("4");
    desk.until(d -> d.value("#R2-LEAN").equals("4"));
    desk.click("#R2-WIDTH");
    desk.keys("t");
    desk.until(d -> d.value("#L2-LEAN").equals("4") && d.value("#L2-WIDTH").equals("11.4"));
  }

  @Test
  @Order(5)
  void shapeLengthAndProductAreChosenOnBothHands() {
    desk.click(".progress .act");
    desk.until(d -> !d.all("#shape-almond").isEmpty());
    desk.click("#shape-almond");
    desk.until(d -> "true".equals(d.find("#shape-almond").getDomAttribute("aria-pressed")));
    desk.click("input[value=MILLIMETRES]");
    desk.until(
        d -> d.find("input[value=MILLIMETRES]").isSelected() && d.value("#length").equals("4.5"));
    WebElement length = desk.find("#length");
    length.click();
    desk.number("5");
    desk.until(
        d ->
            d.value("#length").equals("5.0")
                && d.text(".notes").contains("Too short to read as almond"));
    // The field is ready for the next number where it stands.
    desk.number("11");
    desk.until(d -> d.text("#strip").contains("11.0") && !d.text(".notes").contains("Too short"));
    new Select(desk.find("#product")).selectByValue("poly-gel");
    desk.untilText(".crumb", "poly gel");
    desk.until(
        d -> new Select(d.find("#product")).getFirstSelectedOption().getText().equals("poly gel"));
  }

  @Test
  @Order(6)
  void everyFingerGetsATipAndAnotherSizeCanBeTaken() {
    desk.click(".progress .act");
    // The index leans, so a form set in line with the finger comes first.
    desk.until(d -> d.text(".verdict").contains("in line with the finger"));
    desk.keys("3");
    desk.until(d -> d.text(".verdict .which").equals("right middle"));
    String advised = desk.text(".rack [aria-pressed=true] .size");
    assertThat(advised).endsWith("best");
    desk.click(".rack li:nth-child(1) button");
    desk.untilText(".verdict h2", "too large");
    assertThat(desk.find(".strip a[data-finger=R3]").getDomAttribute("class")).contains("warn");
    desk.click(".rack > .quiet");
    desk.until(d -> d.text(".rack [aria-pressed=true] .size").equals(advised));
  }

  @Test
  @Order(7)
  void draggingTheApexChangesTheThicknessAndTypingDoesToo() {
    desk.keys("]");
    desk.until(d -> !d.all("#handle-apex").isEmpty());
    String before = desk.find("#handle-apex").getDomAttribute("aria-valuetext");
    String field =
        "#" + desk.find(".strip [aria-current]").getDomAttribute("data-finger") + "-APEX_THICKNESS";
    assertThat(desk.value(field)).isEmpty();

    new Actions(desk.driver())
        .clickAndHold(desk.find("#handle-apex .knob"))
        .moveByOffset(0, -4)
        .moveByOffset(0, -6)
        .perform();
    // Held: the drawing answers, nothing is saved yet.
    desk.until(d -> !d.find("#handle-apex").getDomAttribute("aria-valuetext").equals(before));
    assertThat(desk.value(field)).isEmpty();
    new Actions(desk.driver()).release().perform();
    desk.until(d -> !d.value(field).isEmpty());
    double dragged = Double.parseDouble(desk.value(field));
    assertThat(dragged).isGreaterThan(Double.parseDouble(before.split(" ")[0]));

    desk.click(field);
    desk.number("1,75");
    desk.until(
        d -> d.find("#handle-apex").getDomAttribute("aria-valuetext").startsWith("1.75 mm thick"));
    desk.script("document.getElementById('handle-apex').focus()");
    desk.keys(Keys.ARROW_UP);
    desk.until(d -> d.value(field).equals("1.85"));
    new Actions(desk.driver())
        .keyDown(Keys.SHIFT)
        .sendKeys(Keys.ARROW_DOWN)
        .keyUp(Keys.SHIFT)
        .perform();
    desk.until(d -> d.value(field).equals("1.35"));
    assertThat(desk.driver().switchTo().activeElement().getDomAttribute("id"))
        .isEqualTo("handle-apex");
  }

  @Test
  @Order(8)
  void edgeAndBarrelAreDraggedAndComputedAgain() {
    String finger = desk.find(".strip [aria-current]").getDomAttribute("data-finger");
    new Actions(desk.driver()).dragAndDropBy(desk.find("#handle-edge .knob"), 0, -5).perform();
    desk.until(d -> !d.value("#" + finger + "-EDGE_THICKNESS").isEmpty());
    new Actions(desk.driver()).dragAndDropBy(desk.find("#handle-barrel .knob"), 0, 12).perform();
    desk.until(d -> !d.value("#" + finger + "-BARREL_DEPTH").isEmpty());
    assertThat(Double.parseDouble(desk.value("#" + finger + "-BARREL_DEPTH"))).isGreaterThan(25);
    desk.until(d -> d.find("#back").isEnabled());
    desk.click("#back");
    desk.until(
        d -> d.value("#" + finger + "-BARREL_DEPTH").isEmpty() && !d.find("#back").isEnabled());
    desk.click("#" + finger + "-APEX_THICKNESS");
    desk.number("1.6");
    desk.untilText("#saved", "Saved");
    desk.untilText("#strip", "1.60");
  }

  @Test
  @Order(9)
  void afterAReloadEverythingIsThere() {
    desk.driver().navigate().refresh();
    String finger = desk.find(".strip [aria-current]").getDomAttribute("data-finger");
    assertThat(desk.value("#" + finger + "-APEX_THICKNESS")).isEqualTo("1.60");
    assertThat(desk.text(".crumb")).contains("almond, 11.0 mm, poly gel");
    desk.open(set + "/measure");
    assertThat(desk.value("#R5-WIDTH")).isEqualTo("9.1");
  }

  @Test
  @Order(10)
  void theSheetIsOnePageWithAllTen() throws IOException {
    desk.open(set + "/sheet");
    assertThat(desk.all(".block")).hasSize(10);
    assertThat(desk.text(".a4"))
        .contains("Wilma Otterby")
        .contains("right thumb")
        .contains("1.60 mm");
    byte[] pdf = salon.bytes(set + "/sheet.pdf").body();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
          .contains("Wilma Otterby", "left little", "apex 1.60 mm", "11.0 mm");
    }
    PrintOptions a4 = new PrintOptions();
    a4.setPageSize(new PageSize(29.7, 21.0));
    a4.setPageMargin(new PageMargin(0.6, 0.6, 0.8, 0.8));
    Pdf printed = desk.driver().print(a4);
    try (PDDocument document =
        Loader.loadPDF(java.util.Base64.getDecoder().decode(printed.getContent()))) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
    }
  }

  @Test
  @Order(11)
  void theViewTurnsToTheClientsSide() {
    desk.open(set + "/shape");
    assertThat(desk.find(".strip li a").getDomAttribute("data-finger")).isEqualTo("R5");
    desk.keys("v");
    desk.until(d -> d.find(".strip li a").getDomAttribute("data-finger").equals("L5"));
    desk.keys("v");
    desk.until(d -> d.find(".strip li a").getDomAttribute("data-finger").equals("R5"));
    desk.keys("?");
    desk.until(d -> d.find("#keys").isDisplayed());
    desk.keys(Keys.ESCAPE);
  }
}
