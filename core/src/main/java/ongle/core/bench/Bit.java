package ongle.core.bench;

import ongle.core.Code;

/** A bit of the electric file and its speeds; the bit maker's come first. */
public enum Bit implements Code {
  CUTICLE(3000, 7000),
  BULK(8000, 14000),
  SURFACE(6000, 10000);

  private final int slowest;
  private final int fastest;

  Bit(int slowest, int fastest) {
    this.slowest = slowest;
    this.fastest = fastest;
  }

  /** Least speed, rpm. */
  public int slowest() {
    return slowest;
  }

  /** Greatest speed, rpm. */
  public int fastest() {
    return fastest;
  }
}
