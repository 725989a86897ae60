package ongle.core.check;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import ongle.core.Code;
import ongle.core.shape.Filing;
import ongle.core.shape.NailShape;

/** What the eye looks at on a finished nail, in the order the hand is turned. */
public enum Look implements Code {
  SIDEWALLS,
  TIP,
  CORNERS,
  APEX,
  UPPER_ARCH,
  LOWER_ARCH,
  BARREL,
  HAIRLINE,
  CUTICLE,
  LIGHT,
  TWINS;

  /** What the eye finds. */
  public enum Found implements Code {
    PASS,
    FILE,
    ADD
  }

  private static final Set<Filing.Tip> WITH_CORNERS =
      Set.of(Filing.Tip.STRAIGHT_SHARP, Filing.Tip.STRAIGHT_ROUNDED, Filing.Tip.FLAT);

  /** What there is to look at on a shape. */
  public static List<Look> of(NailShape shape) {
    boolean corners = WITH_CORNERS.contains(Filing.of(shape).tip());
    return Arrays.stream(values()).filter(look -> look != CORNERS || corners).toList();
  }
}
