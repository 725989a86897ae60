/**
 * Who did what: one line for every request that changed something, written in the transaction of
 * the change.
 *
 * <p>Read first: {@link ongle.app.deeds.Deeds}.
 *
 * <p>May know: people, store, web, words.
 */
package ongle.app.deeds;
