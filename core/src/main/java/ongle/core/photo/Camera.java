package ongle.core.photo;

/**
 * What a picture was taken with, as far as it matters.
 *
 * @param width of the picture, px
 * @param height of the picture, px
 * @param focalLength as if the film were 36 × 24 mm, mm
 */
public record Camera(int width, int height, double focalLength) {
  /** Of the main lens of most telephones, where the picture does not say, mm. */
  public static final double USUAL_FOCAL_LENGTH = 27;

  private static final double FILM_DIAGONAL = Math.hypot(36, 24);

  /**
   * @throws IllegalArgumentException if a side is 0 or less, or the focal length not between 5 and
   *     500 mm
   */
  public Camera {
    if (width <= 0 || height <= 0 || !(focalLength > 5) || !(focalLength < 500)) {
      throw new IllegalArgumentException("no camera takes such pictures");
    }
  }

  /** Focal length in pixels. */
  public double focalPixels() {
    return focalLength
        / FILM_DIAGONAL
        * Math.sqrt((double) width * width + (double) height * height);
  }
}
