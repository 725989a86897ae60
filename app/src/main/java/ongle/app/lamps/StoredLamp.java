package ongle.app.lamps;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;

/** A lamp of the salon as stored. */
@Entity
@Table(name = "lamp")
class StoredLamp {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private String code;
  private String label;
  private String wavelengths;
  private double nominal;
  private Double measured;
  private LocalDateTime measuredAt;
  private boolean thumbsApart;

  @ElementCollection(fetch = FetchType.EAGER)
  @CollectionTable(name = "lamp_programme", joinColumns = @JoinColumn(name = "lamp_id"))
  @OrderColumn(name = "place")
  private List<StoredProgramme> programmes = new ArrayList<>();

  /** One button. */
  @Embeddable
  record StoredProgramme(String label, int seconds, double power) {}

  protected StoredLamp() {}

  StoredLamp(UUID formKey, Lamp lamp) {
    this.formKey = formKey;
    code = lamp.code();
    become(lamp);
  }

  /** As corrected; what a meter said of it stays. */
  final void become(Lamp lamp) {
    label = lamp.label();
    wavelengths =
        lamp.wavelengths().stream().sorted().map(String::valueOf).collect(Collectors.joining(" "));
    nominal = lamp.nominal();
    thumbsApart = lamp.thumbsApart();
    programmes.clear();
    lamp.programmes()
        .forEach(
            each ->
                programmes.add(new StoredProgramme(each.label(), each.seconds(), each.power())));
  }

  Lamp lamp() {
    return new Lamp(
        code,
        label,
        Arrays.stream(wavelengths.split(" ")).map(Integer::valueOf).collect(Collectors.toSet()),
        nominal,
        measured == null ? OptionalDouble.empty() : OptionalDouble.of(measured),
        thumbsApart,
        programmes.stream()
            .map(each -> new Programme(each.label(), each.seconds(), each.power()))
            .toList());
  }

  int version() {
    return version;
  }

  LocalDateTime measuredAt() {
    return measuredAt;
  }

  void measuring(double light, LocalDateTime at) {
    measured = light;
    measuredAt = at;
  }
}
