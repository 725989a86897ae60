/**
 * Keeping the salon's data: backups that are opened before they count, putting one back, and saying
 * in words what is wrong.
 *
 * <p>Read first: {@link ongle.app.keeping.Backups}, {@link ongle.app.keeping.KeepingTasks}.
 *
 * <p>May know: door, people, store, web, words.
 */
package ongle.app.keeping;
