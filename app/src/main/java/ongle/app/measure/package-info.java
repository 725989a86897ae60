/**
 * The stage Measure: looking over, typing, calliper, CSV, and these hands over time.
 *
 * <p>Read first: {@link ongle.app.measure.MeasureController}.
 *
 * <p>May know: editing, planning, frame, drawing, store, words, feed, deeds; no other stage.
 */
package ongle.app.measure;
