/** Geometry of a build: outline from above, arches from the side, and the length wish. */
package ongle.core.shape;
