/**
 * Every drawing, as a scene of lines and texts that a template turns into SVG.
 *
 * <p>Read first: {@link ongle.app.drawing.Scene}; colours are in frontend/src/drawing.css.
 *
 * <p>May know: the core and words; nothing stored, no page.
 */
package ongle.app.drawing;
