/**
 * The plan service and set files: open JSON in and out.
 *
 * <p>Read first: {@link ongle.app.exchange.PlanController}; the fields are described in
 * docs/plan-service.
 *
 * <p>May know: planning, visits, kits, products; no other stage.
 */
package ongle.app.exchange;
