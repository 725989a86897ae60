package ongle.core.nail;

/** The units Ongle speaks in; every quantity has exactly one. */
public enum Unit {
  MILLIMETRE,
  DEGREE,
  PERCENT,
  DAY
}
