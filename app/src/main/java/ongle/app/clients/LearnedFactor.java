package ongle.app.clients;

import jakarta.persistence.Embeddable;
import ongle.core.wear.Hold;
import ongle.core.wear.LoadFactor;

/** What was learned of a client against the usual, as it is kept: the mean with its band. */
@Embeddable
public class LearnedFactor {
  private double mean = 1;
  private double low = 1;
  private double high = 1;
  private int nails;
  private boolean putBack;

  protected LearnedFactor() {}

  static LearnedFactor usual() {
    return new LearnedFactor();
  }

  public double getMean() {
    return mean;
  }

  /** A tenth lies below. */
  public double getLow() {
    return low;
  }

  /** A tenth lies above. */
  public double getHigh() {
    return high;
  }

  /** From how many nails of how many visits. */
  public int getNails() {
    return nails;
  }

  /** Whether the technician put it back to the usual. */
  public boolean isPutBack() {
    return putBack;
  }

  /** Whether enough is known to plan with. */
  public boolean isEnough() {
    return nails >= LoadFactor.ENOUGH;
  }

  /** What plans reckon with. */
  public double times() {
    return putBack || !isEnough() ? 1 : mean;
  }

  /** What hands ask, as close as a chance in whole percent needs. */
  public LoadFactor factor() {
    return putBack || !isEnough() ? LoadFactor.USUAL : LoadFactor.about(mean, low, high, nails);
  }

  public void learn(LoadFactor load) {
    learn(load.mean(), load.low(), load.high(), load.nails());
  }

  public void learn(Hold hold) {
    learn(hold.mean(), hold.low(), hold.high(), hold.nails());
  }

  private void learn(double newMean, double newLow, double newHigh, int fromNails) {
    mean = newMean;
    low = newLow;
    high = newHigh;
    nails = fromNails;
  }

  public void putBack(boolean back) {
    putBack = back;
  }
}
