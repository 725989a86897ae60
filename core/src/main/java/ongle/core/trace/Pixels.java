package ongle.core.trace;

import ongle.core.photo.Spot;

/**
 * A picture's colours.
 *
 * @param width px
 * @param height px
 * @param rgb eight bits of red, green and blue each, row by row
 */
public record Pixels(int width, int height, int[] rgb) {
  /**
   * @throws IllegalArgumentException if there are not as many colours as the sides say
   */
  public Pixels {
    if (width < 2 || height < 2 || rgb.length != width * height) {
      throw new IllegalArgumentException("no picture of " + width + " by " + height);
    }
  }

  /** Adds red, green and blue at a place between pixels, times a weight; held to the picture. */
  void add(Spot at, double weight, double[] to) {
    double x = Math.max(0, Math.min(width - 1.001, at.x() - 0.5));
    double y = Math.max(0, Math.min(height - 1.001, at.y() - 0.5));
    int left = (int) x;
    int top = (int) y;
    double across = x - left;
    double down = y - top;
    int place = top * width + left;
    add(rgb[place], weight * (1 - across) * (1 - down), to);
    add(rgb[place + 1], weight * across * (1 - down), to);
    add(rgb[place + width], weight * (1 - across) * down, to);
    add(rgb[place + width + 1], weight * across * down, to);
  }

  private static void add(int colour, double weight, double[] to) {
    to[0] += weight * (colour >> 16 & 0xFF);
    to[1] += weight * (colour >> 8 & 0xFF);
    to[2] += weight * (colour & 0xFF);
  }
}
