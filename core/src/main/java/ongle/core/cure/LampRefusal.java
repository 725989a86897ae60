package ongle.core.cure;

import java.util.List;
import ongle.core.Code;

/** Why a lamp cannot cure a product. */
public sealed interface LampRefusal extends Code {
  /**
   * It would stay soft under a hard skin.
   *
   * @param shines wavelengths of the lamp, nm
   * @param needed wavelengths the product answers to, nm
   */
  record OtherLight(String lamp, List<Integer> shines, List<Integer> needed)
      implements LampRefusal {
    public OtherLight {
      shines = List.copyOf(shines);
      needed = List.copyOf(needed);
    }
  }

  /**
   * No time makes up for what it has lost.
   *
   * @param percent of its original output
   * @param min percent below which it is refused
   */
  record WornOut(String lamp, int percent, int min) implements LampRefusal {}
}
