package ongle.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import ongle.app.sets.Taken;
import ongle.core.cause.Finding;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.json.JsonMapper;

/**
 * The demo salon as its file tells it, {@code demo/salon.json}: dates count from today, measures
 * are mm, degrees and shares, what is left out is as usual.
 *
 * @param edgeCurveShare edge curve over width in this salon's clients
 */
record DemoSalon(
    String currency,
    String measuredBy,
    double edgeCurveShare,
    List<Product> products,
    List<Coat> coats,
    List<Mixed> recipes,
    List<Jar> shelf,
    List<Person> clients,
    List<Built> sets,
    List<LotTime> lotTimes,
    List<Years> years,
    List<Booked> book) {

  /**
   * One recipe.
   *
   * @param coats codes of the bottles that are not the usual ones
   */
  record Mixed(String code, String label, List<LayerKind> layers, Map<LayerKind, String> coats) {}

  /** One jar on the shelf. */
  record Jar(
      String material,
      String number,
      double content,
      double left,
      int expiresInMonths,
      Integer openedMonthsAgo,
      int goodOpenMonths,
      double price) {}

  /**
   * One client.
   *
   * @param guardian who signs for a minor
   * @param agrees false for one who has not signed anything yet
   */
  record Person(
      String name,
      String phone,
      String handsDo,
      String notes,
      String allergy,
      Boolean minor,
      String guardian,
      Boolean agrees) {}

  /**
   * One set, begun some days ago.
   *
   * @param name what the book calls it
   * @param taken how what stands under its fingers was measured
   * @param builtOff what was built otherwise than planned, of a set that was checked
   * @param worn what happened to it since
   */
  record Built(
      String name,
      String client,
      int daysAgo,
      LocalTime at,
      Wish wish,
      Hands hands,
      Taken.How taken,
      Activity leftDoes,
      Map<Finger, OnFinger> fingers,
      String wishes,
      Integer wornUntilInDays,
      Map<Finger, Map<Quantity, Double>> builtOff,
      List<Happened> worn) {}

  /**
   * A lot that was in use for a while.
   *
   * @param weak what it makes product come loose by, times the usual
   */
  record LotTime(String material, String number, int fromDaysAgo, int untilDaysAgo, double weak) {}

  /**
   * A client who has come for years; the same wish again and again.
   *
   * @param seed of what befalls the nails, so that the demo is the same every day
   * @param begins days ago
   * @param every days a visit
   * @param until days ago, the last visit or before
   * @param asks what these hands truly ask of their nails against the usual
   * @param bitten share the plates are shorter by at first; they grow out
   * @param lifts where it lifts again and again; null for nowhere
   * @param byHand what is set by hand on every nail, in each quantity's unit; null for nothing
   */
  record Years(
      String client,
      long seed,
      int begins,
      int every,
      int until,
      Wish wish,
      Hands hands,
      double asks,
      double bitten,
      Lifts lifts,
      Map<Quantity, Double> byHand) {}

  /**
   * Where product comes loose on one nail.
   *
   * @param chance a visit, 0 to 1
   */
  record Lifts(Finger finger, Finding.Place place, double chance) {}

  /** What happened to a nail some days after it was built. */
  record Happened(
      Finger finger,
      int inDays,
      Finding.Kind kind,
      Finding.Place place,
      double farMm,
      Finding.After after,
      String said,
      Boolean told) {}

  /** What was wished; a client who comes back wishes the same again. */
  record Wish(NailShape shape, LengthWish length, String product, ApexSchool apex) {}

  /**
   * Two whole hands, measured by calliper; the left a little smaller than the right, as hands are.
   *
   * @param widthMm right hand, thumb first
   * @param plateLengthMm right hand, thumb first
   * @param archShare arch depth over width
   * @param leftLessMm what the left is narrower and shorter by
   */
  record Hands(
      double[] widthMm,
      double[] plateLengthMm,
      double archShare,
      double leftLessMm,
      double freeEdgeMm,
      double growthPitchDeg,
      double overhangMm) {}

  /** What is special about one finger. */
  record OnFinger(
      PlateFinding plate,
      SkinState skin,
      String buildAnyway,
      EarlierProduct earlier,
      Map<Quantity, Double> measured) {}

  /**
   * One time in today's book.
   *
   * @param set the name of a set; null where none was begun
   */
  record Booked(String client, LocalTime at, int minutes, String purpose, String set) {}

  static DemoSalon read() {
    try (InputStream in = new ClassPathResource("demo/salon.json").getInputStream()) {
      return JsonMapper.builder().build().readValue(in, DemoSalon.class);
    } catch (IOException e) {
      throw new IllegalStateException("the demo salon cannot be read", e);
    }
  }
}
