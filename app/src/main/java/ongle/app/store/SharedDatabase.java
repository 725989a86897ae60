package ongle.app.store;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import java.util.regex.Pattern;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * A PostgreSQL database that several instances work on, instead of a file of one's own. Each salon
 * has a schema there: no connection of one sees a table of another.
 */
@Component
public class SharedDatabase {
  private static final String URL = "ongle.database";
  private static final String SALON = "ongle.salon";

  /** What schemas are called; a salon that is not named is called so. */
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9_]{0,30}");

  private static final String UNNAMED = "salon";

  private static final DateTimeFormatter ASIDE = DateTimeFormatter.ofPattern("'_'yyyyMMdd_HHmmss");

  /** First the names types have in the file's database, then the tables themselves. */
  private static final String MIGRATIONS = "classpath:db/postgresql,classpath:db/migration";

  /** Holds what is the salon's own until the transaction ends. */
  static final String TAKE_TURN = "select pg_advisory_xact_lock(hashtext(current_schema()))";

  /** Longest a change waits for those of other instances, ms; as long as for those of its own. */
  private static final int PATIENCE = 10_000;

  private final boolean shared;

  /** What may be said of the address: without the password that can stand behind it. */
  private final String where;

  private final JdbcTemplate sql;

  public SharedDatabase(@Value("${" + URL + ":}") String url, DataSource database) {
    shared = !url.isBlank();
    where = url.replaceFirst("\\?.*", "");
    sql = new JdbcTemplate(database);
  }

  /** Whether other instances may be at work on the same data. */
  public boolean isShared() {
    return shared;
  }

  /**
   * Knocks at the database, if it is shared, before anything is asked of it.
   *
   * @throws CannotStart if it does not answer, or lets nobody in
   */
  void reach() {
    if (shared) {
      try {
        sql.execute((Connection open) -> true);
      } catch (CannotGetJdbcConnectionException e) {
        throw new CannotStart(CannotStart.Why.NO_DATABASE, where, e);
      }
    }
  }

  /**
   * Waits until the change under way is the only one at any instance; so it stays until it is kept
   * or taken back.
   *
   * @throws CannotAcquireLockException if that takes too long
   */
  void takeTurn() {
    if (shared) {
      try {
        sql.query(TAKE_TURN, row -> {});
      } catch (UncategorizedSQLException e) {
        throw new CannotAcquireLockException("changes of other instances take long", e);
      }
    }
  }

  static boolean isAsked(Environment environment) {
    return !environment.getProperty(URL, "").isBlank();
  }

  /**
   * The settings that lead there.
   *
   * @throws CannotStart if the salon's name cannot be one
   */
  static Map<String, Object> settings(Environment environment) {
    Address address =
        new Address(environment.getRequiredProperty(URL), environment.getProperty(SALON, ""));
    return Map.of(
        "spring.datasource.url",
        address.url(),
        "spring.flyway.default-schema",
        address.schema(),
        "spring.flyway.locations",
        MIGRATIONS);
  }

  /**
   * Where a salon's tables are.
   *
   * @param database as {@code postgresql://host/name}
   * @param salon its schema; empty for the usual one
   */
  public record Address(String database, String salon) {
    /**
     * @throws CannotStart if the salon's name cannot be one
     */
    public Address {
      if (!salon.isEmpty() && !NAME.matcher(salon).matches()) {
        throw new CannotStart(CannotStart.Why.NO_SALON_NAME, salon, null);
      }
    }

    public String schema() {
      return salon.isEmpty() ? UNNAMED : salon;
    }

    String url() {
      return (database.startsWith("jdbc:") ? "" : "jdbc:")
          + database
          + (database.contains("?") ? "&" : "?")
          + "currentSchema="
          + schema()
          + "&ApplicationName=ongle&reWriteBatchedInserts=true&options=-c%20lock_timeout="
          + PATIENCE;
    }

    public Connection open() throws SQLException {
      return DriverManager.getConnection(url(), DataFolder.USER, null);
    }

    /**
     * Makes room for the salon's tables anew.
     *
     * @return the schema in which what was there is now
     */
    public String setAside(LocalDateTime now) throws SQLException {
      String aside = schema() + now.format(ASIDE);
      try (Connection opened = open();
          Statement statement = opened.createStatement()) {
        statement.execute("alter schema %s rename to %s".formatted(schema(), aside));
      }
      return aside;
    }

    /**
     * @throws CannotStart if a newer Ongle keeps its tables
     */
    public void refuseNewer() {
      Update.refuseNewer(flyway().info(), schema());
    }

    /** Makes its tables, or brings them up to date. */
    public void update() {
      flyway().migrate();
    }

    private Flyway flyway() {
      return Flyway.configure()
          .dataSource(url(), DataFolder.USER, null)
          .defaultSchema(schema())
          .locations(MIGRATIONS.split(","))
          .validateOnMigrate(false)
          .load();
    }
  }
}
