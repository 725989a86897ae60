/**
 * What every page of a set has in common: stages, the ten, cautions, number fields.
 *
 * <p>Read first: {@link ongle.app.frame.SetPage}.
 *
 * <p>May know: planning, editing, drawing, words.
 */
package ongle.app.frame;
