package ongle.app.wear;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import ongle.core.wear.Rate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How true the salon's own promises were, and what fails more than the rest. */
@Service
class Truth {
  private static final int TENTHS = 10;

  /** Lengths are counted in bands this wide, mm. */
  static final int BAND = 4;

  private final Tallies tallies;
  private final WornSetRepository sets;

  Truth(Tallies tallies, WornSetRepository sets) {
    this.tallies = tallies;
    this.sets = sets;
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
   * A lot against the other lots of the same material.
   *
   * @param sets it went into, as far as anything is known of them
   */
  record LotLine(String material, String number, long sets, Rate failures, boolean more) {}

  /**
   * @param nails seen at all
   * @param tenths from the least foretold to the most
   * @param groups by what they are counted by
   * @param lots by material
   * @param again what fails at the same place of the same client set after set
   */
  record Report(
      long nails,
      List<Tenth> tenths,
      Map<String, List<Line>> groups,
      List<LotLine> lots,
      List<WornSetRepository.Again> again) {}

  @Transactional(readOnly = true)
  public Report report() {
    List<Tally> seen = tallies.all();
    Map<String, List<Line>> groups = new LinkedHashMap<>();
    groups.put("product", lines(seen, Tally::product));
    groups.put("shape", lines(seen, Tally::shape));
    groups.put("length", lines(seen, each -> String.format("%03d", each.beyond() / BAND)));
    groups.put("way", lines(seen, Tally::way));
    groups.put("technician", lines(seen, Tally::technician));
    groups.put("preparation", lines(seen, each -> String.valueOf(each.leftOut())));
    return new Report(sum(seen, Tally::nails), tenths(seen), groups, lots(), sets.again());
  }

  private static List<Tenth> tenths(List<Tally> seen) {
    List<Tenth> tenths = new ArrayList<>();
    for (int i = 0; i < TENTHS; i++) {
      int tenth = i;
      List<Tally> of = seen.stream().filter(each -> each.tenth() == tenth).toList();
      long nails = sum(of, Tally::nails);
      if (nails > 0) {
        tenths.add(
            new Tenth(
                of.stream().mapToDouble(Tally::foretold).sum() / nails,
                Rate.share((int) (nails - sum(of, Tally::broken)), (int) nails)));
      }
    }
    return tenths;
  }

  private static List<Line> lines(List<Tally> seen, Function<Tally, String> by) {
    Map<String, List<Tally>> groups = new TreeMap<>();
    for (Tally each : seen) {
      String name = by.apply(each);
      groups.computeIfAbsent(name == null ? "" : name, none -> new ArrayList<>()).add(each);
    }
    long failed = sum(seen, Tally::failed);
    long days = sum(seen, Tally::days);
    List<Line> lines = new ArrayList<>();
    groups.forEach(
        (name, of) -> {
          Rate failures = failures(sum(of, Tally::failed), sum(of, Tally::days));
          Rate others = failures(failed - sum(of, Tally::failed), days - sum(of, Tally::days));
          lines.add(new Line(name, failures, failures.surelyAbove(others)));
        });
    return lines;
  }

  private List<LotLine> lots() {
    List<LotTally> counts = tallies.lots().stream().filter(lot -> lot.sets() > 0).toList();
    Map<String, List<LotTally>> byMaterial = new LinkedHashMap<>();
    counts.forEach(
        each -> byMaterial.computeIfAbsent(each.material(), none -> new ArrayList<>()).add(each));
    return counts.stream()
        .map(
            each -> {
              List<LotTally> others =
                  byMaterial.get(each.material()).stream().filter(o -> o != each).toList();
              Rate rate = Rate.over((int) each.failed(), each.nailWeeks());
              Rate theirs =
                  Rate.over(
                      others.stream().mapToInt(o -> (int) o.failed()).sum(),
                      others.stream().mapToDouble(LotTally::nailWeeks).sum());
              return new LotLine(
                  each.material(), each.number(), each.sets(), rate, rate.surelyAbove(theirs));
            })
        .toList();
  }

  /** The sets a lot went into, the last first. */
  @Transactional(readOnly = true)
  public List<WornSetRepository.LotSet> setsOf(String material, String number) {
    return sets.ofLot(material, number);
  }

  private static Rate failures(long failed, long days) {
    return Rate.over((int) failed, days / 7.0);
  }

  private static long sum(List<Tally> of, ToLongFunction<Tally> what) {
    return of.stream().mapToLong(what).sum();
  }
}
