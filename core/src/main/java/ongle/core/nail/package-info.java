/**
 * The natural nail: fingers, plates, what is measured on them and in which units.
 *
 * <p>Read first: {@link ongle.core.nail.Quantity}, where every limit of a measure stands, then
 * {@link ongle.core.nail.Nail}.
 *
 * <p>May know: nothing of the other packages.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.nail;
