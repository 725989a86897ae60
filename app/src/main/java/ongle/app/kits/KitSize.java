package ongle.app.kits;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.Version;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/** One size of a kit, and how many of it are left. */
@Entity
public class KitSize {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;

  @ManyToOne(fetch = FetchType.LAZY, optional = false)
  @JoinColumn(name = "kit_id")
  private Kit kit;

  private int place;
  private String number;
  private Integer pieces;

  @ElementCollection
  @CollectionTable(name = "kit_size_figure", joinColumns = @JoinColumn(name = "size_id"))
  @MapKeyColumn(name = "figure")
  @MapKeyEnumerated(EnumType.STRING)
  @Column(name = "amount")
  @Fetch(FetchMode.SUBSELECT)
  private Map<KitColumn, Double> figures = new HashMap<>();

  protected KitSize() {}

  KitSize(Kit kit, int place, KitRow row) {
    this.kit = kit;
    this.place = place;
    take(row);
  }

  public Long getId() {
    return id;
  }

  int getPlace() {
    return place;
  }

  public String getNumber() {
    return number;
  }

  /** Left of it; null when nobody counts. */
  public Integer getPieces() {
    return pieces;
  }

  KitRow row() {
    return new KitRow(number, new EnumMap<>(figures), pieces);
  }

  final void take(KitRow row) {
    number = row.number();
    figures.clear();
    figures.putAll(row.figures());
    pieces = row.pieces();
  }

  /** Counts down as far as there are any; what nobody counts stays so. */
  void takeOut(int taken) {
    if (pieces != null) {
      pieces = Math.max(0, pieces - taken);
    }
  }
}
