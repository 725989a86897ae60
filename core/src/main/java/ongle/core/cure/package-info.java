/** Hardening: what lamps do to gel, layer by layer, and what the room does to acrylic. */
package ongle.core.cure;
