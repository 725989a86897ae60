package ongle.app.sets;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import ongle.core.cause.Cause;
import ongle.core.cause.Change;
import ongle.core.nail.Finger;

/** What a set does otherwise on one nail, because of what happened to it before. */
public record Lesson(Finger finger, Cause cause, Change change) {
  public static Lesson of(Finger finger, Cause cause) {
    return new Lesson(finger, cause, Change.against(cause));
  }

  /** Finger and cause of each; null for none. */
  static String write(List<Lesson> lessons) {
    return lessons.isEmpty()
        ? null
        : lessons.stream()
            .map(lesson -> lesson.finger() + " " + lesson.cause())
            .collect(Collectors.joining(","));
  }

  static List<Lesson> read(String stored) {
    return stored == null
        ? List.of()
        : Arrays.stream(stored.split(","))
            .map(each -> each.split(" "))
            .map(each -> of(Finger.valueOf(each[0]), Cause.valueOf(each[1])))
            .toList();
  }
}
