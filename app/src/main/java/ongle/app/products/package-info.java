/**
 * Products the salon adds to the kinds that ship.
 *
 * <p>Read first: {@link ongle.app.products.Products}.
 *
 * <p>May know: lamps, web, words.
 */
package ongle.app.products;
