package ongle.app.sets;

import java.time.LocalDateTime;
import ongle.core.nail.Finger;

/**
 * Length of a plate measured at a visit.
 *
 * @param mm from the cuticle to the stress line
 */
public record PlateLength(long setId, LocalDateTime at, Finger finger, double mm) {}
