/**
 * The appointment: what is done in which order, how long it takes, and what became of it.
 *
 * <p>Read first: {@link ongle.core.bench.BenchPlan}; the order of two steps is {@link
 * ongle.core.bench.Routine.Rule}, the steps of a hand {@link ongle.core.bench.HandSteps}, where an
 * appointment stands {@link ongle.core.bench.Guide}, its clocks {@link ongle.core.bench.DeskClock},
 * what may be pressed {@link ongle.core.bench.Presses}.
 *
 * <p>May know: plan, portion, cure, schedule and what those know.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.bench;
