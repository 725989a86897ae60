package ongle.app.sets;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.stream.Collectors;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;

/** Findings on a plate as one column: their names separated by commas, SOUND for none. */
@Converter(autoApply = true)
class PlateConditions implements AttributeConverter<PlateCondition, String> {
  private static final String SOUND = "SOUND";

  @Override
  public String convertToDatabaseColumn(PlateCondition condition) {
    return condition == null || condition.sound()
        ? SOUND
        : condition.findings().stream().map(Enum::name).collect(Collectors.joining(","));
  }

  @Override
  public PlateCondition convertToEntityAttribute(String stored) {
    return stored == null || stored.equals(SOUND)
        ? PlateCondition.SOUND
        : new PlateCondition(
            Arrays.stream(stored.split(","))
                .map(PlateFinding::valueOf)
                .collect(Collectors.toSet()));
  }
}
