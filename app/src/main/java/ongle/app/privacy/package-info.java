/**
 * What is kept of a person: all of it out on request, and all of it gone on request or after the
 * salon's time.
 *
 * <p>Read first: {@link ongle.app.privacy.Belongings}.
 *
 * <p>May know: clients, consent, door, paper, people, salon, web, words.
 */
package ongle.app.privacy;
