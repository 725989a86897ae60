package ongle.app.store;

import java.nio.file.Path;
import ongle.app.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Nothing could be kept, so nothing is begun. */
public final class CannotStart extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Why, and what to do. */
  enum Why {
    NOT_WRITABLE,
    FULL,
    OPEN_ALREADY,
    EMPTY,
    UPDATE_FAILED,
    NEWER,
    KEY_MISSING,
    NO_DATABASE,
    NO_SALON_NAME
  }

  private final Why why;

  CannotStart(Why why, Path folder, @Nullable Exception cause) {
    this(why, folder.toAbsolutePath().normalize().toString(), cause);
  }

  CannotStart(Why why, String what, @Nullable Exception cause) {
    super(Words.say("store.CannotStart.Why." + why, "folder", what), cause);
    this.why = why;
  }

  /** Says it in the console in plain words, without a trace. */
  static final class Said extends AbstractFailureAnalyzer<CannotStart> {
    @Override
    protected FailureAnalysis analyze(Throwable root, CannotStart cause) {
      return new FailureAnalysis(cause.getMessage(), Words.of(cause.why, "then"), cause);
    }
  }
}
