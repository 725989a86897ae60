package ongle.app.layers;

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
import ongle.app.products.StoredLight;
import ongle.app.products.StoredLimits;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;

/** A bottle of the salon's own as stored. */
@Entity
@Table(name = "coat")
class StoredCoat {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String code;
  private String label;
  private String shade;

  @Enumerated(EnumType.STRING)
  private LayerKind kind;

  private double thickness;
  private int coats;
  private boolean wiped;
  private boolean acid;
  @Embedded private StoredLight light;
  @Embedded private StoredLimits limits;
  private boolean putAway;

  protected StoredCoat() {}

  StoredCoat(UUID formKey, Coat coat) {
    this.formKey = formKey;
    code = coat.code();
    become(coat);
  }

  final void become(Coat coat) {
    label = coat.label();
    shade = coat.number();
    kind = coat.kind();
    thickness = coat.thickness();
    coats = coat.coats();
    wiped = coat.wiped();
    acid = coat.acid();
    light = coat.light().map(StoredLight::new).orElse(null);
    limits = new StoredLimits(coat.limits());
  }

  Coat coat() {
    return new Coat(
        code,
        label,
        shade,
        kind,
        thickness,
        StoredLight.read(light),
        coats,
        wiped,
        acid,
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
