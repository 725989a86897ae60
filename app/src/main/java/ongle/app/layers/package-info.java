/**
 * The salon's own bottles, and its recipes: which layers a nail wears, and what each is laid with.
 *
 * <p>Read first: {@link ongle.app.layers.Layers}.
 *
 * <p>May know: lamps, products, web, words.
 */
package ongle.app.layers;
