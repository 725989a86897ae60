package ongle.app.store;

import java.nio.file.Path;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Nothing could be kept, so nothing is begun. */
public final class CannotStart extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Why, and what to do. */
  enum Why {
    NOT_WRITABLE(
        "Ongle cannot write to its data folder %s.",
        "Make the folder writable for whoever starts Ongle, or name another one with"
            + " --ongle.data-dir=FOLDER."),
    FULL(
        "The disk that holds Ongle's data folder %s is full.",
        "Make room on it, then start Ongle again. What was saved is untouched."),
    OPEN_ALREADY(
        "Ongle is running already with the data in %s.",
        "Use the window that is open, or end that Ongle first. For a second one beside it, name"
            + " another folder with --ongle.data-dir=FOLDER."),
    UPDATE_FAILED(
        "The data in %s could not be brought up to date with this Ongle.",
        "What was saved is untouched: the next start puts the copy back that was made before."
            + " Start the Ongle you had before, and tell us.");

    private final String what;
    private final String then;

    Why(String what, String then) {
      this.what = what;
      this.then = then;
    }
  }

  private final Why why;

  CannotStart(Why why, Path folder, Exception cause) {
    super(String.format(why.what, folder.toAbsolutePath().normalize()), cause);
    this.why = why;
  }

  /** Says it in the console in plain words, without a trace. */
  static final class Said extends AbstractFailureAnalyzer<CannotStart> {
    @Override
    protected FailureAnalysis analyze(Throwable root, CannotStart cause) {
      return new FailureAnalysis(cause.getMessage(), cause.why.then, cause);
    }
  }
}
