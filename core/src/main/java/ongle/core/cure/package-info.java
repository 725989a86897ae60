/**
 * Hardening: what lamps do to gel, layer by layer, and what the room does to acrylic.
 *
 * <p>Read first: {@link ongle.core.cure.LampTime}, then {@link ongle.core.cure.Layers}.
 *
 * <p>May know: nail, product, portion.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.cure;
