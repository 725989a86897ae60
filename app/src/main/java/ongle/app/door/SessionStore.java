package ongle.app.door;

import ongle.app.store.SharedDatabase;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;
import org.springframework.session.jdbc.config.annotation.SpringSessionTransactionManager;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.SimpleTransactionStatus;

/** How sessions are kept: beside the salon's data, without its turn. */
@Configuration(proxyBeanMethods = false)
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = SessionStore.STRANGER)
class SessionStore {
  /** How long who has not signed in is known, s; whoever has stays longer ({@link Sessions}). */
  static final int STRANGER = 20 * 60;

  @Bean
  @Primary
  FindByIndexNameSessionRepository<? extends Session> thriftySessions(
      JdbcIndexedSessionRepository kept) {
    FindByIndexNameSessionRepository<? extends Session> all = kept;
    return ThriftySessions.over(all);
  }

  @Bean
  ThriftySessions.ReadOnce readOnce() {
    return new ThriftySessions.ReadOnce();
  }

  /** One statement at a time: at worst somebody signs in again. */
  @Bean(defaultCandidate = false)
  @SpringSessionTransactionManager
  PlatformTransactionManager withoutTransaction() {
    return new PlatformTransactionManager() {
      @Override
      public TransactionStatus getTransaction(@Nullable TransactionDefinition definition) {
        return new SimpleTransactionStatus();
      }

      @Override
      public void commit(TransactionStatus status) {
        // each statement was its own
      }

      @Override
      public void rollback(TransactionStatus status) {
        // as above
      }
    };
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
