package ongle.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import ongle.core.portion.Lot;

/** A jar, bottle or tube as stored. */
@Entity
@Table(name = "lot")
class StoredLot {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String material;
  private String number;
  private double content;
  private double remaining;
  private LocalDate expires;
  private LocalDate opened;
  private int goodOpenMonths;
  private Double price;

  protected StoredLot() {}

  StoredLot(UUID formKey, Lot lot) {
    this.formKey = formKey;
    become(lot);
  }

  final void become(Lot lot) {
    material = lot.material();
    number = lot.number();
    content = lot.content();
    remaining = lot.left();
    expires = lot.expires().orElse(null);
    opened = lot.opened().orElse(null);
    goodOpenMonths = lot.goodOpenMonths();
    price = lot.price().isPresent() ? lot.price().getAsDouble() : null;
  }

  /** Takes some out; a closed one is opened by it. */
  void take(double amount, LocalDate day) {
    remaining = Math.max(0, remaining - amount);
    opened = opened == null ? day : opened;
  }

  Long id() {
    return id;
  }

  int version() {
    return version;
  }

  Lot lot() {
    return new Lot(
        material,
        number,
        content,
        remaining,
        Optional.ofNullable(expires),
        Optional.ofNullable(opened),
        goodOpenMonths,
        price == null ? OptionalDouble.empty() : OptionalDouble.of(price));
  }
}
