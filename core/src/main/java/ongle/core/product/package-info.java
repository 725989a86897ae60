/** What the nails are built of. */
package ongle.core.product;
