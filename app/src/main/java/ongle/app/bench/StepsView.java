package ongle.app.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import ongle.core.schedule.Schedule;

/** The steps in the order they come, parted into chapters. */
final class StepsView {
  private StepsView() {}

  /** A step in the list. */
  record StepRow(
      Step step,
      String where,
      String title,
      String time,
      List<String> figures,
      String tool,
      List<String> hints,
      List<String> cautions,
      List<PartRow> parts) {}

  /**
   * Steps that follow each other in one part of the appointment.
   *
   * @param at when it begins, from the beginning
   */
  record Chapter(String label, String at, List<StepRow> steps) {}

  /** In the order they come, parted where another part of the appointment begins. */
  static List<Chapter> of(BenchPlan plan) {
    List<Chapter> chapters = new ArrayList<>();
    if (plan.refusals().isEmpty()) {
      for (Schedule.Slot slot : plan.schedule().slots()) {
        Step step = plan.step(slot.job().id()).orElseThrow();
        String label = chapter(step);
        if (chapters.isEmpty() || !chapters.get(chapters.size() - 1).label().equals(label)) {
          chapters.add(new Chapter(label, clock(slot.start()), new ArrayList<>()));
        }
        chapters.get(chapters.size() - 1).steps().add(row(step, plan));
      }
    }
    return chapters;
  }

  /** Fitting and building go hand in hand; the lamp belongs to what goes on beside it. */
  private static String chapter(Step step) {
    return switch (step.kind().phase()) {
      case FIT, BUILD -> Words.say("bench.chapter.build");
      case FILE, FINISH -> Words.say("bench.chapter.finish");
      case PREPARE, REMOVE, OWN -> Words.say("bench.chapter.prepare");
    };
  }

  private static StepRow row(Step step, BenchPlan plan) {
    return new StepRow(
        step,
        BenchWords.where(step),
        BenchWords.title(step),
        clock(step.job().seconds()),
        BenchWords.figures(step, plan),
        BenchWords.tool(step),
        BenchWords.hints(step),
        BenchWords.cautions(step),
        PartRow.of(step, plan, Set.of()));
  }

  private static String clock(int seconds) {
    return BenchWords.clock(Duration.ofSeconds(seconds));
  }
}
