package ongle.app.products;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import ongle.core.product.Handling;
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
  @Embedded private StoredLight light;
  private String origin;
  @Embedded private StoredLimits limits;
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
    light = product.light().map(StoredLight::new).orElse(null);
    limits = new StoredLimits(product.limits());
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
        StoredLight.read(light),
        origin,
        StoredLimits.read(limits));
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
