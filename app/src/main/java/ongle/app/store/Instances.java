package ongle.app.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What instances on one database tell each other. Each hears everything, what it said itself
 * included, in one order; with a file of its own an instance hears only itself, at once.
 */
@Component
public class Instances implements SmartLifecycle {
  /** Heard where something may have been missed: whatever is remembered is asked anew. */
  public static final String MISSED = "missed";

  private static final Logger LOG = LoggerFactory.getLogger(Instances.class);
  private static final String CHANNEL = "ongle_";
  private static final String BETWEEN = "\n";

  /** Told by whatever changes everything at once; heard when that is kept. */
  static final String TELL_MISSED =
      "select pg_notify('%s' || current_schema(), '%s')".formatted(CHANNEL, MISSED + BETWEEN);

  private static final int LISTENS_MILLIS = 10_000;

  private final SharedDatabase shared;
  private final DataSource database;
  private final Map<String, List<Consumer<String>>> ears = new ConcurrentHashMap<>();
  private volatile boolean running;
  private volatile Thread listening;

  Instances(SharedDatabase shared, DataSource database) {
    this.shared = shared;
    this.database = database;
  }

  /** Whether no other can be at work on the same data. */
  public boolean isAlone() {
    return !shared.isShared();
  }

  /** Hears of a topic from now on. */
  public void hear(String topic, Consumer<String> ear) {
    ears.computeIfAbsent(topic, each -> new CopyOnWriteArrayList<>()).add(ear);
  }

  /** Forgets what is remembered whenever the topic is told, or may have been missed. */
  public void forget(String topic, Runnable what) {
    hear(topic, text -> what.run());
    hear(MISSED, text -> what.run());
  }

  /**
   * Tells every instance, now.
   *
   * @param text up to 7000 bytes
   */
  public void tell(String topic, String text) {
    if (!shared.isShared()) {
      pass(topic, text);
      return;
    }
    // A connection of its own: what is told does not wait for a change that is under way.
    try (Connection connection = database.getConnection();
        PreparedStatement notify =
            connection.prepareStatement("select pg_notify(? || current_schema(), ?)")) {
      notify.setString(1, CHANNEL);
      notify.setString(2, topic + BETWEEN + text);
      notify.execute();
    } catch (SQLException e) {
      LOG.warn("other instances could not be told: {}", e.getMessage());
      pass(topic, text);
    }
  }

  /** Tells every instance once the change under way is kept. */
  public void tellWhenKept(String topic) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            // Here at once: whoever made the change finds it.
            pass(topic, "");
            if (shared.isShared()) {
              tell(topic, "");
            }
          }
        });
  }

  private void pass(String topic, String text) {
    ears.getOrDefault(topic, List.of()).forEach(ear -> ear.accept(text));
  }

  @Override
  public void start() {
    running = true;
    if (shared.isShared()) {
      Thread thread = new Thread(this::listen, "instances");
      thread.setDaemon(true);
      thread.start();
      listening = thread;
    }
  }

  @Override
  public void stop() {
    running = false;
    if (listening != null) {
      listening.interrupt();
    }
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  private void listen() {
    while (running) {
      try (Connection connection = database.getConnection();
          Statement statement = connection.createStatement()) {
        String schema = connection.getSchema();
        statement.execute("listen " + CHANNEL + schema);
        pass(MISSED, "");
        hearOut(connection.unwrap(PGConnection.class));
      } catch (SQLException e) {
        if (running) {
          LOG.warn("other instances are not heard just now: {}", e.getMessage());
          LockSupport.parkNanos(TimeUnit.SECONDS.toNanos(1));
        }
      }
    }
  }

  private void hearOut(PGConnection from) throws SQLException {
    while (running) {
      for (PGNotification told : from.getNotifications(LISTENS_MILLIS)) {
        String[] parts = told.getParameter().split(BETWEEN, 2);
        try {
          pass(parts[0], parts[1]);
        } catch (RuntimeException e) {
          LOG.warn("what another instance told was not understood", e);
        }
      }
    }
  }
}
