package ongle.app.door;

import javax.sql.DataSource;
import ongle.app.store.SharedDatabase;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;
import org.springframework.session.jdbc.config.annotation.SpringSessionTransactionManager;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;

/**
 * How sessions are kept: beside the salon's data, without its turn and without its disk sync. Every
 * page writes when its browser was last heard of; at worst somebody signs in again.
 */
@Configuration(proxyBeanMethods = false)
class SessionStore {
  @Bean(defaultCandidate = false)
  @SpringSessionTransactionManager
  PlatformTransactionManager sessionWrites(DataSource database, SharedDatabase shared) {
    return new Hasty(database, shared);
  }

  private static final class Hasty extends JdbcTransactionManager {
    private static final long serialVersionUID = 1L;

    private final transient SharedDatabase shared;
    private final transient JdbcTemplate sql;

    Hasty(DataSource database, SharedDatabase shared) {
      super(database);
      this.shared = shared;
      sql = new JdbcTemplate(database);
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
      super.doBegin(transaction, definition);
      if (shared.isShared()) {
        sql.execute("set local synchronous_commit = off");
      }
    }
  }

  /** Two requests of one browser may add the same to its session at once. */
  @Bean
  SessionRepositoryCustomizer<JdbcIndexedSessionRepository> atOnce(SharedDatabase shared) {
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> postgres =
        new PostgreSqlJdbcIndexedSessionRepositoryCustomizer();
    return sessions -> {
      if (shared.isShared()) {
        postgres.customize(sessions);
      }
    };
  }
}
