package ongle.app.photo;

import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;

/**
 * Breaks off the reading of a picture that takes too long.
 *
 * @param until by the system's nanosecond clock
 */
record Impatient(long until) implements IIOReadProgressListener {
  @Override
  public void imageProgress(ImageReader source, float percentageDone) {
    if (System.nanoTime() > until) {
      source.abort();
    }
  }

  @Override
  public void sequenceStarted(ImageReader source, int minIndex) {}

  @Override
  public void sequenceComplete(ImageReader source) {}

  @Override
  public void imageStarted(ImageReader source, int imageIndex) {}

  @Override
  public void imageComplete(ImageReader source) {}

  @Override
  public void thumbnailStarted(ImageReader source, int imageIndex, int thumbnailIndex) {}

  @Override
  public void thumbnailProgress(ImageReader source, float percentageDone) {}

  @Override
  public void thumbnailComplete(ImageReader source) {}

  @Override
  public void readAborted(ImageReader source) {}
}
