/**
 * A whole set planned: wishes in, every finger’s figures out.
 *
 * <p>Read first: {@link ongle.core.plan.SetPlanner}, then {@link ongle.core.plan.NailPlan}; what
 * forbids building is {@link ongle.core.plan.Contraindication}.
 *
 * <p>May know: nail, fitting, shape, structure, product, wear.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.plan;
