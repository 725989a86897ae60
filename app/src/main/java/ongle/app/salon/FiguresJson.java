package ongle.app.salon;

import java.util.EnumMap;
import java.util.Map;
import ongle.core.check.Tolerance;
import ongle.core.check.Tolerances;
import ongle.core.nail.Digit;
import ongle.core.plan.Activity;
import ongle.core.plan.SalonFigures;
import ongle.core.structure.ApexFloor;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The salon's planning figures as they are stored. Activities that came later have the usual. */
final class FiguresJson {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private FiguresJson() {}

  /** Names as they stand in the store, whatever the core calls them. */
  private record Stored(Map<Digit, Double> shares, Map<Activity, Double> factors, Floor floor) {}

  private record Floor(double none, double perMillimetre, double max) {}

  static String write(SalonFigures figures) {
    return JSON.writeValueAsString(
        new Stored(
            figures.shares(),
            figures.factors(),
            new Floor(
                figures.floor().none(), figures.floor().perMillimetre(), figures.floor().max())));
  }

  static SalonFigures read(String stored) {
    Stored read = JSON.readValue(stored, Stored.class);
    Map<Activity, Double> factors = new EnumMap<>(SalonFigures.USUAL.factors());
    factors.putAll(read.factors());
    return new SalonFigures(
        read.shares(),
        factors,
        new ApexFloor(read.floor().none(), read.floor().perMillimetre(), read.floor().max()));
  }

  static String write(Tolerances tolerances) {
    return JSON.writeValueAsString(tolerances.set());
  }

  static Tolerances tolerances(String stored) {
    return new Tolerances(JSON.readValue(stored, new TypeReference<Map<Tolerance, Double>>() {}));
  }
}
