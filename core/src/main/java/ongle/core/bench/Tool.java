package ongle.core.bench;

import ongle.core.Code;
import ongle.core.layer.Coat;

/** What a step is done with on these nails, where it is not the kind's usual tool. */
public sealed interface Tool extends Code {
  /** Tools that need no more said. */
  enum Plain implements Tool {
    PUSHER_AND_STICK,
    ELECTRIC_FILE_FINE_BIT,
    STICK_ONLY,
    FINE_FILE,
    ACID_PRIMER,
    ACID_FREE_PRIMER,
    BASE_AND_BRUSH
  }

  /** A programme of a lamp. */
  record Lit(String lamp, String programme) implements Tool {}

  /** What holds the tip on. */
  record Holds(TipAttachment by) implements Tool {}

  /** What is brushed or laid on. */
  record Brushed(Coat coat) implements Tool {}
}
