package ongle.core.bench;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.Code;
import ongle.core.nail.Finger;

/** What a nail is like in the middle of the work: what may touch it, and what must not. */
public enum NailState implements Code {
  /** Nothing fresh on it. */
  BARE,
  /** Primer waits for product. */
  PRIMED,
  /** Soft product: nothing may fall on it or touch it. */
  WET,
  /** Frozen, or setting by itself: shaped no more, and not filed yet. */
  SETTING,
  IN_LAMP,
  /** Cured or hard. */
  HARD,
  /** Filed, with dust on it. */
  DUSTY;

  /**
   * @param past what is behind, in the order it happened
   * @param hardAfter how long product that sets by itself takes, s
   */
  static Map<Finger, NailState> of(List<Past> past, Instant now, long hardAfter) {
    Map<Finger, NailState> states = new EnumMap<>(Finger.class);
    for (Past one : past) {
      if (one.skipped().isPresent() || one.waits(now)) {
        continue;
      }
      for (Step part : one.step().singly()) {
        boolean runs = one.running(now);
        boolean hard = !one.ends().plusSeconds(hardAfter).isAfter(now);
        after(part, runs, hard)
            .ifPresent(state -> part.fingers().forEach(finger -> states.put(finger, state)));
      }
    }
    return states;
  }

  private static Optional<NailState> after(Step part, boolean runs, boolean hard) {
    if (part.dose().isPresent()) {
      boolean sets = part.product().filter(product -> product.setsByItself()).isPresent();
      return Optional.of(sets ? (hard ? HARD : SETTING) : WET);
    }
    return switch (part.kind()) {
      case PRIME -> Optional.of(PRIMED);
      case COLOUR, TOP, BASE, CAP -> Optional.of(WET);
      case FLASH -> Optional.of(runs ? IN_LAMP : SETTING);
      case CURE, CURE_THUMB, UNDERSIDE -> Optional.of(runs ? IN_LAMP : HARD);
      case SHORTEN,
          SHORTEN_BUILD,
          BREAK_FILE,
          SHINE,
          THIN_OLD,
          FILE_OFF,
          THIN_INFILL,
          BLEND_INFILL,
          TIP_CUT,
          TIP_BLEND,
          FRAME_FILE,
          OUTLINE,
          SIDEWALLS,
          SURFACE,
          UNDERNEATH,
          QUARTERS,
          TOUCH_EDGE,
          CAP_FILE,
          BUFF ->
          Optional.of(DUSTY);
      case DUST, PLATE_CARE -> Optional.of(BARE);
      case CLEAN, WIPE, WASH_HANDS -> Optional.of(HARD);
      default -> Optional.empty();
    };
  }
}
