/**
 * What every page needs of the web: limits, headers, look, errors, CSV text.
 *
 * <p>Read first: {@link ongle.app.web.Troubles}.
 *
 * <p>May know: words.
 */
package ongle.app.web;
