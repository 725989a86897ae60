package ongle.app.lan;

import ongle.app.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** The door to the network stays closed, and with it Ongle. */
final class CannotOpen extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String then;

  /**
   * @param why in words
   * @param then what to do, in words
   */
  CannotOpen(String why, String then, @Nullable Exception cause) {
    super(why, cause);
    this.then = then;
  }

  static CannotOpen ownerless() {
    return new CannotOpen(Words.say("lan.ownerless"), Words.say("lan.ownerless.then"), null);
  }

  static CannotOpen withoutCertificate(Exception cause) {
    return new CannotOpen(
        Words.say("lan.no-certificate", "why", String.valueOf(cause.getMessage())),
        Words.say("lan.no-certificate.then"),
        cause);
  }

  /** Says it in the console in plain words, without a trace. */
  static final class Said extends AbstractFailureAnalyzer<CannotOpen> {
    @Override
    protected FailureAnalysis analyze(Throwable root, CannotOpen cause) {
      return new FailureAnalysis(cause.getMessage(), cause.then, cause);
    }
  }
}
