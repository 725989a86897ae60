package ongle.core.bench;

import ongle.core.School;

/** How many nails are laid before the lamp. */
public enum NailOrder implements School {
  ONE_AT_A_TIME("one nail at a time", "flowing product is frozen before the next nail"),
  FOUR_AND_THUMB("four, then the thumb", "thumbs lie sideways in the lamp"),
  WHOLE_HAND("whole hand", "quickest where product stays put");

  private final String label;
  private final String why;

  NailOrder(String label, String why) {
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
