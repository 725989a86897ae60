package ongle.core;

/** One of several ways good technicians differ in; each has a name and a short why. */
public interface School extends Code {
  String name();
}
