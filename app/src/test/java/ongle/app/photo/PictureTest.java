package ongle.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureTest {
  /** White, with a red square in the upper left corner. */
  private static byte[] file(String format, int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, width, height);
    g.setColor(Color.RED);
    g.fillRect(0, 0, 200, 200);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  private static byte[] turned(byte[] jpeg, int orientation) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(0xFF);
    out.write(0xE1);
    out.write(new byte[] {0, 34});
    out.write("Exif\0\0MM\0*\0\0\0\b".getBytes(StandardCharsets.ISO_8859_1));
    out.write(
        new byte[] {0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0, 0, 0, 0, 0});
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  /** Where the red square ends up once the picture is upright: EXIF 2.3, orientation. */
  @ParameterizedTest
  @CsvSource({
    "1,800,600,left,top",
    "2,800,600,right,top",
    "3,800,600,right,bottom",
    "4,800,600,left,bottom",
    "5,600,800,left,top",
    "6,600,800,right,top",
    "7,600,800,right,bottom",
    "8,600,800,left,bottom"
  })
  void aTurnedPictureIsPutUpright(int orientation, int width, int height, String x, String y)
      throws IOException {
    Picture picture = Picture.of(turned(file("jpeg", 800, 600), orientation));
    assertThat(picture.width()).isEqualTo(width);
    assertThat(picture.height()).isEqualTo(height);
    BufferedImage upright = ImageIO.read(new ByteArrayInputStream(picture.jpeg()));
    Color corner =
        new Color(
            upright.getRGB(x.equals("left") ? 50 : width - 50, y.equals("top") ? 50 : height - 50));
    assertThat(corner.getGreen()).isLessThan(60);
  }

  @Test
  void aLargePictureIsMadeSmallerAndLosesWhatElseWasInIt() throws IOException {
    Picture picture = Picture.of(turned(file("jpeg", 5000, 2500), 1));
    assertThat(picture.width()).isEqualTo(Picture.LONGEST);
    assertThat(picture.height()).isEqualTo(Picture.LONGEST / 2);
    assertThat(new String(picture.jpeg(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    assertThat(picture.smaller(Picture.LONGEST_KEPT).width()).isEqualTo(Picture.LONGEST_KEPT);
  }

  @Test
  void aPngIsTakenToo() throws IOException {
    assertThat(Picture.of(file("png", 800, 600)).width()).isEqualTo(800);
  }

  @Test
  void aPictureThatBrokeOffOrGoesOverItselfForEverIsRefusedAtOnce() throws IOException {
    byte[] whole = file("jpeg", 800, 600);
    assertThatThrownBy(() -> Picture.of(Arrays.copyOf(whole, whole.length / 2)))
        .hasMessageContaining("breaks off");
    ByteArrayOutputStream endless = new ByteArrayOutputStream();
    endless.write(whole, 0, whole.length - 2);
    for (int i = 0; i < 5000; i++) {
      endless.write(new byte[] {(byte) 0xFF, (byte) 0xDA, 0, 8, 1, 1, 0, 0, 63, 0});
    }
    endless.write(whole, whole.length - 2, 2);
    assertThatThrownBy(() -> Picture.of(endless.toByteArray()))
        .hasMessageContaining("in 5001 passes");
  }

  @Test
  void whatCannotBeUsedIsNamed() throws IOException {
    assertThatThrownBy(() -> Picture.of("not a picture".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("no picture");
    assertThatThrownBy(() -> Picture.of(file("bmp", 800, 600)))
        .hasMessageContaining("Only JPEG and PNG");
    assertThatThrownBy(() -> Picture.of(file("png", 320, 240)))
        .hasMessageContaining("only 320 by 240");
    byte[] png = file("png", 800, 600);
    assertThatThrownBy(() -> Picture.of(Arrays.copyOf(png, png.length / 2)))
        .hasMessageContaining("damaged");
    assertThatThrownBy(() -> Picture.of(headOfPng(20_000, 10_000)))
        .hasMessageContaining("200 megapixels");
  }

  /**
   * Only the first block: a picture that claims to be that large must be refused before it is read.
   */
  private static byte[] headOfPng(int width, int height) throws IOException {
    ByteArrayOutputStream block = new ByteArrayOutputStream();
    DataOutputStream head = new DataOutputStream(block);
    head.writeBytes("IHDR");
    head.writeInt(width);
    head.writeInt(height);
    head.write(new byte[] {8, 2, 0, 0, 0});
    CRC32 sum = new CRC32();
    sum.update(block.toByteArray());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    DataOutputStream png = new DataOutputStream(out);
    png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    png.writeInt(13);
    png.write(block.toByteArray());
    png.writeInt((int) sum.getValue());
    png.writeInt(0);
    png.writeBytes("IDAT");
    return out.toByteArray();
  }
}
