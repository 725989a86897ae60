/**
 * Who works in the salon: what each may do ({@link ongle.app.people.Role}), by what they are known,
 * and who is at work just now. What a page or a service needs is written on it ({@link
 * ongle.app.people.Needs}).
 *
 * <p>Read first: {@link ongle.app.people.People}, {@link ongle.app.people.Present}.
 *
 * <p>May know: nobody.
 */
package ongle.app.people;
