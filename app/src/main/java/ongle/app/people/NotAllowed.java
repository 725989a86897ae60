package ongle.app.people;

/** Whoever is signed in may not do this. */
public class NotAllowed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final Right right;

  public NotAllowed(Right right) {
    super("needs " + right);
    this.right = right;
  }

  public Right right() {
    return right;
  }
}
