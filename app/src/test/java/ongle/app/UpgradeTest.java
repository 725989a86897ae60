package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A salon that was filled before the schema changed goes on with what it had. */
class UpgradeTest {
  private static final DataSource DATABASE =
      new DriverManagerDataSource("jdbc:h2:mem:upgrade;DB_CLOSE_DELAY=-1");

  private final JdbcTemplate sql = new JdbcTemplate(DATABASE);

  private static void migrateTo(String version) {
    Flyway.configure().dataSource(DATABASE).target(version).load().migrate();
  }

  private void set(long id, long client, String day, String kit) {
    sql.update(
        """
        insert into nail_set (id, version, form_key, client_id, created_at, shape, length_mode,
          length_value, product, school, across, kit)
        values (?, 0, random_uuid(), ?, cast(? as timestamp), 'ALMOND', 'MILLIMETRES', 6, 'acrylic',
          'THIRD', 'SALON', ?)""",
        id,
        client,
        day + " 10:00:00",
        kit);
  }

  @Test
  void measuresChosenTipsAndEarlierVisitsAreTakenOver() {
    migrateTo("1");
    sql.update(
        "insert into client (id, version, form_key, name, minor) values (1, 0, random_uuid(), 'Ada', false), (2, 0, random_uuid(), 'Una', false)");
    set(1, 1, "2026-01-10", "lindenbox");
    set(2, 1, "2026-02-02", "lindenbox");
    set(3, 2, "2026-02-03", "lindenbox");
    sql.update(
        "insert into set_nail (id, version, set_id, finger, plate_condition, skin, tip_number) values (1, 0, 2, 'R3', 'THIN', 'INTACT', '6'), (2, 0, 2, 'R2', 'SOUND', 'DRY', null)");
    sql.update("insert into set_nail_value (nail_id, quantity, amount) values (1, 'WIDTH', 11.4)");

    migrateTo("latest");

    assertThat(sql.queryForObject("select previous_id from nail_set where id = 2", Long.class))
        .isEqualTo(1);
    assertThat(sql.queryForObject("select previous_id from nail_set where id = 3", Long.class))
        .isNull();
    assertThat(sql.queryForObject("select kit from nail_set where id = 1", String.class)).isNull();
    assertThat(sql.queryForMap("select tip_kit, way, earlier from set_nail where id = 1"))
        .containsEntry("TIP_KIT", "lindenbox")
        .containsEntry("EARLIER", "NONE")
        .containsEntry("WAY", null);
    assertThat(sql.queryForObject("select tip_kit from set_nail where id = 2", String.class))
        .isNull();
    assertThat(sql.queryForMap("select amount, how from set_nail_value where nail_id = 1"))
        .containsEntry("AMOUNT", 11.4)
        .containsEntry("HOW", "TYPED");
  }

  /** Every version there ever was, with a row in each of its tables. */
  @ParameterizedTest
  @MethodSource("versions")
  void noVersionLosesARow(String version) throws Exception {
    DataSource database =
        new DriverManagerDataSource("jdbc:h2:mem:from-" + version + ";DB_CLOSE_DELAY=-1");
    JdbcTemplate old = new JdbcTemplate(database);
    Flyway.configure().dataSource(database).target(version).load().migrate();
    List<String> tables = tables(old);
    old.execute("set referential_integrity false");
    tables.forEach(table -> fill(old, table));
    old.execute("set referential_integrity true");
    Map<String, Long> before = new TreeMap<>();
    tables.forEach(table -> before.put(table, rows(old, table)));

    Flyway.configure().dataSource(database).load().migrate();

    assertThat(tables(old)).isEqualTo(tables(fresh()));
    before.forEach(
        (table, rows) -> {
          String now = table.equals("TECHNICIAN") ? "PERSON" : table;
          if (tables(old).contains(now)) {
            assertThat(rows(old, now)).as(now).isGreaterThanOrEqualTo(rows);
          }
        });
    assertThat(columns(old)).isEqualTo(columns(fresh()));
  }

  static List<String> versions() {
    return Arrays.stream(Flyway.configure().dataSource(DATABASE).load().info().all())
        .map(each -> each.getVersion().getVersion())
        .toList();
  }

  private static JdbcTemplate fresh() {
    DataSource database = new DriverManagerDataSource("jdbc:h2:mem:fresh;DB_CLOSE_DELAY=-1");
    Flyway.configure().dataSource(database).load().migrate();
    return new JdbcTemplate(database);
  }

  private static List<String> tables(JdbcTemplate of) {
    return of.queryForList(
        "select table_name from information_schema.tables where table_schema = 'PUBLIC'"
            + " and table_name not like 'flyway%' order by table_name",
        String.class);
  }

  private static List<String> columns(JdbcTemplate of) {
    return of.queryForList(
        "select table_name || '.' || column_name || ' ' || data_type || ' ' || is_nullable"
            + " from information_schema.columns where table_schema = 'PUBLIC'"
            + " and table_name not like 'flyway%' order by 1",
        String.class);
  }

  private static long rows(JdbcTemplate of, String table) {
    return of.queryForObject("select count(*) from " + table, Long.class);
  }

  private static void fill(JdbcTemplate in, String table) {
    if (rows(in, table) > 0) {
      return;
    }
    List<Map<String, Object>> columns =
        in.queryForList(
            "select column_name, data_type, character_maximum_length most"
                + " from information_schema.columns where table_schema = 'PUBLIC' and table_name = ?",
            table);
    String names =
        columns.stream()
            .map(column -> (String) column.get("COLUMN_NAME"))
            .collect(Collectors.joining(", "));
    String values = columns.stream().map(UpgradeTest::value).collect(Collectors.joining(", "));
    in.execute("insert into " + table + " (" + names + ") values (" + values + ")");
  }

  private static String value(Map<String, Object> column) {
    String type = (String) column.get("DATA_TYPE");
    return switch (type) {
      case "CHARACTER VARYING", "CHARACTER", "CHARACTER LARGE OBJECT" -> "'1'";
      case "BOOLEAN" -> "false";
      case "TIMESTAMP" -> "timestamp '2026-01-10 10:00:00'";
      case "DATE" -> "date '2026-01-10'";
      case "TIME" -> "time '10:00:00'";
      case "UUID" -> "random_uuid()";
      case "BINARY LARGE OBJECT", "BINARY VARYING" -> "X'01'";
      default -> "1";
    };
  }
}
