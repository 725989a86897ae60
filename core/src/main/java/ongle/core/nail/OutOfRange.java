package ongle.core.nail;

/** A value that no nail or build can have; names the quantity it was meant for. */
public final class OutOfRange extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final Quantity quantity;

  public OutOfRange(Quantity quantity, double value) {
    this(quantity, quantity + " " + value);
  }

  /** For a value that is within its own range but contradicts another. */
  public OutOfRange(Quantity quantity, String message) {
    super(message);
    this.quantity = quantity;
  }

  public Quantity quantity() {
    return quantity;
  }
}
