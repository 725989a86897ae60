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
 * @param place in the appointment, and what it keeps others from
 */
public record Job(
    String id,
    boolean technician,
    boolean lamp,
    int seconds,
    int settles,
    boolean needsSettled,
    Window window,
    Place place) {

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
   * Where a job stands in the appointment, and what it keeps others from.
   *
   * @param stage of the appointment it belongs to: nothing of a stage begins on either hand before
   *     all of the earlier stages is done, and hard, on both
   * @param keeps whether the technician stays for the next job of the hand: nothing of the other
   *     hand comes between
   * @param alone whether nobody can work on the other hand meanwhile, as in doing one's own hands
   * @param lightAfter the lamp is free this long after it begins, s; {@link #ANY_LIGHT} for
   *     whenever
   */
  public record Place(int stage, boolean keeps, boolean alone, int lightAfter) {
    /** Nothing of it waits for the lamp. */
    public static final int ANY_LIGHT = Integer.MAX_VALUE;

    /** In the first stage, keeping nobody from anything. */
    public static final Place FREE = new Place(0, false, false, ANY_LIGHT);
  }

  /**
   * @throws IllegalArgumentException if it lasts or settles less than 0 s
   */
  public Job {
    Objects.requireNonNull(id);
    Objects.requireNonNull(window);
    Objects.requireNonNull(place);
    if (seconds < 0 || settles < 0) {
      throw new IllegalArgumentException("job " + id + " cannot last " + seconds + " s");
    }
  }

  public int stage() {
    return place.stage;
  }

  public boolean keeps() {
    return place.keeps;
  }

  public boolean alone() {
    return place.alone;
  }

  int lightAfter() {
    return place.lightAfter;
  }

  /** Whether the lamp has to be free at a certain time after it begins. */
  boolean awaitsLight() {
    return place.lightAfter != Place.ANY_LIGHT;
  }

  /** Whether it takes the technician's time: at work, waiting, or staying for what comes next. */
  public boolean stays() {
    return technician || place.keeps || place.alone;
  }

  private Job at(Place other) {
    return new Job(id, technician, lamp, seconds, settles, needsSettled, window, other);
  }

  /** The same, not to be torn from the next of its hand; or so no more. */
  public Job keeping(boolean together) {
    return at(new Place(place.stage, together, place.alone, place.lightAfter));
  }

  /** The same, not begun before the lamp will be free so many seconds later. */
  public Job lightAfter(int after) {
    return at(new Place(place.stage, place.keeps, place.alone, after));
  }

  /** The same in a stage of the appointment. */
  public Job in(int stage) {
    return at(new Place(stage, place.keeps, place.alone, place.lightAfter));
  }

  /** The same with nobody to work on the other hand meanwhile. */
  public Job aloneMeanwhile() {
    return at(new Place(place.stage, place.keeps, true, place.lightAfter));
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
    return new Job(id, true, false, seconds, 0, false, Window.OPEN, Place.FREE);
  }

  /** A hand in the lamp, any time. */
  public static Job lamp(String id, int seconds) {
    return new Job(id, false, true, seconds, 0, false, Window.OPEN, Place.FREE);
  }

  /** The same within a window after the job before it. */
  public Job within(int min, int max) {
    return new Job(
        id, technician, lamp, seconds, settles, needsSettled, new Window(min, max), place);
  }

  /** The same with no window. */
  public Job anyTime() {
    return within(Window.OPEN.min, Window.OPEN.max);
  }

  /** The same for another time. */
  public Job lasting(int other) {
    return new Job(id, technician, lamp, other, settles, needsSettled, window, place);
  }

  /** The same with something drying or hardening after it. */
  public Job settling(int after) {
    return new Job(id, technician, lamp, seconds, after, needsSettled, window, place);
  }

  /** The same, waiting for all that dries or hardens. */
  public Job onceSettled() {
    return new Job(id, technician, lamp, seconds, settles, true, window, place);
  }
}
