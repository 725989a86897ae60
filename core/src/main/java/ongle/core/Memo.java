package ongle.core;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Answers already worked out. A pure function gives the same answer to the same question, so
 * remembering changes nothing but the time it takes: an edit of one nail leaves nine as they were.
 * The question asked longest ago is forgotten first; any number of threads may ask.
 */
public final class Memo<Q, A> {
  /** Desks at work at a time, each at a set of its own, whose answers are kept. */
  private static final int DESKS = 50;

  private final Map<Q, A> known;

  /**
   * @param max answers kept
   */
  public Memo(int max) {
    known =
        new LinkedHashMap<>(16, 0.75f, true) {
          private static final long serialVersionUID = 1;

          @Override
          protected boolean removeEldestEntry(Map.Entry<Q, A> eldest) {
            return size() > max;
          }
        };
  }

  /**
   * For as many sets as are at work at a time.
   *
   * @param answers kept for each
   */
  public static <Q, A> Memo<Q, A> forEachDesk(int answers) {
    return new Memo<>(DESKS * answers);
  }

  /** Knows nothing any more. */
  public void forget() {
    synchronized (known) {
      known.clear();
    }
  }

  /** The answer known, else worked out and kept. */
  public A of(Q question, Supplier<A> workOut) {
    synchronized (known) {
      A answer = known.get(question);
      if (answer != null) {
        return answer;
      }
    }
    A answer = workOut.get();
    synchronized (known) {
      known.put(question, answer);
    }
    return answer;
  }
}
