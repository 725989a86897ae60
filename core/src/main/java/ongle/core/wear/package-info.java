/** How a build wears: growth, and later what follows from it. */
package ongle.core.wear;
