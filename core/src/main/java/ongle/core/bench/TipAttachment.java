package ongle.core.bench;

import java.util.Set;
import ongle.core.School;
import ongle.core.product.LightCure;

/** What fixes a tip. */
public enum TipAttachment implements School {
  GLUE("glue", "ten seconds, no lamp"),
  GEL("cured gel", "fills gaps under the tip; cured from above and below");

  /** What the thin gel under a tip needs of a lamp; a planning figure of our own. */
  public static final LightCure GEL_UNDER_TIP =
      new LightCure(0.4, 0.3, 2.4, 0.4, Set.of(365, 405), 0.6);

  private final String label;
  private final String why;

  TipAttachment(String label, String why) {
    this.label = label;
    this.why = why;
  }

  @Override
  public String label() {
    return label;
  }

  @Override
  public String why() {
    return why;
  }
}
