/** How the salon's data lies on the disk and is kept whole. */
package ongle.app.store;
