/** Thickness, section and strength of a build. */
package ongle.core.structure;
