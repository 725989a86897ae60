/** A whole set planned: wishes in, every finger's figures out. */
package ongle.core.plan;
