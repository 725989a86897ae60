package ongle.app.photo;

/**
 * How often a JPEG file goes over its picture, found without decoding it. A file of thousands of
 * scans is made to keep a computer busy, and one without an end was broken off.
 *
 * @param scans how often
 * @param ends whether the picture comes to its end
 */
record JpegScans(int scans, boolean ends) {
  private static final int START_OF_SCAN = 0xDA;
  private static final int END = 0xD9;

  /** Whether a file says it is a JPEG. */
  static boolean speaksFor(byte[] file) {
    return file.length > 2 && at(file, 0) == 0xFF && at(file, 1) == 0xD8;
  }

  /** Goes through the file once: segments by their lengths, scans to the next marker. */
  static JpegScans of(byte[] file) {
    int scans = 0;
    int i = 2;
    while (i + 1 < file.length) {
      if (at(file, i) != 0xFF || at(file, i + 1) == 0xFF) {
        i++;
        continue;
      }
      int marker = at(file, i + 1);
      if (marker == END) {
        return new JpegScans(scans, scans > 0);
      }
      boolean alone = marker <= 0x01 || marker >= 0xD0 && marker <= 0xD8;
      if (alone || i + 3 >= file.length) {
        i += 2;
        continue;
      }
      if (marker == START_OF_SCAN) {
        scans++;
      }
      i += 2 + Math.max(2, 256 * at(file, i + 2) + at(file, i + 3));
    }
    return new JpegScans(scans, false);
  }

  private static int at(byte[] file, int place) {
    return file[place] & 0xFF;
  }
}
