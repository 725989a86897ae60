package ongle.core.bench;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import ongle.core.nail.Finger;
import ongle.core.portion.LotAge;

/**
 * What the last time through an appointment leaves to be known of each nail.
 *
 * @param worked whether anything was done at the bench at all
 * @param done steps that were done
 * @param skipped steps that were left out
 * @param offTime steps that were begun outside the time the product gave them
 * @param skin fingers product touched skin at
 * @param heat fingers the client felt heat at
 * @param jars how old the jars were
 * @param lampWeak whether the lamp had weakened
 */
public record WorkFacts(
    boolean worked,
    Map<Finger, Set<StepKind>> done,
    Map<Finger, Set<StepKind>> skipped,
    Map<Finger, Set<StepKind>> offTime,
    Set<Finger> skin,
    Set<Finger> heat,
    LotAge jars,
    boolean lampWeak) {
  /** Nothing was written down. */
  public static final WorkFacts NONE =
      new WorkFacts(false, Map.of(), Map.of(), Map.of(), Set.of(), Set.of(), LotAge.UNKNOWN, false);

  /** What an appointment that was worked through leaves to be known. */
  public static WorkFacts of(Guide guide, LotAge jars) {
    Map<Finger, Set<StepKind>> done = new EnumMap<>(Finger.class);
    Map<Finger, Set<StepKind>> skipped = new EnumMap<>(Finger.class);
    Map<Finger, Set<StepKind>> offTime = new EnumMap<>(Finger.class);
    for (Past past : guide.past()) {
      for (Step part : past.step().singly()) {
        for (Finger finger : part.fingers()) {
          add(past.skipped().isPresent() ? skipped : done, finger, part.kind());
          if (past.offWindow()) {
            add(offTime, finger, part.kind());
          }
        }
      }
    }
    return new WorkFacts(
        true,
        done,
        skipped,
        offTime,
        at(guide, Event.Type.SKIN),
        at(guide, Event.Type.HEAT),
        jars,
        guide.plan().wish().lamp().weakened());
  }

  private static void add(Map<Finger, Set<StepKind>> to, Finger finger, StepKind kind) {
    to.computeIfAbsent(finger, each -> EnumSet.noneOf(StepKind.class)).add(kind);
  }

  /** On the fingers of the step that was under way. */
  private static Set<Finger> at(Guide guide, Event.Type type) {
    Set<Finger> fingers = EnumSet.noneOf(Finger.class);
    guide.events().stream()
        .filter(event -> event.type() == type)
        .forEach(
            event ->
                guide.plan().steps().stream()
                    .filter(step -> step.id().equals(event.step()))
                    .forEach(step -> fingers.addAll(step.fingers())));
    return fingers;
  }

  public boolean skipped(Finger finger, StepKind kind) {
    return skipped.getOrDefault(finger, Set.of()).contains(kind);
  }

  public boolean done(Finger finger, StepKind kind) {
    return done.getOrDefault(finger, Set.of()).contains(kind);
  }
}
