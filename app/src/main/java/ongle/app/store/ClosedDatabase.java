package ongle.app.store;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;

/**
 * The database closes itself where it can write no more, as on a full disk. Connections to a closed
 * one are thrown away, so that the next question opens it again.
 */
public final class ClosedDatabase implements SQLExceptionOverride {
  /**
   * The database's codes for being closed, a closed object, trouble with its file, and of its own.
   */
  private static final Set<Integer> CLOSED = Set.of(90098, 90121, 90007, 90028, 90031, 50000);

  @java.lang.Override
  public Override adjudicate(SQLException trouble) {
    return CLOSED.contains(trouble.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
  }
}
