/**
 * Where the salon's data lies and how it is kept whole: a file, encrypted with a key that lies
 * apart, or a database that several instances work on at once.
 *
 * <p>Read first: {@link ongle.app.store.OneWriter}, {@link ongle.app.store.StoredFile}, {@link
 * ongle.app.store.SharedDatabase}.
 *
 * <p>May know: words.
 */
package ongle.app.store;
