package ongle.core.product;

/** Something from a maker's bottle, jar or tube. */
public interface Bought {
  /** Name in files and addresses. */
  String code();

  /** Name on screen, where it is the salon's own. */
  String label();

  /** Whether it is one of the kinds that ship, named by whoever speaks. */
  boolean shipped();

  Limits limits();
}
