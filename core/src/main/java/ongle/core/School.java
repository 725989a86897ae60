package ongle.core;

/** One of several ways good technicians differ in; each has a name and a short why. */
public interface School {
  String name();

  /** What it is called on screen. */
  String label();

  /** Why somebody works that way, half a sentence. */
  String why();
}
