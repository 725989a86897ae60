package ongle.core.schedule;

import java.util.List;
import java.util.Objects;

/**
 * One piece of work on a hand. It holds the hand as long as it lasts, and the technician or the
 * lamp, or neither, as when hands soak.
 *
 * @param id different for every job; the same job stands in both hands' lists if it needs both
 * @param technician whether it holds the technician
 * @param lamp whether it holds the lamp
 * @param seconds it lasts, 0 or more
 * @param settles how long after its end the hand goes on drying or hardening, s
 * @param needsSettled whether it has to wait until everything before it on the hand has settled
 * @param window in which it has to begin after the job before it on the hand
 * @param stage of the appointment it belongs to: nothing of a stage begins on either hand before
 *     all of the earlier stages is done, and hard, on both
 * @param keeps whether the technician stays for the next job of the hand: nothing of the other hand
 *     comes between
 * @param lightAfter the lamp is free this long after it begins, s; {@link #ANY_LIGHT} for whenever
 * @param alone whether nobody can work on the other hand meanwhile, as in doing one's own hands
 */
public record Job(
    String id,
    boolean technician,
    boolean lamp,
    int seconds,
    int settles,
    boolean needsSettled,
    Window window,
    int stage,
    boolean keeps,
    boolean alone,
    int lightAfter) {
  /** Nothing of it waits for the lamp. */
  public static final int ANY_LIGHT = Integer.MAX_VALUE;

  /**
   * When a job may begin, counted from the end of the one before it on the same hand.
   *
   * @param min s, 0 or more
   * @param max s, not below min
   */
  public record Window(int min, int max) {
    /** Any time. */
    public static final Window OPEN = new Window(0, Integer.MAX_VALUE);

    public Window {
      if (min < 0 || max < min) {
        throw new IllegalArgumentException("no window from " + min + " to " + max + " s");
      }
    }

    /** Whether it closes. */
    public boolean closes() {
      return max != Integer.MAX_VALUE;
    }
  }

  /**
   * @throws IllegalArgumentException if it lasts or settles less than 0 s
   */
  public Job {
    Objects.requireNonNull(id);
    Objects.requireNonNull(window);
    if (seconds < 0 || settles < 0) {
      throw new IllegalArgumentException("job " + id + " cannot last " + seconds + " s");
    }
  }

  /** Work of the first stage. */
  public Job(
      String id,
      boolean technician,
      boolean lamp,
      int seconds,
      int settles,
      boolean needsSettled,
      Window window) {
    this(id, technician, lamp, seconds, settles, needsSettled, window, 0, false, false, ANY_LIGHT);
  }

  /** Whether it takes the technician's time: at work, waiting, or staying for what comes next. */
  public boolean stays() {
    return technician || keeps || alone;
  }

  /** The same, not to be torn from the next of its hand; or so no more. */
  public Job keeping(boolean together) {
    return new Job(
        id,
        technician,
        lamp,
        seconds,
        settles,
        needsSettled,
        window,
        stage,
        together,
        alone,
        lightAfter);
  }

  /** The same, not begun before the lamp will be free so many seconds later. */
  public Job lightAfter(int seconds) {
    return new Job(
        id,
        technician,
        lamp,
        this.seconds,
        settles,
        needsSettled,
        window,
        stage,
        keeps,
        alone,
        seconds);
  }

  /** The same in a stage of the appointment. */
  public Job in(int later) {
    return new Job(
        id,
        technician,
        lamp,
        seconds,
        settles,
        needsSettled,
        window,
        later,
        keeps,
        alone,
        lightAfter);
  }

  /**
   * Where the same work stands in a list; -1 if it does not. Of work that needs both hands each
   * hand's list has its own window.
   */
  int placeIn(List<Job> jobs) {
    for (int i = 0; i < jobs.size(); i++) {
      if (id.equals(jobs.get(i).id)) {
        return i;
      }
    }
    return -1;
  }

  boolean isIn(List<Job> jobs) {
    return placeIn(jobs) >= 0;
  }

  /** Work of the technician on a hand, any time. */
  public static Job work(String id, int seconds) {
    return new Job(id, true, false, seconds, 0, false, Window.OPEN);
  }

  /** The same with nobody to work on the other hand meanwhile. */
  public Job aloneMeanwhile() {
    return new Job(
        id,
        technician,
        lamp,
        seconds,
        settles,
        needsSettled,
        window,
        stage,
        keeps,
        true,
        lightAfter);
  }

  /** A hand in the lamp, any time. */
  public static Job lamp(String id, int seconds) {
    return new Job(id, false, true, seconds, 0, false, Window.OPEN);
  }

  /** The same within a window after the job before it. */
  public Job within(int min, int max) {
    return new Job(
        id,
        technician,
        lamp,
        seconds,
        settles,
        needsSettled,
        new Window(min, max),
        stage,
        keeps,
        alone,
        lightAfter);
  }

  /** The same for another time. */
  public Job lasting(int other) {
    return new Job(
        id,
        technician,
        lamp,
        other,
        settles,
        needsSettled,
        window,
        stage,
        keeps,
        alone,
        lightAfter);
  }

  /** The same with no window. */
  public Job anyTime() {
    return within(Window.OPEN.min(), Window.OPEN.max());
  }

  /** The same with something drying or hardening after it. */
  public Job settling(int after) {
    return new Job(
        id,
        technician,
        lamp,
        seconds,
        after,
        needsSettled,
        window,
        stage,
        keeps,
        alone,
        lightAfter);
  }

  /** The same, waiting for all that dries or hardens. */
  public Job onceSettled() {
    return new Job(
        id, technician, lamp, seconds, settles, true, window, stage, keeps, alone, lightAfter);
  }
}
