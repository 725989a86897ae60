/**
 * Measuring from a picture: taking it in, marking it, taking its measures over.
 *
 * <p>Read first: {@link ongle.app.photo.PhotoDesk}.
 *
 * <p>May know: consent, editing, planning, people, frame, words, check; no other stage.
 */
package ongle.app.photo;
