package ongle.core.bench;

/** What the appointment is for; single fingers may have another job. */
public enum Visit {
  NEW_SET(FingerJob.NEW),
  INFILL(FingerJob.INFILL),
  REMOVAL(FingerJob.OFF),
  SOME_NAILS(FingerJob.LEAVE),
  POLISH_ONLY(FingerJob.POLISH);

  private final FingerJob usual;

  Visit(FingerJob usual) {
    this.usual = usual;
  }

  /** What is done on a finger of which nothing else was said. */
  public FingerJob usual() {
    return usual;
  }
}
