package ongle.app.people;

import java.io.Serializable;
import java.security.Principal;

/**
 * Whoever is signed in at a browser, as its session keeps them.
 *
 * @param id of the person; 0 for the house itself
 */
public record Who(long id, String called, Role role) implements Principal, Serializable {
  /** Ongle at work by itself: filling the demo, backing up at night. */
  public static final Who HOUSE = new Who(0, "Ongle", Role.OWNER);

  public boolean may(Right right) {
    return role.may(right);
  }

  /** What sessions are found by. */
  @Override
  public String getName() {
    return String.valueOf(id);
  }
}
