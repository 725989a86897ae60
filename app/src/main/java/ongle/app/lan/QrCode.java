package ongle.app.lan;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A text for a camera to read.
 *
 * @param size squares a side, with its quiet border
 * @param path of the dark squares, one unit each, for SVG
 */
public record QrCode(int size, String path) {
  /**
   * @throws IllegalArgumentException if the text is too long to be read
   */
  public static QrCode of(String text) {
    BitMatrix squares;
    try {
      squares =
          new QRCodeWriter()
              .encode(
                  text,
                  BarcodeFormat.QR_CODE,
                  0,
                  0,
                  Map.of(
                      EncodeHintType.ERROR_CORRECTION,
                      ErrorCorrectionLevel.M,
                      EncodeHintType.MARGIN,
                      4));
    } catch (WriterException e) {
      throw new IllegalArgumentException(e);
    }
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < squares.getHeight(); y++) {
      for (int x = 0; x < squares.getWidth(); x++) {
        if (squares.get(x, y)) {
          path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
        }
      }
    }
    return new QrCode(squares.getWidth(), path.toString());
  }
}
