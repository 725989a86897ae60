/**
 * The stage Shape: shape, length, product.
 *
 * <p>Read first: {@link ongle.app.shape.ShapeController}.
 *
 * <p>May know: editing, planning, frame, drawing, words; no other stage.
 */
package ongle.app.shape;
