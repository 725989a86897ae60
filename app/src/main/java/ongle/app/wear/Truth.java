package ongle.app.wear;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import ongle.core.wear.Rate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How true the salon's own promises were, and what fails more than the rest. */
@Service
class Truth {
  private static final int TENTHS = 10;

  private final WearNoteRepository notes;

  Truth(WearNoteRepository notes) {
    this.notes = notes;
  }

  /**
   * Nails foretold about alike.
   *
   * @param foretold mean of what was foretold, 0 to 1
   * @param held how many did hold
   */
  record Tenth(double foretold, Rate held) {}

  /**
   * One of a group, such as one product.
   *
   * @param failures of any kind over nail-weeks
   * @param more whether it surely fails more than all the others together
   */
  record Line(String name, Rate failures, boolean more) {}

  /**
   * @param nails seen at all
   * @param tenths from the least foretold to the most
   * @param groups by what they are counted by
   */
  record Report(int nails, List<Tenth> tenths, Map<String, List<Line>> groups) {}

  @Transactional(readOnly = true)
  public Report report() {
    // The last that is known of each nail of each set.
    Map<String, Seen> last = new LinkedHashMap<>();
    notes
        .allSeen()
        .forEach(
            note ->
                last.merge(
                    note.setId() + " " + note.finger(),
                    note,
                    (before, now) -> before.fine() ? now : before));
    List<Seen> nails = List.copyOf(last.values());
    Map<String, List<Line>> groups = new LinkedHashMap<>();
    groups.put("product", lines(nails, Seen::product));
    groups.put("shape", lines(nails, Seen::shape));
    groups.put("way", lines(nails, Seen::way));
    groups.put("technician", lines(nails, Seen::technician));
    groups.put("preparation", lines(nails, note -> String.valueOf(note.leftOut())));
    return new Report(nails.size(), tenths(nails), groups);
  }

  private static List<Tenth> tenths(List<Seen> nails) {
    List<Tenth> tenths = new ArrayList<>();
    for (int i = 0; i < TENTHS; i++) {
      int tenth = i;
      List<Seen> of =
          nails.stream()
              .filter(note -> Math.min(TENTHS - 1, (int) (TENTHS * note.foretold())) == tenth)
              .toList();
      if (!of.isEmpty()) {
        tenths.add(
            new Tenth(
                of.stream().mapToDouble(Seen::foretold).average().orElse(0),
                Rate.share((int) of.stream().filter(note -> !note.broken()).count(), of.size())));
      }
    }
    return tenths;
  }

  private static List<Line> lines(List<Seen> nails, Function<Seen, String> by) {
    Map<String, List<Seen>> groups = new TreeMap<>();
    for (Seen note : nails) {
      String name = by.apply(note);
      groups.computeIfAbsent(name == null ? "" : name, each -> new ArrayList<>()).add(note);
    }
    List<Line> lines = new ArrayList<>();
    groups.forEach(
        (name, of) -> {
          Rate failures = failures(of);
          Rate others = Rate.over(failed(nails) - failed(of), weeks(nails) - weeks(of));
          lines.add(new Line(name, failures, failures.surelyAbove(others)));
        });
    return lines;
  }

  private static Rate failures(List<Seen> of) {
    return Rate.over(failed(of), weeks(of));
  }

  private static int failed(List<Seen> of) {
    return (int) of.stream().filter(note -> !note.fine()).count();
  }

  private static double weeks(List<Seen> of) {
    return of.stream().mapToDouble(note -> Math.max(1, note.days()) / 7.0).sum();
  }
}
