package ongle.app.words;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Finger;
import ongle.core.plan.PickingList;
import ongle.core.plan.SetPlan;

/**
 * What to lay out for a set, in the salon's words.
 *
 * @param lines one a number
 * @param without product only: the fingers nothing is laid out for
 */
public record PickingWords(List<Line> lines, String without) {

  /**
   * One number to lay out.
   *
   * @param left what the salon has of it; null when not counted
   * @param instead what to take where it does not last
   */
  public record Line(
      String kit,
      String number,
      BuildWay way,
      int pieces,
      String fingers,
      String left,
      List<String> instead) {}

  /**
   * @param fingers that get a tip or form today
   */
  public static PickingWords of(SetPlan plan, Set<Finger> fingers) {
    return new PickingWords(
        PickingList.of(plan, fingers).lines().stream().map(PickingWords::line).toList(),
        plan.built().stream()
            .filter(nail -> fingers.contains(nail.nail().finger()))
            .filter(
                nail ->
                    nail.fit().way() == BuildWay.FREE_HAND || nail.fit().way() == BuildWay.OVERLAY)
            .map(nail -> Words.of(nail.nail().finger()))
            .collect(Collectors.joining(", ")));
  }

  /** The whole list on one line: "Lindenbox 4 ×2, 6". */
  public String inOneLine() {
    return lines.stream()
        .collect(
            Collectors.groupingBy(Line::kit, java.util.LinkedHashMap::new, Collectors.toList()))
        .entrySet()
        .stream()
        .map(
            kit ->
                kit.getKey()
                    + " "
                    + kit.getValue().stream()
                        .map(
                            line ->
                                line.number() + (line.pieces() == 1 ? "" : " ×" + line.pieces()))
                        .collect(Collectors.joining(", ")))
        .collect(Collectors.joining("; "));
  }

  private static Line line(PickingList.Line line) {
    return new Line(
        line.kitLabel(),
        line.item().number(),
        line.way(),
        line.pieces(),
        line.fingers().stream().map(Words::of).collect(Collectors.joining(", ")),
        line.left().isPresent() ? Words.say("fit.pick.left", "left", line.left().getAsInt()) : null,
        line.without().stream().map(PickingWords::instead).toList());
  }

  private static String instead(PickingList.Instead instead) {
    return instead
        .tip()
        .map(
            pick ->
                Words.say(
                    "fit.pick.instead",
                    "finger",
                    instead.finger(),
                    "kit",
                    pick.kit().label(),
                    "number",
                    pick.number(),
                    "area",
                    pick.toFile()))
        .orElseGet(() -> Words.say("fit.pick.nothing", "finger", instead.finger()));
  }
}
