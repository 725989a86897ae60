package ongle.app.shelf;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.web.CleanText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.portion.Lot;
import ongle.core.portion.Material;

/** A lot as typed; whatever is wrong with it is said beside its field. */
record LotForm(
    String material,
    String number,
    String content,
    String left,
    String expires,
    String opened,
    String months,
    String price) {
  /** A field that was not sent is empty. */
  LotForm {
    material = CleanText.orEmpty(material);
    number = CleanText.orEmpty(number);
    content = CleanText.orEmpty(content);
    left = CleanText.orEmpty(left);
    expires = CleanText.orEmpty(expires);
    opened = CleanText.orEmpty(opened);
    months = CleanText.orEmpty(months);
    price = CleanText.orEmpty(price);
  }

  static final LotForm EMPTY = new LotForm("", "", "", "", "", "", "12", "");

  static LotForm of(Lot lot) {
    return new LotForm(
        lot.material(),
        lot.number(),
        Numbers.format(lot.content(), 1),
        Numbers.format(lot.left(), 1),
        lot.expires().map(LocalDate::toString).orElse(""),
        lot.opened().map(LocalDate::toString).orElse(""),
        String.valueOf(lot.goodOpenMonths()),
        lot.price().isPresent() ? Numbers.format(lot.price().getAsDouble(), 2) : "");
  }

  /**
   * What came of reading it.
   *
   * @param faults by field
   */
  record Read(Optional<Lot> lot, Map<String, String> faults) {}

  /**
   * @param materials what may be in it
   */
  Read read(List<Material> materials) {
    Map<String, String> faults = new LinkedHashMap<>();
    if (materials.stream().noneMatch(each -> each.code().equals(material))) {
      faults.put("material", Words.say("shelf.material.wanted"));
    }
    if (number.isBlank() || number.strip().length() > Lot.LONGEST_NUMBER) {
      faults.put("number", Words.say("shelf.number.wanted", "longest", Lot.LONGEST_NUMBER));
    }
    double full = amount("content", content, Lot.MIN_CONTENT, Lot.MAX_CONTENT, faults);
    double still = left.isBlank() ? full : amount("left", left, 0, full, faults);
    double keeps = amount("months", months, 1, Lot.MAX_MONTHS, faults);
    OptionalDouble paid =
        price.isBlank()
            ? OptionalDouble.empty()
            : OptionalDouble.of(amount("price", price, 0, Lot.MAX_PRICE, faults));
    Optional<LocalDate> good = day("expires", expires, faults);
    Optional<LocalDate> since = day("opened", opened, faults);
    return new Read(
        faults.isEmpty()
            ? Optional.of(
                new Lot(material, number.strip(), full, still, good, since, (int) keeps, paid))
            : Optional.empty(),
        faults);
  }

  private static double amount(
      String field, String typed, double min, double max, Map<String, String> faults) {
    Optional<Double> value = Numbers.parse(typed).filter(each -> each >= min && each <= max);
    if (value.isEmpty() && !(Double.isNaN(max))) {
      faults.put(field, Words.say("number.whole-from-to", "least", min, "most", max));
    }
    return value.orElse(Double.NaN);
  }

  private static Optional<LocalDate> day(String field, String typed, Map<String, String> faults) {
    try {
      return typed.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(typed.strip()));
    } catch (DateTimeParseException e) {
      faults.put(field, Words.say("shelf.day.wanted"));
      return Optional.empty();
    }
  }
}
