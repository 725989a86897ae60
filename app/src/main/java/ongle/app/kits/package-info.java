/**
 * The salon’s tips and forms, and their CSV files.
 *
 * <p>Read first: {@link ongle.app.kits.KitCatalogue}; a column of a kit file is a line of {@link
 * ongle.app.kits.KitColumn}.
 *
 * <p>May know: store, web, words.
 */
package ongle.app.kits;
