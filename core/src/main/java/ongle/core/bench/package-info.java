/** The appointment: what is done in which order, how long it takes, and what became of it. */
package ongle.core.bench;
