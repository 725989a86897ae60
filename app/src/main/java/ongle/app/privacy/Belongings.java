package ongle.app.privacy;

import java.sql.Blob;
import java.sql.Clob;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Every row that belongs to a client, found by following the tables' own references from the
 * client's row: a table added later belongs by its reference alone, and none can be forgotten.
 */
@Component
class Belongings {
  private static final String ROOT = "CLIENT";

  /** Statistics, and who did what: they stay without the person, the reference is emptied. */
  private static final Set<String> STAY = Set.of("STEP_TIME", "VISIT_TIME", "LOT_USE", "DEED");

  /** Between a column and the way it was come by. */
  private static final String BY = " < ";

  /** Belong without the database knowing of it: they may outlive what they speak of. */
  private static final List<Reference> UNWRITTEN =
      List.of(
          new Reference("DEED", "CLIENT_ID", ROOT, "ID"),
          new Reference("DEED", "SET_ID", "NAIL_SET", "ID"));

  private static final String REFERENCES =
      """
      select child.table_name belongs, child.column_name col, parent.table_name holder,
        parent.column_name named
      from information_schema.referential_constraints r
      join information_schema.key_column_usage child
        on child.constraint_name = r.constraint_name
        and child.constraint_schema = r.constraint_schema
      join information_schema.key_column_usage parent
        on parent.constraint_name = r.unique_constraint_name
        and parent.constraint_schema = r.unique_constraint_schema
        and parent.ordinal_position = child.position_in_unique_constraint
      where child.table_schema = current_schema
      """;

  private final JdbcTemplate sql;

  Belongings(JdbcTemplate sql) {
    this.sql = sql;
  }

  /** A column of one table that names a row of another. */
  private record Reference(String child, String column, String parent, String key) {}

  /**
   * A table, and which of its rows belong.
   *
   * @param depth references between it and the client
   * @param which by reference: rows it leads to; the client's number is the one parameter of each
   */
  private record Part(String table, int depth, Map<String, String> which) {
    String any() {
      return which.values().stream()
          .map(each -> "(" + each + ")")
          .collect(Collectors.joining(" or "));
    }

    Object[] of(long client) {
      return which.values().stream().map(each -> (Object) client).toArray();
    }
  }

  private List<Reference> references() {
    List<Reference> all =
        new ArrayList<>(
            sql.query(
                REFERENCES,
                (row, number) ->
                    new Reference(
                        upper(row.getString("belongs")),
                        upper(row.getString("col")),
                        upper(row.getString("holder")),
                        upper(row.getString("named")))));
    all.addAll(UNWRITTEN);
    return all;
  }

  private static String upper(String name) {
    return name.toUpperCase(Locale.ROOT);
  }

  /** The nearest first. */
  private List<Part> parts() {
    Map<String, Part> parts = new TreeMap<>();
    parts.put(ROOT, new Part(ROOT, 0, new LinkedHashMap<>(Map.of("ID", "id = ?"))));
    List<Reference> references = references();
    boolean more = true;
    while (more) {
      more = false;
      for (Reference each : references) {
        Part parent = parts.get(each.parent());
        if (parent == null || each.parent().equals(each.child())) {
          continue;
        }
        Part child =
            parts.getOrDefault(each.child(), new Part(each.child(), 0, new LinkedHashMap<>()));
        Map<String, String> which = new LinkedHashMap<>(child.which());
        parent
            .which()
            .forEach(
                (by, rows) ->
                    which.put(
                        each.column() + BY + by,
                        each.column()
                            + " in (select "
                            + each.key()
                            + " from "
                            + each.parent()
                            + " where "
                            + rows
                            + ")"));
        Part found = new Part(each.child(), Math.max(child.depth(), parent.depth() + 1), which);
        if (!found.equals(child)) {
          parts.put(each.child(), found);
          more = true;
        }
      }
    }
    return parts.values().stream().sorted(Comparator.comparingInt(Part::depth)).toList();
  }

  /** How many rows of each table belong; tables with none are left out. */
  Map<String, Long> counts(long client) {
    Map<String, Long> counts = new LinkedHashMap<>();
    for (Part part : parts()) {
      Long rows =
          sql.queryForObject(
              "select count(*) from " + part.table() + " where " + part.any(),
              Long.class,
              part.of(client));
      if (rows != null && rows > 0) {
        counts.put(part.table(), rows);
      }
    }
    return counts;
  }

  /** All of it, by table; pictures as Base64. */
  Map<String, List<Map<String, Object>>> all(long client) {
    Map<String, List<Map<String, Object>>> all = new LinkedHashMap<>();
    for (Part part : parts()) {
      List<Map<String, Object>> rows =
          sql.queryForList(
              "select * from " + part.table() + " where " + part.any(), part.of(client));
      if (!rows.isEmpty()) {
        all.put(
            part.table().toLowerCase(Locale.ROOT),
            rows.stream().map(Belongings::readable).toList());
      }
    }
    return all;
  }

  private static Map<String, Object> readable(Map<String, Object> row) {
    Map<String, Object> shown = new LinkedHashMap<>();
    row.forEach((column, value) -> shown.put(column.toLowerCase(Locale.ROOT), plain(value)));
    return shown;
  }

  private static Object plain(Object value) {
    try {
      if (value instanceof byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
      }
      if (value instanceof Blob blob) {
        return Base64.getEncoder().encodeToString(blob.getBytes(1, (int) blob.length()));
      }
      if (value instanceof Clob clob) {
        return clob.getSubString(1, (int) clob.length());
      }
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    return value instanceof Number || value instanceof Boolean || value == null
        ? value
        : value.toString();
  }

  /** Erases every picture, with what was marked in it; to be called in a transaction. */
  void erasePictures(long client) {
    Set<String> pictures =
        sql
            .queryForList(
                "select table_name from information_schema.columns"
                    + " where table_schema = current_schema and lower(column_name) = 'jpeg'",
                String.class)
            .stream()
            .map(Belongings::upper)
            .collect(Collectors.toSet());
    List<Part> parts = parts();
    for (Reference each : references()) {
      if (pictures.contains(each.parent())) {
        Part held = parts.stream().filter(p -> p.table().equals(each.parent())).findFirst().get();
        sql.update(
            "delete from %s where %s in (select %s from %s where %s)"
                .formatted(each.child(), each.column(), each.key(), each.parent(), held.any()),
            held.of(client));
      }
    }
    parts.stream()
        .filter(part -> pictures.contains(part.table()))
        .forEach(
            part ->
                sql.update(
                    "delete from " + part.table() + " where " + part.any(), part.of(client)));
  }

  /** Erases all of it, the farthest first; to be called in a transaction. */
  void erase(long client) {
    List<Part> parts = new ArrayList<>(parts());
    parts.sort(Comparator.comparingInt(Part::depth).reversed());
    // Rows of one table that name each other let go first.
    for (Reference each : references()) {
      if (each.child().equals(each.parent())) {
        parts.stream()
            .filter(part -> part.table().equals(each.child()))
            .forEach(
                part ->
                    sql.update(
                        "update %s set %s = null where %s"
                            .formatted(part.table(), each.column(), part.any()),
                        part.of(client)));
      }
    }
    for (Part part : parts) {
      if (STAY.contains(part.table())) {
        part.which()
            .forEach(
                (by, rows) ->
                    sql.update(
                        "update %s set %s = null where %s"
                            .formatted(part.table(), by.substring(0, by.indexOf(BY)), rows),
                        client));
      } else {
        sql.update("delete from " + part.table() + " where " + part.any(), part.of(client));
      }
    }
  }
}
