package ongle.core.bench;

import java.util.Set;
import ongle.core.School;
import ongle.core.product.LightCure;

/** What fixes a tip. */
public enum TipAttachment implements School {
  GLUE,
  GEL;

  /** What the thin gel under a tip needs of a lamp; a planning figure of our own. */
  public static final LightCure GEL_UNDER_TIP =
      new LightCure(0.4, 0.3, 2.4, 0.4, Set.of(365, 405), 0.6);
}
