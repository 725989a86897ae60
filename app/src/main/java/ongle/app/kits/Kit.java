package ongle.app.kits;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import ongle.core.shape.NailShape;

/** A box of tips or forms as the salon keeps it. */
@Entity
public class Kit {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String code;
  private String label;

  @Enumerated(EnumType.STRING)
  private KitKind kind;

  @Enumerated(EnumType.STRING)
  private NailShape outline;

  private String about;
  private boolean atHand = true;

  @OneToMany(mappedBy = "kit", cascade = CascadeType.ALL, orphanRemoval = true)
  @OrderBy("place")
  private List<KitSize> sizes = new ArrayList<>();

  protected Kit() {}

  Kit(KitList list) {
    code = list.code();
    label = list.label();
    kind = list.kind();
    outline = list.outline();
    about = list.about();
    list.rows().forEach(this::add);
  }

  /** The same form sent again brings no second one. */
  Kit(UUID formKey, KitList list) {
    this(list);
    this.formKey = formKey;
  }

  public Long getId() {
    return id;
  }

  public String getCode() {
    return code;
  }

  public String getLabel() {
    return label;
  }

  public KitKind getKind() {
    return kind;
  }

  /** What the blanks of a tip kit are moulded in; null for forms. */
  public NailShape getOutline() {
    return outline;
  }

  public String getAbout() {
    return about;
  }

  /** Whether sets are fitted from it. */
  public boolean isAtHand() {
    return atHand;
  }

  public List<KitSize> getSizes() {
    return Collections.unmodifiableList(sizes);
  }

  KitList list() {
    return new KitList(
        code, label, kind, outline, about, sizes.stream().map(KitSize::row).toList());
  }

  void describe(String newLabel, String newAbout, NailShape newOutline) {
    label = newLabel;
    about = newAbout;
    outline = kind == KitKind.TIPS ? newOutline : null;
  }

  void keepAtHand(boolean now) {
    atHand = now;
  }

  KitSize add(KitRow row) {
    KitSize size =
        new KitSize(this, sizes.isEmpty() ? 0 : sizes.get(sizes.size() - 1).getPlace() + 1, row);
    sizes.add(size);
    return size;
  }

  void remove(KitSize size) {
    sizes.remove(size);
  }

  void removeAll() {
    sizes.clear();
  }
}
