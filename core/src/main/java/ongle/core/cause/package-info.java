/**
 * What happened to a worn nail, why, and what is changed next time.
 *
 * <p>Read first: {@link ongle.core.cause.Diagnosis}; every figure it reckons with stands in {@link
 * ongle.core.cause.Likelihoods}.
 *
 * <p>May know: nail, structure, wear.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.cause;
