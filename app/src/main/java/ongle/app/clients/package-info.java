/**
 * Clients and their health notes.
 *
 * <p>Read first: {@link ongle.app.clients.ClientController}.
 *
 * <p>May know: web, words.
 */
package ongle.app.clients;
