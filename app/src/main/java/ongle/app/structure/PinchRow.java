package ongle.app.structure;

import java.util.List;
import ongle.app.words.Numbers;
import ongle.core.structure.Pinch;

/** Pinching at one place, in a table. */
record PinchRow(
    String place,
    String built,
    String pinched,
    String narrower,
    String squeezeTo,
    String radius,
    String circle,
    String stiffer,
    boolean squeezes) {

  static List<PinchRow> of(List<Pinch> pinches) {
    return pinches.stream()
        .map(
            pinch ->
                new PinchRow(
                    Numbers.mm(pinch.beyond()),
                    Numbers.mm(pinch.built().chord()),
                    Numbers.mm(pinch.pinched().chord()),
                    Numbers.mm(pinch.narrowerBy()),
                    Numbers.mm(pinch.squeezeTo()),
                    Numbers.mm(pinch.pinched().radius()),
                    Math.round(100 * pinch.pinched().circleShare()) + " %",
                    "× " + Numbers.format(pinch.stiffer(), 1),
                    pinch.squeezes()))
        .toList();
  }
}
