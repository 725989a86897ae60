package ongle.core.bench;

/** What the appointment is for. */
public enum Visit {
  NEW_SET,
  INFILL,
  REMOVAL
}
