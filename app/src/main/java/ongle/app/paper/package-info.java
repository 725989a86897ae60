/**
 * Paper: PDF from the same templates, drawings and colours as the screen.
 *
 * <p>Read first: {@link ongle.app.paper.PdfWriter}.
 *
 * <p>May know: planning, drawing, words.
 */
package ongle.app.paper;
