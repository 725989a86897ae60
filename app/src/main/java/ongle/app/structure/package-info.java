/**
 * The stage Structure: apex, thickness, C-curve, what holds and what would help.
 *
 * <p>Read first: {@link ongle.app.structure.StructurePage}.
 *
 * <p>May know: editing, planning, history, frame, drawing, words; no other stage.
 */
package ongle.app.structure;
