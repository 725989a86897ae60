package ongle.app.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import ongle.app.web.WholeBody;
import ongle.app.words.Words;
import ongle.core.photo.Camera;
import org.springframework.web.multipart.MultipartFile;

/**
 * A picture made ready for marking: upright, in colours every browser shows, not larger than
 * needed, and without anything else a telephone writes into it.
 *
 * @param jpeg the file
 * @param width px
 * @param height px
 * @param focalLength as if the film were 36 × 24 mm, mm
 */
record Picture(byte[] jpeg, int width, int height, double focalLength) {
  /** Longest side while it is marked, px. */
  static final int LONGEST = 3600;

  /** Longest side of a picture that is kept, px. */
  static final int LONGEST_KEPT = 1400;

  /** Shortest side that still gives a measure, px. */
  private static final int MIN = 480;

  /** Most a picture may have before it would fill the memory. */
  private static final int MAX_MEGAPIXELS = 64;

  /** A progressive picture goes over itself about ten times. */
  private static final int MAX_SCANS = 40;

  private static final Duration LONGEST_READING = Duration.ofSeconds(4);

  private static final Set<String> FORMATS = Set.of("jpeg", "png");
  private static final float QUALITY = 0.9f;

  /** Where a picture comes from. */
  interface Source {
    /**
     * @throws IllegalArgumentException with the reason, if there is none that can be used
     */
    Picture get() throws IOException;
  }

  /** As chosen by the technician. */
  static Picture uploaded(Optional<MultipartFile> file) throws IOException {
    if (file.isEmpty() || file.get().isEmpty()) {
      throw new IllegalArgumentException(Words.say("photo.choose-first"));
    }
    if (file.get().getSize() > WholeBody.MAX_PICTURE_BYTES) {
      throw new IllegalArgumentException(
          Words.say("photo.too-large", "max", WholeBody.MAX_PICTURE_BYTES / (1024 * 1024)));
    }
    return of(file.get().getBytes());
  }

  /**
   * @throws IllegalArgumentException with the reason, if it cannot be used
   */
  static Picture of(byte[] file) throws IOException {
    if (JpegScans.speaksFor(file)) {
      JpegScans scans = JpegScans.of(file);
      if (scans.scans() > MAX_SCANS) {
        throw new IllegalArgumentException(
            Words.say("photo.too-many-scans", "scans", scans.scans(), "max", MAX_SCANS));
      }
      if (!scans.ends()) {
        throw damaged(null);
      }
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IllegalArgumentException(Words.say("photo.no-picture"));
      }
      ImageReader reader = readers.next();
      try {
        if (!FORMATS.contains(reader.getFormatName().toLowerCase(java.util.Locale.ROOT))) {
          throw new IllegalArgumentException(Words.say("photo.other-format"));
        }
        reader.setInput(in);
        return upright(decoded(reader), file);
      } catch (IOException | IndexOutOfBoundsException e) {
        throw damaged(e);
      } finally {
        reader.dispose();
      }
    }
  }

  private static IllegalArgumentException damaged(Exception why) {
    return new IllegalArgumentException(Words.say("photo.damaged"), why);
  }

  /** Reads it, as long as that takes no longer than a picture may and nothing in it is broken. */
  private static BufferedImage read(ImageReader reader, ImageReadParam param) throws IOException {
    long until = System.nanoTime() + LONGEST_READING.toNanos();
    AtomicBoolean broken = new AtomicBoolean();
    reader.addIIOReadWarningListener((source, warning) -> broken.set(true));
    reader.addIIOReadProgressListener(new Impatient(until));
    BufferedImage image = reader.read(0, param);
    if (System.nanoTime() > until) {
      throw new IllegalArgumentException(
          Words.say("photo.too-slow", "seconds", LONGEST_READING.toSeconds()));
    }
    if (broken.get()) {
      throw damaged(null);
    }
    return image;
  }

  private static BufferedImage decoded(ImageReader reader) throws IOException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    long megapixels = Math.round((double) width * height / 1e6);
    if (megapixels > MAX_MEGAPIXELS) {
      throw new IllegalArgumentException(
          Words.say("photo.too-many-pixels", "pixels", megapixels, "max", MAX_MEGAPIXELS));
    }
    if (Math.min(width, height) < MIN) {
      throw new IllegalArgumentException(
          Words.say("photo.too-small", "width", width, "height", height, "min", MIN));
    }
    // Every other pixel of a very large picture is enough and takes a quarter of the memory.
    int step = Math.max(1, Math.max(width, height) / (2 * LONGEST));
    ImageReadParam param = reader.getDefaultReadParam();
    param.setSourceSubsampling(step, step, 0, 0);
    return read(reader, param);
  }

  private static Picture upright(BufferedImage image, byte[] file) throws IOException {
    Metadata metadata = metadata(file);
    int orientation =
        number(metadata, ExifIFD0Directory.class, ExifIFD0Directory.TAG_ORIENTATION, 1);
    int focal =
        number(
            metadata,
            ExifSubIFDDirectory.class,
            ExifSubIFDDirectory.TAG_35MM_FILM_EQUIV_FOCAL_LENGTH,
            0);
    double scale = Math.min(1, (double) LONGEST / Math.max(image.getWidth(), image.getHeight()));
    return written(
        drawn(
            image, turn(orientation, image.getWidth(), image.getHeight()), orientation > 4, scale),
        focal >= 10 && focal <= 200 ? focal : Camera.USUAL_FOCAL_LENGTH);
  }

  /** The same picture with its longest side no longer than this. */
  Picture smaller(int longest) throws IOException {
    double scale = Math.min(1, (double) longest / Math.max(width, height));
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
    return written(drawn(image, new AffineTransform(), false, scale), focalLength);
  }

  private static BufferedImage drawn(
      BufferedImage image, AffineTransform turn, boolean sideways, double scale) {
    int width = sideways ? image.getHeight() : image.getWidth();
    int height = sideways ? image.getWidth() : image.getHeight();
    BufferedImage out =
        new BufferedImage(
            (int) Math.round(width * scale),
            (int) Math.round(height * scale),
            BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, out.getWidth(), out.getHeight());
    AffineTransform all = AffineTransform.getScaleInstance(scale, scale);
    all.concatenate(turn);
    g.drawImage(image, all, null);
    g.dispose();
    return out;
  }

  /** EXIF's eight ways to hold a camera, as the transform that puts the picture upright. */
  private static AffineTransform turn(int orientation, int w, int h) {
    return switch (orientation) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
      default -> new AffineTransform();
    };
  }

  private static Picture written(BufferedImage image, double focalLength) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (var stream = ImageIO.createImageOutputStream(out)) {
      writer.setOutput(stream);
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(QUALITY);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
    return new Picture(out.toByteArray(), image.getWidth(), image.getHeight(), focalLength);
  }

  /** What the camera wrote; empty where it cannot be read, as it is only of help. */
  private static Metadata metadata(byte[] file) throws IOException {
    try {
      return ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
    } catch (ImageProcessingException e) {
      return new Metadata();
    }
  }

  private static int number(
      Metadata metadata, Class<? extends com.drew.metadata.Directory> in, int tag, int otherwise) {
    com.drew.metadata.Directory directory = metadata.getFirstDirectoryOfType(in);
    Integer value = directory == null ? null : directory.getInteger(tag);
    return value == null ? otherwise : value;
  }
}
