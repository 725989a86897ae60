package ongle.app.sets;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ongle.core.wear.PrepStep;

/** Steps of the preparation left out as one column: their names separated by commas. */
@Converter
class SkippedSteps implements AttributeConverter<Set<PrepStep>, String> {
  @Override
  public String convertToDatabaseColumn(Set<PrepStep> steps) {
    return steps.stream().sorted().map(Enum::name).collect(Collectors.joining(","));
  }

  @Override
  public Set<PrepStep> convertToEntityAttribute(String stored) {
    return stored.isEmpty()
        ? Set.of()
        : Arrays.stream(stored.split(","))
            .map(PrepStep::valueOf)
            .collect(Collectors.toCollection(TreeSet::new));
  }
}
