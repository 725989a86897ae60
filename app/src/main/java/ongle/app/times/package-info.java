/**
 * How long the work really takes: what finished appointments teach, and how true their forecasts
 * were.
 *
 * <p>Read first: {@link ongle.app.times.Times}.
 *
 * <p>May know: core, people, store, words, web.
 */
package ongle.app.times;
