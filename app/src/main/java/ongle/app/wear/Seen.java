package ongle.app.wear;

/**
 * Nails alike in everything the salon's own figures are counted by, added up; one note a nail, the
 * last that is known of it.
 *
 * @param tenth of the chance they were foretold to be whole with, 0 to 9
 * @param beyond how long they were built, whole mm beyond the stress line
 * @param nails how many
 * @param failed how many of them failed in any way
 * @param broken how many of those cracked or broke, which is what is foretold
 * @param days they were worn, together
 * @param foretold chances they were foretold with, added up
 */
record Seen(
    int tenth,
    String product,
    String shape,
    String way,
    String technician,
    boolean leftOut,
    int beyond,
    long nails,
    long failed,
    long broken,
    long days,
    double foretold) {}
