/**
 * Changes of a set: each checked, stored and planned once, in one transaction.
 *
 * <p>Read first: {@link ongle.app.editing.SetEditor}.
 *
 * <p>May know: sets, planning, history.
 */
package ongle.app.editing;
