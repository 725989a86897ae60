/**
 * The stage Sheet: one page for the desk.
 *
 * <p>Read first: {@link ongle.app.sheet.SheetController}.
 *
 * <p>May know: planning, visits, paper, frame; no other stage.
 */
package ongle.app.sheet;
