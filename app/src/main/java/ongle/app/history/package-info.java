/**
 * The way back: steps that can be undone, and versions that are kept.
 *
 * <p>Read first: {@link ongle.app.history.SetHistory}.
 *
 * <p>May know: sets, planning.
 */
package ongle.app.history;
