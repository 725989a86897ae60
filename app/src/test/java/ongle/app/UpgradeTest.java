package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;

import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
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
}
