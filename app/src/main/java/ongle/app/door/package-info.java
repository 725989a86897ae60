/**
 * Who is let in, and to what: signing in and out, changing who sits at a desk, the salon's people,
 * and the two places where rights are asked, before a page and before a service.
 *
 * <p>Read first: {@link ongle.app.door.Door}, then {@link ongle.app.people.Role}.
 *
 * <p>May know: deeds, feed, lan, people, salon, store, web, words.
 */
package ongle.app.door;
