package ongle.app.sets;

/**
 * How often a set was written: as long as that is the same, so is the set.
 *
 * @param times its own row
 * @param nails its nails together, with what was measured on them
 */
public record Written(long setId, int times, long nails) {}
