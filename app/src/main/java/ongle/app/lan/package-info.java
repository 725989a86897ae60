/**
 * Ongle on the salon's own network: TLS with a certificate of its own, the addresses it answers to,
 * and the devices that were let in.
 *
 * <p>Read first: {@link ongle.app.lan.Lan}, {@link ongle.app.lan.Devices}.
 *
 * <p>May know: people, store, web, words.
 */
package ongle.app.lan;
