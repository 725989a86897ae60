/**
 * What the server tells every open page by itself.
 *
 * <p>Read first: {@link ongle.app.feed.Feeds}.
 *
 * <p>May know: people, store, web.
 */
package ongle.app.feed;
