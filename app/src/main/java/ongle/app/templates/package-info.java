/**
 * How templates are worked through: what they know is at hand, and what repeats is written once.
 *
 * <p>Read first: {@link ongle.app.templates.KeptFragments}.
 *
 * <p>May know: no other package.
 */
package ongle.app.templates;
