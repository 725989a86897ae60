/**
 * How this salon works: its answers where good technicians differ, its steps, figures and language.
 *
 * <p>Read first: {@link ongle.app.salon.SalonSettings}.
 *
 * <p>May know: kits, store, web, words.
 */
package ongle.app.salon;
