/**
 * The plan service and set files: open JSON in and out.
 *
 * <p>Read first: {@link ongle.app.exchange.PlanController}. A file is held against its description
 * ({@link ongle.app.exchange.SetSchema}, docs/plan-service), read as {@link
 * ongle.app.exchange.SetFile}, turned into a wish, and answered as {@link
 * ongle.app.exchange.PlanAnswer}.
 *
 * <p>May know: planning, visits, kits, products, and what wear knows of a set; no other stage.
 */
package ongle.app.exchange;
