package ongle.e2e;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Measures how long any of 20 000 measuring sheets takes to open in a salon that has so many; run
 * by {@code ./ongle bench}.
 */
@Tag("bench")
class ManySheetsIT {
  private static final int SHEETS = 20_000;
  private static final int CLIENTS = 2_000;
  private static final int OPENED = 300;
  private static final int WARM_UP = 100;
  private static final int FIRST = 1_000_000;

  /** Ten visits a client, each after the one before, copied from the demo's second set. */
  private static final String[] FILL = {
    "insert into client (id, version, form_key, name, minor) select %d + x, 0, random_uuid(), 'Client ' || x, false from system_range(0, %d)"
        .formatted(FIRST, CLIENTS - 1),
    """
    insert into nail_set (id, version, form_key, client_id, created_at, shape, length_mode, length_value, product, school, across)
    select %1$d + x, 0, random_uuid(), %1$d + mod(x, %2$d), dateadd('DAY', x / %2$d * 21, timestamp '2025-06-01 10:00:00'),
      s.shape, s.length_mode, s.length_value, s.product, s.school, s.across
    from system_range(0, %3$d) cross join nail_set s where s.id = 2 order by x"""
        .formatted(FIRST, CLIENTS, SHEETS - 1),
    "update nail_set set previous_id = id - %d where id >= %d".formatted(CLIENTS, FIRST + CLIENTS),
    """
    insert into set_nail (id, version, set_id, finger, plate_condition, skin)
    select %1$d + x * 10 + row_number() over (partition by x order by n.finger), 0, %1$d + x, n.finger, n.plate_condition, 'INTACT'
    from system_range(0, %2$d) cross join set_nail n where n.set_id = 2"""
        .formatted(FIRST, SHEETS - 1),
    """
    insert into set_nail_value (nail_id, quantity, amount, how)
    select m.id, v.quantity, v.amount, v.how from set_nail m
    join set_nail n on n.set_id = 2 and n.finger = m.finger join set_nail_value v on v.nail_id = n.id
    where m.set_id >= %d"""
        .formatted(FIRST)
  };

  @Test
  void anyOfTwentyThousandSheetsOpensInTime() throws SQLException {
    try (Salon salon = new Salon()) {
      salon.kill();
      try (Connection connection =
              DriverManager.getConnection(
                  "jdbc:h2:file:" + salon.data().resolve("ongle"), "ongle", "");
          Statement statement = connection.createStatement()) {
        for (String sql : FILL) {
          statement.execute(sql);
        }
      }
      salon.start();
      open(salon, WARM_UP, 1);
      List<Double> times = open(salon, OPENED, 2).stream().sorted().toList();
      System.out.printf(
          "opening one of %d measuring sheets: median %.0f ms, 95th percentile %.0f ms, slowest %.0f ms%n",
          SHEETS, times.get(OPENED / 2), times.get((int) (OPENED * 0.95)), times.get(OPENED - 1));
    }
  }

  private static List<Double> open(Salon salon, int count, long seed) {
    Random random = new Random(seed);
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      String path = "/sets/" + (FIRST + random.nextInt(SHEETS)) + "/measure";
      long before = System.nanoTime();
      int status = salon.get(path).statusCode();
      times.add((System.nanoTime() - before) / 1e6);
      if (status != 200) {
        throw new IllegalStateException(path + " answers " + status + "\n" + salon.log());
      }
    }
    return times;
  }
}
