/**
 * A stored set with its plan.
 *
 * <p>Read first: {@link ongle.app.planning.SetReader}.
 *
 * <p>May know: sets, salon, kits, products, people, store.
 */
package ongle.app.planning;
