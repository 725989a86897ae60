/**
 * The stage Check: what was built, measured and held against the plan, and what is filed or added.
 *
 * <p>Read first: {@link ongle.app.check.CheckController}.
 *
 * <p>May know: editing, visits, planning, people, frame, drawing, words; no other stage.
 */
package ongle.app.check;
