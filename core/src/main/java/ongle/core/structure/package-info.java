/**
 * Thickness, section and strength of a build.
 *
 * <p>Read first: {@link ongle.core.structure.Build}, then {@link ongle.core.structure.LoadedNail}
 * and {@link ongle.core.structure.ApexSolver}.
 *
 * <p>May know: nail, shape, product.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.structure;
