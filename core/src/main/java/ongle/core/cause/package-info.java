/**
 * What happened to a worn nail, why, and what is changed next time.
 *
 * <p>Read first: {@link ongle.core.cause.Diagnosis}; every figure it reckons with stands in {@link
 * ongle.core.cause.Likelihoods}, what is known of a nail in {@link ongle.core.cause.Signs}.
 *
 * <p>May know: nail, fitting, plan, structure, wear, bench, check.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.cause;
