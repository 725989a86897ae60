package ongle.app.structure;

import java.util.Comparator;
import java.util.List;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.plan.Comparison;
import ongle.core.structure.Margins;

/**
 * One school in a table of schools.
 *
 * @param code to take it by
 * @param line its number in the drawing, from 1
 * @param firstDay least margin then, and what gives
 * @param lastDay least margin then, and what gives
 * @param least whether it needs least product of those that hold
 */
record SchoolRow(
    String code,
    int line,
    String label,
    String why,
    boolean taken,
    boolean holds,
    String apex,
    String at,
    String product,
    String firstDay,
    String lastDay,
    boolean min) {

  static List<SchoolRow> of(List<Comparison> schools) {
    Comparison min =
        schools.stream()
            .filter(school -> school.apex().holds())
            .min(Comparator.comparingDouble(Comparison::volume))
            .orElse(null);
    return schools.stream()
        .map(
            school ->
                new SchoolRow(
                    school.school().name(),
                    schools.indexOf(school) + 1,
                    Words.of(school.school()),
                    Words.of(school.school(), "why"),
                    school.taken(),
                    school.apex().holds(),
                    Numbers.thickness(school.apex().thickness()),
                    Numbers.mm(school.apex().at()),
                    Words.say("structure.figure.product.value", "volume", school.volume()),
                    margin(school.endurance().first().first()),
                    margin(school.endurance().last().first()),
                    school == min))
        .toList();
  }

  private static String margin(Margins.Margin margin) {
    return StructureWords.value(margin) + " " + Words.of(margin.cause());
  }
}
