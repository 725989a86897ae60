package ongle.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import javax.sql.DataSource;
import ongle.app.kits.KitCatalogue;
import ongle.app.salon.SalonSettings;
import org.springframework.context.ApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestContext;
import org.springframework.test.context.TestExecutionListener;
import org.springframework.test.util.AopTestUtils;
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
    forget(context, KitCatalogue.class, "known");
    forget(context, SalonSettings.class, "language");
  }

  /** Keeps a copy of every table, and says how to bring it back. */
  private static List<String> keep(JdbcTemplate salon) {
    List<String> back = new ArrayList<>(List.of("SET REFERENTIAL_INTEGRITY FALSE;"));
    salon.execute("CREATE SCHEMA KEPT");
    for (String table :
        salon.queryForList(
            "SELECT TABLE_NAME FROM INFORMATION_SCHEMA.TABLES WHERE TABLE_SCHEMA = 'PUBLIC'"
                + " AND TABLE_NAME NOT LIKE 'flyway%'",
            String.class)) {
      salon.execute("CREATE TABLE KEPT.%1$s AS SELECT * FROM PUBLIC.%1$s".formatted(table));
      back.add("TRUNCATE TABLE PUBLIC.%1$s;".formatted(table));
      back.add("INSERT INTO PUBLIC.%1$s SELECT * FROM KEPT.%1$s;".formatted(table));
    }
    back.add("SET REFERENTIAL_INTEGRITY TRUE;");
    return back;
  }

  private static void forget(ApplicationContext context, Class<?> service, String field) {
    ReflectionTestUtils.setField(
        AopTestUtils.<Object>getUltimateTargetObject(context.getBean(service)), field, null);
  }
}
