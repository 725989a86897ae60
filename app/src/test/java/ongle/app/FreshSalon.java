package ongle.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import javax.sql.DataSource;
import ongle.app.store.Instances;
import org.springframework.context.ApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestContext;
import org.springframework.test.context.TestExecutionListener;
import org.springframework.test.util.ReflectionTestUtils;

/** Puts the salon back to what it was at the start, before each test: none hears of another. */
class FreshSalon implements TestExecutionListener, Ordered {
  private static final Map<ApplicationContext, List<String>> BACK = new WeakHashMap<>();

  /** Before the transaction a test may run in. */
  @Override
  public int getOrder() {
    return 3500;
  }

  @Override
  public void beforeTestMethod(TestContext test) {
    ApplicationContext context = test.getApplicationContext();
    JdbcTemplate salon = new JdbcTemplate(context.getBean(DataSource.class));
    List<String> back = BACK.computeIfAbsent(context, key -> keep(salon));
    salon.execute(String.join("", back));
    // As after a backup was put back.
    ReflectionTestUtils.invokeMethod(
        context.getBean(Instances.class), "pass", Instances.MISSED, "");
  }

  /** Keeps a copy of every table, and says how to bring it back; on either kind of database. */
  private static List<String> keep(JdbcTemplate salon) {
    boolean shared =
        "PostgreSQL"
            .equals(
                salon.execute(
                    (ConnectionCallback<String>)
                        connection -> connection.getMetaData().getDatabaseProductName()));
    String checks = shared ? "set session_replication_role = %s;" : "set referential_integrity %s;";
    String schema = salon.queryForObject("select current_schema", String.class);
    String kept = schema + "_kept";
    List<String> back = new ArrayList<>(List.of(checks.formatted(shared ? "replica" : "false")));
    salon.execute("create schema " + kept);
    for (String table :
        salon.queryForList(
            "select table_name from information_schema.tables where table_schema = current_schema"
                + " and table_name not like 'flyway%'",
            String.class)) {
      String copy = kept + "." + table;
      salon.execute("create table %s as select * from %s".formatted(copy, table));
      back.add("delete from %s;".formatted(table));
      back.add("insert into %s select * from %s;".formatted(table, copy));
    }
    back.add(checks.formatted(shared ? "default" : "true"));
    return back;
  }
}
