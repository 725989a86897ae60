package ongle.core.photo;

/** Marks that cannot be right; the message says what is wrong and what to do, in a sentence. */
public final class MarkTrouble extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  public MarkTrouble(String message) {
    super(message);
  }
}
