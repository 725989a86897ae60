/**
 * What clients and their guardians agree to, and sign.
 *
 * <p>Read first: {@link ongle.app.consent.Consents}.
 *
 * <p>May know: clients, people, web, words.
 */
package ongle.app.consent;
