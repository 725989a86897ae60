/**
 * An appointment carried out on a set: how, and with what.
 *
 * <p>Read first: {@link ongle.app.visits.VisitPlanner}.
 *
 * <p>May know: planning, editing, lamps, layers, people, salon, times.
 */
package ongle.app.visits;
