package ongle.app.deeds;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Something somebody did.
 *
 * @param person called so then; empty before anybody had signed in
 * @param part of the work it belongs to
 * @param action of that part
 * @param set it was done to
 * @param client it was done to
 * @param detail which finger, which figure; codes
 */
public record Deed(
    LocalDateTime at,
    String person,
    Part part,
    String action,
    Optional<Long> set,
    Optional<Long> client,
    String detail) {}
