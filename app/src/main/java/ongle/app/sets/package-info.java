/**
 * What is stored of a set: measures, choices, and the states it had.
 *
 * <p>Read first: {@link ongle.app.sets.NailSet}.
 *
 * <p>May know: salon, web, words; no drawing, no page.
 */
package ongle.app.sets;
