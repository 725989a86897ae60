/**
 * What codes are called and sentences say, in the reader’s language; numbers and dates with it.
 *
 * <p>Read first: {@link ongle.app.words.Words}; the texts are in src/main/resources/words.
 *
 * <p>May know: the core and nothing else.
 */
package ongle.app.words;
