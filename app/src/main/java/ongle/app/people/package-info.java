/**
 * Who works in the salon: so far only by name, so that each has times of their own.
 *
 * <p>Read first: {@link ongle.app.people.People}.
 *
 * <p>May know: web, words.
 */
package ongle.app.people;
