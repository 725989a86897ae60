/**
 * The stage Bench: product, time and steps of an appointment, and the guide at the desk.
 *
 * <p>Read first: {@link ongle.app.bench.BenchDesk}, through which everything pressed goes.
 *
 * <p>May know: visits, layers, check, deeds, people, frame, drawing, words; no other stage.
 */
package ongle.app.bench;
