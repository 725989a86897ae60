/**
 * The application: pages, what is stored, files in and out.
 *
 * <p>Read first: docs/architecture.md.
 *
 * <p>May know: everything below it.
 */
package ongle.app;
