/**
 * What the nails are built of.
 *
 * <p>Read first: {@link ongle.core.product.Product}.
 *
 * <p>May know: nothing of the other packages.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.product;
