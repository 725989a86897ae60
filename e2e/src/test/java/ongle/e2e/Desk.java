package ongle.e2e;

import java.time.Duration;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TakesScreenshot;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A browser at the technician's desk. */
final class Desk implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  private static final Duration LOOKS_AGAIN = Duration.ofMillis(40);

  /** It warns of every chromium newer than itself; the protocol it misses is not used here. */
  private static final Logger SELENIUM = Logger.getLogger("org.openqa.selenium");

  static {
    SELENIUM.setLevel(Level.SEVERE);
  }

  private final ChromeDriver driver;
  private final UnaryOperator<String> addresses;

  Desk(Salon salon) {
    this(salon::address);
  }

  /**
   * @param addresses from a path to where it is found
   */
  Desk(UnaryOperator<String> addresses) {
    this.addresses = addresses;
    ChromeOptions options = new ChromeOptions();
    options.setBinary("/usr/bin/chromium");
    options.setAcceptInsecureCerts(true); // a salon's certificate is its own
    options.addArguments(
        "--headless=new",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--hide-scrollbars",
        "--disable-dev-shm-usage",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--force-device-scale-factor=1");
    ChromeDriverService service =
        new ChromeDriverService.Builder()
            .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
            .usingAnyFreePort()
            .build();
    driver = new ChromeDriver(service, options);
    size(1280, 800);
  }

  void size(int width, int height) {
    driver.manage().window().setSize(new Dimension(width, height));
    long inner = (Long) script("return window.innerHeight");
    driver.manage().window().setSize(new Dimension(width, height + (int) (height - inner)));
  }

  ChromeDriver driver() {
    return driver;
  }

  /** Opens a page; a browser nobody is signed in at is the owner's first. */
  void open(String path) {
    driver.get(addresses.apply(path));
    if (driver.getCurrentUrl().contains("/sign-in?")) {
      signIn(Visitor.OWNER);
    }
  }

  /** On the sign-in page, with what the demo says there. */
  void signIn(String name) {
    tryIn(name);
    until(desk -> !desk.driver.getCurrentUrl().contains("/sign-in"));
    until(desk -> desk.script("return document.readyState").equals("complete"));
  }

  void tryIn(String name) {
    WebElement person =
        all(".who-is label").stream()
            .filter(label -> label.getText().contains(name))
            .findFirst()
            .orElseThrow();
    person.click();
    find("#secret").sendKeys(person.findElement(By.tagName("kbd")).getText(), Keys.ENTER);
  }

  Object script(String script, Object... arguments) {
    return ((JavascriptExecutor) driver).executeScript(script, arguments);
  }

  WebElement find(String css) {
    return driver.findElement(By.cssSelector(css));
  }

  List<WebElement> all(String css) {
    return driver.findElements(By.cssSelector(css));
  }

  String text(String css) {
    return find(css).getText();
  }

  String value(String css) {
    return find(css).getDomProperty("value");
  }

  /** Waits until this comes true; elements replaced meanwhile are looked at again. */
  <T> T until(Function<Desk, T> comesTrue) {
    return new WebDriverWait(driver, PATIENCE, LOOKS_AGAIN)
        .ignoring(StaleElementReferenceException.class)
        .ignoring(org.openqa.selenium.NoSuchElementException.class)
        .until(ignored -> unlessReplaced(comesTrue));
  }

  /** Chromium calls an element that was replaced while it was looked at unknown, not stale. */
  private <T> T unlessReplaced(Function<Desk, T> comesTrue) {
    try {
      return comesTrue.apply(this);
    } catch (WebDriverException e) {
      if (String.valueOf(e.getMessage()).contains("does not belong to the document")) {
        return null;
      }
      throw e;
    }
  }

  /** Chooses in a list, as soon as the page stands still enough for it. */
  void choose(String css, String value) {
    until(
        desk -> {
          new Select(desk.find(css)).selectByValue(value);
          return true;
        });
  }

  void untilText(String css, String part) {
    until(desk -> desk.text(css).contains(part));
  }

  /** Presses keys wherever the focus is, as a hand on the keyboard does. */
  void keys(CharSequence... keys) {
    new Actions(driver).sendKeys(keys).perform();
  }

  /** Types a number over what stands in the field at the focus and goes on with Enter. */
  void number(String number) {
    keys(number, Keys.ENTER);
  }

  /** Shift and Enter: back one finger. */
  void back() {
    new Actions(driver).keyDown(Keys.SHIFT).sendKeys(Keys.ENTER).keyUp(Keys.SHIFT).perform();
  }

  /** Clicks; a number field has then chosen what stands in it, as a hand finds it. */
  void click(String css) {
    WebElement element = find(css);
    String classes = element.getDomAttribute("class");
    element.click();
    if (classes != null && List.of(classes.split(" ")).contains("num")) {
      driver.executeAsyncScript("setTimeout(arguments[arguments.length - 1], 0)");
    }
  }

  byte[] picture() {
    return ((TakesScreenshot) driver).getScreenshotAs(OutputType.BYTES);
  }

  @Override
  public void close() {
    driver.quit();
  }
}
