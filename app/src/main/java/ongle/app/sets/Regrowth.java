package ongle.app.sets;

import java.time.LocalDateTime;
import ongle.core.nail.Finger;

/**
 * Regrowth measured at a visit.
 *
 * @param built when the visit before was
 * @param mm bare plate since then
 */
public record Regrowth(Finger finger, LocalDateTime built, LocalDateTime measured, double mm) {}
