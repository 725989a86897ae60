package ongle.app.drawing;

import java.util.List;
import java.util.function.Predicate;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import ongle.core.nail.Hand;
import ongle.core.schedule.Schedule;

/** An appointment as lanes: technician, lamp and the client's two hands, over the minutes. */
public final class LaneDrawing {
  private static final double WIDTH = 150;
  private static final double LEFT = 17;
  private static final double LANE = 9;
  private static final double GAP = 3;
  private static final double TOP = 5;

  private LaneDrawing() {}

  public static Scene of(BenchPlan plan, Schedule schedule) {
    Scene.Builder scene = new Scene.Builder(2.4);
    double perSecond = WIDTH / Math.max(1, schedule.makespan());
    double bottom = TOP + 4 * LANE + 3 * GAP;
    for (int minute = 0; minute * 60 <= schedule.makespan(); minute += 10) {
      double x = LEFT + minute * 60 * perSecond;
      scene.line("extend", x, TOP, x, bottom + 1);
      scene.text(
          "note",
          x,
          bottom + 3.6,
          "middle",
          minute == 0 ? Words.say("bench.minutes", "minutes", 0) : String.valueOf(minute));
    }
    lane(
        scene,
        0,
        Words.say("drawing.lane.you"),
        plan,
        schedule,
        perSecond,
        slot -> slot.job().technician());
    lane(
        scene,
        1,
        Words.say("drawing.lane.lamp"),
        plan,
        schedule,
        perSecond,
        slot -> slot.job().lamp());
    lane(scene, 2, Words.of(Hand.RIGHT, "hand"), plan, schedule, perSecond, Schedule.Slot::right);
    lane(scene, 3, Words.of(Hand.LEFT, "hand"), plan, schedule, perSecond, Schedule.Slot::left);
    return scene.build(
        0,
        0,
        LEFT + WIDTH + 2,
        bottom + 5,
        Words.say("drawing.lanes"),
        Words.say(
            "drawing.lanes.about",
            "minutes",
            schedule.makespan() / 60,
            "worked",
            schedule.worked() / 60,
            "idle",
            schedule.idle() / 60));
  }

  private static void lane(
      Scene.Builder scene,
      int number,
      String name,
      BenchPlan plan,
      Schedule schedule,
      double perSecond,
      Predicate<Schedule.Slot> in) {
    double top = TOP + number * (LANE + GAP);
    scene.text("view-name", LEFT - 1.5, top + LANE * 0.62, "end", name);
    scene.line("axis-line", LEFT, top + LANE, LEFT + WIDTH, top + LANE);
    schedule.slots().stream()
        .filter(in)
        .forEach(
            slot -> {
              double from = LEFT + slot.start() * perSecond;
              double to = LEFT + slot.end() * perSecond;
              scene.closed(
                  "slot " + plan.step(slot.job().id()).map(LaneDrawing::css).orElse("slot-work"),
                  List.of(
                      new Point(from, top),
                      new Point(to, top),
                      new Point(to, top + LANE),
                      new Point(from, top + LANE)));
            });
  }

  private static String css(Step step) {
    if (step.job().lamp()) {
      return "slot-lamp";
    }
    return switch (step.kind().phase()) {
      case PREPARE -> "slot-prepare";
      case REMOVE -> "slot-remove";
      case FIT, BUILD -> "slot-build";
      case FILE -> "slot-file";
      case FINISH, OWN -> "slot-finish";
    };
  }
}
