package ongle.app.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import org.jspecify.annotations.Nullable;

/**
 * A part of a movement as it is told.
 *
 * @param figures what is laid in it and what it works to
 * @param cautions that belong to it
 * @param done how to see that it is; null where there is nothing to say
 * @param ticked whether it was ticked
 */
record PartRow(
    String id,
    String title,
    String tool,
    List<String> figures,
    List<String> cautions,
    @Nullable String done,
    @Nullable String avoid,
    @Nullable String why,
    boolean ticked) {
  /** What a step joins, or itself alone. */
  static List<PartRow> of(Step step, BenchPlan plan, Set<String> ticked) {
    Set<String> told = new HashSet<>();
    return step.singly().stream()
        .map(part -> one(part, plan, ticked.contains(part.id()), told))
        .toList();
  }

  /**
   * @param told cautions of the parts before it, which need not be said again
   */
  private static PartRow one(Step part, BenchPlan plan, boolean ticked, Set<String> told) {
    return new PartRow(
        part.id(),
        BenchWords.title(part),
        BenchWords.tool(part),
        BenchWords.figures(part, plan),
        Words.maybe(part.kind(), "caution").stream().filter(told::add).toList(),
        Words.maybe(part.kind(), "done").orElse(null),
        Words.maybe(part.kind(), "avoid").orElse(null),
        Words.maybe(part.kind(), "why").orElse(null),
        ticked);
  }
}
