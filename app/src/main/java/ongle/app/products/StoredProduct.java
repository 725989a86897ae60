package ongle.app.products;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;

/** A product of the salon's own as stored. */
@Entity
@Table(name = "product")
class StoredProduct {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String code;
  private String label;
  private double modulus;
  private double strength;
  private double density;
  private double shrinkage;
  private boolean levelling;
  private boolean standsFree;

  @Enumerated(EnumType.STRING)
  private Handling handling;

  private boolean soaksOff;
  private Double clearReach;
  private Double pigmentedReach;
  private Double fullDose;
  private Double flashDose;
  private String wavelengths;
  private Double reactivity;
  private String origin;
  private boolean putAway;

  protected StoredProduct() {}

  StoredProduct(UUID formKey, Product product) {
    this.formKey = formKey;
    code = product.code();
    become(product);
  }

  final void become(Product product) {
    label = product.label();
    modulus = product.modulus();
    strength = product.strength();
    density = product.density();
    shrinkage = product.shrinkage();
    levelling = product.levelling();
    standsFree = product.standsFree();
    handling = product.handling();
    soaksOff = product.soaksOff();
    origin = product.origin();
    LightCure light = product.light().orElse(null);
    clearReach = light == null ? null : light.clearReach();
    pigmentedReach = light == null ? null : light.pigmentedReach();
    fullDose = light == null ? null : light.fullDose();
    flashDose = light == null ? null : light.flashDose();
    reactivity = light == null ? null : light.reactivity();
    wavelengths =
        light == null
            ? null
            : light.wavelengths().stream()
                .sorted()
                .map(String::valueOf)
                .collect(Collectors.joining(" "));
  }

  Product product() {
    return new Product(
        code,
        label,
        modulus,
        strength,
        density,
        shrinkage,
        levelling,
        standsFree,
        handling,
        soaksOff,
        fullDose == null
            ? Optional.empty()
            : Optional.of(
                new LightCure(
                    clearReach,
                    pigmentedReach,
                    fullDose,
                    flashDose,
                    Arrays.stream(wavelengths.split(" "))
                        .map(Integer::valueOf)
                        .collect(Collectors.toSet()),
                    reactivity)),
        origin);
  }

  int version() {
    return version;
  }

  boolean isPutAway() {
    return putAway;
  }

  void putAway(boolean away) {
    putAway = away;
  }
}
