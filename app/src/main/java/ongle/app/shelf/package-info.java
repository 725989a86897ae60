/**
 * Jars, bottles and tubes, what is left in them and what visits took.
 *
 * <p>Read first: {@link ongle.app.shelf.Shelf}.
 *
 * <p>May know: products, layers, salon, web, words.
 */
package ongle.app.shelf;
