/**
 * The stage Wear: what happened to worn nails, why, and what the next set does otherwise.
 *
 * <p>Read first: {@link ongle.app.wear.Wears}.
 *
 * <p>May know: bench, check, photo, editing, visits, planning, sets, clients, salon, people,
 * products, shelf, frame, drawing, words; no other stage.
 */
package ongle.app.wear;
