package ongle.app.store;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ongle.app.words.Words;

/**
 * Copies every row from one database to another with the same tables, whichever of the two kinds
 * they are: so a backup of either can be put back into either.
 */
public final class TableCopy {
  /** The tables' own history, which each database has its own of. */
  private static final String HISTORY = "flyway_schema_history";

  /** Who is signed in just now is no data of the salon's. */
  private static final String SESSIONS = "spring_session";

  private static final int ROWS_AT_A_TIME = 100;

  private final Connection from;
  private final Connection to;

  /** Both without autocommit; what was copied counts once the caller commits. */
  public TableCopy(Connection from, Connection to) {
    this.from = from;
    this.to = to;
  }

  /** The tables that hold a salon's data, in small letters. */
  public static Set<String> tables(Connection of) throws SQLException {
    Set<String> tables = new TreeSet<>();
    DatabaseMetaData about = of.getMetaData();
    try (ResultSet found =
        about.getTables(
            of.getCatalog(), of.getSchema(), "%", new String[] {"TABLE", "BASE TABLE"})) {
      while (found.next()) {
        String table = found.getString("TABLE_NAME").toLowerCase(Locale.ROOT);
        if (!table.equals(HISTORY) && !table.startsWith(SESSIONS)) {
          tables.add(table);
        }
      }
    }
    return tables;
  }

  /** Says in words that these are not there. */
  public static SQLException missing(Set<String> tables) {
    return new SQLException(Words.say("store.missing", "tables", String.join(", ", tables)));
  }

  /** Rows by table. */
  public static Map<String, Long> counts(Connection of) throws SQLException {
    Map<String, Long> counts = new TreeMap<>();
    try (Statement statement = of.createStatement()) {
      for (String table : tables(of)) {
        try (ResultSet rows = statement.executeQuery("select count(*) from " + table)) {
          rows.next();
          counts.put(table, rows.getLong(1));
        }
      }
    }
    return counts;
  }

  /**
   * In the place of what is there; nobody stays signed in.
   *
   * @throws SQLException if there is a table too few to take everything
   */
  public void replace() throws SQLException {
    List<String> order = order();
    Set<String> homeless = tables(from);
    homeless.removeAll(order);
    if (!homeless.isEmpty()) {
      throw missing(homeless);
    }
    try (Statement statement = to.createStatement()) {
      statement.executeUpdate("delete from " + SESSIONS);
      for (int i = order.size() - 1; i >= 0; i--) {
        release(order.get(i), statement);
        statement.executeUpdate("delete from " + order.get(i));
      }
    }
    for (String table : order) {
      copy(table);
    }
    goOnCounting(order);
  }

  /** Rows of one table that name each other let go first. */
  private void release(String table, Statement statement) throws SQLException {
    try (ResultSet keys = to.getMetaData().getImportedKeys(null, to.getSchema(), name(table))) {
      while (keys.next()) {
        if (keys.getString("PKTABLE_NAME").equalsIgnoreCase(table)) {
          statement.executeUpdate(
              "update %s set %s = null".formatted(table, keys.getString("FKCOLUMN_NAME")));
        }
      }
    }
  }

  /** As this database writes names. */
  private String name(String table) throws SQLException {
    return to.getMetaData().storesUpperCaseIdentifiers() ? table.toUpperCase(Locale.ROOT) : table;
  }

  /** Tables after those their rows name. */
  private List<String> order() throws SQLException {
    Set<String> left = new LinkedHashSet<>(tables(to));
    Map<String, Set<String>> names = new TreeMap<>();
    for (String table : left) {
      Set<String> named = new TreeSet<>();
      try (ResultSet keys = to.getMetaData().getImportedKeys(null, to.getSchema(), name(table))) {
        while (keys.next()) {
          named.add(keys.getString("PKTABLE_NAME").toLowerCase(Locale.ROOT));
        }
      }
      named.remove(table);
      names.put(table, named);
    }
    List<String> order = new ArrayList<>();
    while (!left.isEmpty()) {
      List<String> next =
          left.stream().filter(table -> order.containsAll(names.get(table))).toList();
      if (next.isEmpty()) {
        throw new SQLException("tables name each other in a ring: " + left);
      }
      order.addAll(next);
      next.forEach(left::remove);
    }
    return order;
  }

  private void copy(String table) throws SQLException {
    try (Statement reading = from.createStatement()) {
      reading.setFetchSize(ROWS_AT_A_TIME);
      // A row names only rows made before it.
      try (ResultSet rows = reading.executeQuery("select * from " + table + " order by 1")) {
        ResultSetMetaData columns = rows.getMetaData();
        int count = columns.getColumnCount();
        List<String> names = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
          names.add(columns.getColumnName(i));
        }
        String insert =
            "insert into %s (%s) values (%s)"
                .formatted(
                    table,
                    String.join(", ", names),
                    IntStream.range(0, count).mapToObj(i -> "?").collect(Collectors.joining(", ")));
        try (PreparedStatement writing = to.prepareStatement(insert)) {
          int waiting = 0;
          while (rows.next()) {
            for (int i = 1; i <= count; i++) {
              writing.setObject(i, value(rows, i));
            }
            writing.addBatch();
            if (++waiting % ROWS_AT_A_TIME == 0) {
              writing.executeBatch();
            }
          }
          writing.executeBatch();
        }
      }
    }
  }

  /** As both databases take it. */
  private static Object value(ResultSet rows, int column) throws SQLException {
    ResultSetMetaData columns = rows.getMetaData();
    if (columns.getColumnTypeName(column).equalsIgnoreCase("uuid")) {
      return rows.getObject(column); // to one of the two it is binary
    }
    return switch (columns.getColumnType(column)) {
      case Types.TIMESTAMP -> rows.getObject(column, LocalDateTime.class);
      case Types.DATE -> rows.getObject(column, LocalDate.class);
      case Types.BLOB, Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY -> rows.getBytes(column);
      case Types.CLOB, Types.LONGVARCHAR -> rows.getString(column);
      default -> rows.getObject(column);
    };
  }

  /** New rows get numbers after those that were copied. */
  private void goOnCounting(List<String> tables) throws SQLException {
    try (Statement statement = to.createStatement()) {
      for (String table : tables) {
        try (ResultSet columns =
            to.getMetaData().getColumns(null, to.getSchema(), name(table), name("id"))) {
          if (columns.next() && "YES".equals(columns.getString("IS_AUTOINCREMENT"))) {
            long next;
            try (ResultSet last =
                statement.executeQuery("select coalesce(max(id), 0) + 1 from " + table)) {
              last.next();
              next = last.getLong(1);
            }
            statement.execute(
                "alter table %s alter column id restart with %d".formatted(table, next));
          }
        }
      }
    }
  }
}
