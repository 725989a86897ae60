/**
 * Simulated devices: calliper, camera, light meter.
 *
 * <p>Read first: {@link ongle.app.standin.StandIns}.
 *
 * <p>May know: the interfaces of the features that use them.
 */
package ongle.app.standin;
