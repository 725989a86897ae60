package ongle.app.shelf;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.web.CleanText;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Range;
import ongle.core.portion.Lot;
import ongle.core.portion.Material;

/** A lot as typed; whatever is wrong with it is said beside its field. */
record LotForm(
    String material,
    @Named(max = Lot.LONGEST_NUMBER, message = "shelf.number.wanted") String number,
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
   * @param materials what may be in it
   * @return empty if anything was wrong
   */
  Optional<Lot> read(FormReading typed, List<Material> materials) {
    if (materials.stream().noneMatch(each -> each.code().equals(material))) {
      typed.fault("material", Words.say("shelf.material.wanted"));
    }
    double full = typed.number("content", content, Lot.CONTENT);
    double still =
        left.isBlank() || Double.isNaN(full)
            ? full
            : typed.number("left", left, new Range(0, full));
    double keeps = typed.number("months", months, Lot.KEEPS_OPEN);
    OptionalDouble paid =
        price.isBlank()
            ? OptionalDouble.empty()
            : OptionalDouble.of(typed.number("price", price, Lot.PRICE));
    Optional<LocalDate> good = typed.day("expires", expires);
    Optional<LocalDate> since = typed.day("opened", opened);
    return typed.made(
        () -> new Lot(material, number.strip(), full, still, good, since, (int) keeps, paid));
  }
}
