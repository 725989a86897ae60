package ongle.core.bench;

import ongle.core.Code;

/** What to do at once. */
public sealed interface Urgent extends Code {
  /** Product touched skin. */
  record ProductOnSkin() implements Urgent {}

  /**
   * The client felt heat.
   *
   * @param seconds of light that are left
   */
  record Heat(long seconds) implements Urgent {}
}
