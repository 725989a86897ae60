package ongle.e2e;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Measures how long any of 20 000 measuring sheets takes to open in a salon that has so many, and
 * the pages that look over all of them; run by {@code ./ongle bench}.
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
        .formatted(FIRST),
    // All visits of a hundredth of the clients are one client's, one after another.
    """
    update nail_set set client_id = %1$d, previous_id = case when id = %1$d then null else
      (select max(o.id) from nail_set o where mod(o.id - %1$d, %2$d) < %3$d and o.id < nail_set.id and o.id >= %1$d) end
    where id >= %1$d and mod(id - %1$d, %2$d) < %3$d"""
        .formatted(FIRST, CLIENTS, CLIENTS / 100),
    """
    insert into wear_note (version, set_id, finger, seen_on, kind, place, days, foretold, margins, product, shape, way, technician, left_out, beyond, counts)
    select 0, n.set_id, n.finger, dateadd('DAY', 21, s.created_at),
      case when mod(n.id * 7919, 97) = 0 then 'CRACK' when mod(n.id * 7919, 89) = 0 then 'LIFTING' end,
      case when mod(n.id * 7919, 97) = 0 then 'STRESS_LINE' when mod(n.id * 7919, 89) = 0 then 'CUTICLE' end,
      21, 0.7 + mod(n.id, 30) / 100.0, '1.6 1.55 1.5 1.45 1.4 1.35 1.3 1.25 1.2 1.15',
      case mod(n.id, 4) when 0 then 'acrylic' when 1 then 'hard-gel' when 2 then 'poly-gel' else 'soak-off-gel' end,
      case mod(n.set_id, 3) when 0 then 'OVAL' when 1 then 'ROUND' else 'ALMOND' end,
      case mod(n.set_id, 2) when 0 then 'TIP' else 'FORM' end, '1', mod(n.set_id, 20) = 0, mod(n.set_id, 12), true
    from set_nail n join nail_set s on s.id = n.set_id where n.set_id >= %d"""
        .formatted(FIRST),
    """
    insert into worn_set (set_id, version, failed, nail_weeks)
    select set_id, 0, count(kind), 30 from wear_note where set_id >= %d group by set_id"""
        .formatted(FIRST),
    """
    insert into lot_use (set_id, run, material, number, amount)
    select s.id, 1, 'material-' || x, 'L' || mod(s.id, 60), 1 from nail_set s cross join system_range(1, 6) where s.id >= %d"""
        .formatted(FIRST),
    """
    insert into tally (version, tenth, product, shape, way, technician, left_out, beyond, nails, failed, broken, days, foretold)
    select 0, cast(floor(10 * foretold) as integer), product, shape, way, technician, left_out, 100 + beyond, count(*), count(kind),
      count(kind), sum(days), sum(foretold) from wear_note where set_id >= %d
    group by cast(floor(10 * foretold) as integer), product, shape, way, technician, left_out, beyond"""
        .formatted(FIRST),
    """
    insert into lot_tally (version, material, number, sets, failed, nail_weeks)
    select 0, u.material, u.number, count(*), sum(w.failed), sum(w.nail_weeks) from lot_use u
    join worn_set w on w.set_id = u.set_id where u.set_id >= %d group by u.material, u.number"""
        .formatted(FIRST),
    "analyze"
  };

  private static final String[] PAGES = {
    "/", "/salon/truth", "/clients/" + FIRST, "/clients/" + FIRST + "/hands", "/clients?q=Client+17"
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
      for (String page : PAGES) {
        double first = open(salon, page);
        List<Double> again =
            IntStream.range(0, 20).mapToObj(i -> open(salon, page)).sorted().toList();
        System.out.printf(
            "opening %s with %d visits: first %.0f ms, then median %.0f ms, slowest %.0f ms%n",
            page, SHEETS, first, again.get(10), again.get(19));
      }
    }
  }

  private static List<Double> open(Salon salon, int count, long seed) {
    Random random = new Random(seed);
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      times.add(open(salon, "/sets/" + (FIRST + random.nextInt(SHEETS)) + "/measure"));
    }
    return times;
  }

  /** In ms. */
  private static double open(Salon salon, String path) {
    long before = System.nanoTime();
    int status = salon.get(path).statusCode();
    double took = (System.nanoTime() - before) / 1e6;
    if (status != 200) {
      throw new IllegalStateException(path + " answers " + status + "\n" + salon.log());
    }
    return took;
  }
}
