/**
 * Geometry of a build: outline from above, arches from the side, and the length wish.
 *
 * <p>Read first: {@link ongle.core.shape.NailShape}, a line a shape, then {@link
 * ongle.core.shape.Outline}.
 *
 * <p>May know: nail.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.shape;
