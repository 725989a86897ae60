package ongle.app.store;

import org.springframework.transaction.CannotCreateTransactionException;

/** There is no room to save anything; what is saved can be read. */
public final class DiskFull extends CannotCreateTransactionException {
  private static final long serialVersionUID = 1L;

  DiskFull() {
    super("no room on the disk");
  }
}
