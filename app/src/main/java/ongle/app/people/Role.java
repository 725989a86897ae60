package ongle.app.people;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import ongle.core.Code;

/** What somebody is in the salon: the one table of who may do what. */
public enum Role implements Code {
  OWNER(Right.SERVICE, Right.BOOK, Right.HANDS, Right.OVERRULE, Right.STOCK, Right.SALON),
  TECHNICIAN(Right.SERVICE, Right.BOOK, Right.HANDS, Right.OVERRULE, Right.STOCK),
  /** Plans and builds, but builds against no finding. */
  TRAINEE(Right.SERVICE, Right.BOOK, Right.HANDS),
  /** Sees no hands. */
  FRONT_DESK(Right.BOOK),
  /** No person: asks for plans with a token. */
  PROGRAM(Right.SERVICE);

  /** What somebody can be. */
  public static final List<Role> PEOPLE = List.of(OWNER, TECHNICIAN, TRAINEE, FRONT_DESK);

  private final Set<Right> rights;

  Role(Right... rights) {
    this.rights = EnumSet.of(Right.NONE, rights);
  }

  public boolean may(Right right) {
    return rights.contains(right);
  }

  /** Whether they sign in by a password; the others have a PIN. */
  public boolean hasPassword() {
    return this == OWNER;
  }
}
