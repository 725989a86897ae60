/**
 * The demo salon: its clients, sets and shelf, made at the first start.
 *
 * <p>Read first: {@link ongle.app.demo.DemoData}.
 *
 * <p>May know: every feature; nobody knows it.
 */
package ongle.app.demo;
