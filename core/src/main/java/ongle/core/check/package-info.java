/**
 * What was built, against what was planned: where it is off, what follows from that, and what is
 * filed or added.
 *
 * <p>Read first: {@link ongle.core.check.NailCheck}; what is off by how much is {@link
 * ongle.core.check.Tolerances}, what may be found {@link ongle.core.check.Fault}.
 *
 * <p>May know: plan, structure, wear, nail.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.check;
