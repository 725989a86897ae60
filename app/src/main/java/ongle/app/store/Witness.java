package ongle.app.store;

/** Hears of every change before it is kept, within its transaction. */
public interface Witness {
  void aboutToKeep();
}
