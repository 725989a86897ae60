package ongle.app.store;

import jakarta.persistence.EntityManagerFactory;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Changes come one after the other, in the order they were asked for, and are on the disk when they
 * are answered, at one instance as at several. A change takes some milliseconds: a salon never
 * waits for that, and no two changes can get in each other's way. Reading goes on beside it.
 */
@Component("transactionManager")
class OneWriter extends JpaTransactionManager {
  private static final long serialVersionUID = 1L;

  /** Longest a change waits for its turn, s. */
  private static final int PATIENCE = 10;

  private final ReentrantLock turn = new ReentrantLock(true);
  private final transient DataFile file;
  private final transient SharedDatabase shared;
  private final transient ObjectProvider<Witness> witnesses;

  OneWriter(
      EntityManagerFactory entities,
      DataFile file,
      SharedDatabase shared,
      ObjectProvider<Witness> witnesses) {
    super(entities);
    this.file = file;
    this.shared = shared;
    this.witnesses = witnesses;
    // A change within what only reads would be answered as kept and be lost.
    setValidateExistingTransaction(true);
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    if (!definition.isReadOnly()) {
      if (!file.hasRoom()) {
        throw new DiskFull();
      }
      waitForTurn();
    }
    try {
      super.doBegin(transaction, definition);
    } catch (RuntimeException | Error e) {
      pass();
      throw e;
    }
    if (!definition.isReadOnly()) {
      try {
        shared.takeTurn();
      } catch (RuntimeException | Error e) {
        doCleanupAfterCompletion(transaction);
        throw e;
      }
    }
  }

  private void waitForTurn() {
    try {
      if (!turn.tryLock(PATIENCE, TimeUnit.SECONDS)) {
        throw new CannotAcquireLockException("other changes take longer than " + PATIENCE + " s");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new CannotAcquireLockException("interrupted while waiting for other changes", e);
    }
  }

  @Override
  protected void prepareForCommit(DefaultTransactionStatus status) {
    if (status.isNewTransaction() && !status.isReadOnly()) {
      witnesses.forEach(Witness::aboutToKeep);
    }
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    super.doCommit(status);
    if (!status.isReadOnly()) {
      file.keep();
    }
  }

  @Override
  protected void doCleanupAfterCompletion(Object transaction) {
    super.doCleanupAfterCompletion(transaction);
    pass();
  }

  private void pass() {
    if (turn.isHeldByCurrentThread()) {
      turn.unlock();
    }
  }
}
