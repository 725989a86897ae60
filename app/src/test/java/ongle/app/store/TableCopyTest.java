package ongle.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** All rows of a salon go over, and those that were there go. */
@SalonTest
class TableCopyTest {
  @TempDir Path folder;
  @Autowired private JdbcTemplate salon;

  private Connection made() throws Exception {
    StoredFile file = StoredFile.in(folder, new DataKey(""));
    file.update();
    Connection made = file.open();
    made.setAutoCommit(false);
    return made;
  }

  /** Every row of a table as text; pictures by their length. */
  private static List<String> rows(Connection of, String table) throws SQLException {
    List<String> rows = new ArrayList<>();
    try (Statement statement = of.createStatement();
        ResultSet found = statement.executeQuery("select * from " + table + " order by 1, 2")) {
      int columns = found.getMetaData().getColumnCount();
      while (found.next()) {
        List<String> row = new ArrayList<>();
        for (int i = 1; i <= columns; i++) {
          Object value = found.getObject(i);
          row.add(value instanceof byte[] bytes ? "" + bytes.length : found.getString(i));
        }
        rows.add(String.join("|", row));
      }
    }
    rows.sort(null);
    return rows;
  }

  private static void change(Connection at, String sql) throws SQLException {
    try (Statement statement = at.createStatement()) {
      statement.executeUpdate(sql);
    }
  }

  private static final String NEW_CLIENT =
      "insert into client (version, form_key, name, minor)"
          + " values (0, random_uuid(), 'Greta Halvorn', false)";

  @Test
  void everyRowGoesOverInThePlaceOfWhatWasThere() throws Exception {
    try (Connection from = salon.getDataSource().getConnection();
        Connection to = made()) {
      from.setAutoCommit(false);
      change(to, NEW_CLIENT);
      new TableCopy(from, to).replace();
      // And once more, over rows that name each other.
      new TableCopy(from, to).replace();
      to.commit();
      Map<String, Long> counts = TableCopy.counts(from);
      assertThat(counts.get("client")).isGreaterThan(10);
      assertThat(TableCopy.counts(to)).isEqualTo(counts);
      for (String table : counts.keySet()) {
        assertThat(rows(to, table)).as(table).isEqualTo(rows(from, table));
      }
      change(to, NEW_CLIENT);
      assertThat(rows(to, "client")).hasSize(counts.get("client").intValue() + 1);
      from.rollback();
    }
  }

  /** What does not fit leaves what was there as it was. */
  @Test
  void halfACopyIsNone() throws Exception {
    try (Connection from = salon.getDataSource().getConnection();
        Connection to = made()) {
      from.setAutoCommit(false);
      change(to, NEW_CLIENT);
      to.commit();
      change(to, "alter table deed alter column action set data type varchar(1)");
      change(
          from,
          "insert into deed (done_at, person, kind, action, detail)"
              + " values (current_timestamp, '', 'CLIENTS', 'change', '')");
      assertThatThrownBy(() -> new TableCopy(from, to).replace()).isInstanceOf(SQLException.class);
      to.rollback();
      from.rollback();
      assertThat(rows(to, "client")).hasSize(1).first().asString().contains("Greta Halvorn");
    }
  }

  @Test
  void rowsWithoutATableToGoToAreNotLeftOutInSilence() throws Exception {
    try (Connection to = made();
        Connection from = salon.getDataSource().getConnection()) {
      change(to, "drop table bench_event");
      assertThatThrownBy(() -> new TableCopy(from, to).replace())
          .isInstanceOf(SQLException.class)
          .hasMessageContaining("bench_event");
    }
  }
}
