/**
 * The stage Fit: tip or form of each finger.
 *
 * <p>Read first: {@link ongle.app.fit.FitController}.
 *
 * <p>May know: editing, planning, frame, drawing, words; no other stage.
 */
package ongle.app.fit;
