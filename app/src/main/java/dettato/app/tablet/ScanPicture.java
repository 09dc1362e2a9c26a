package dettato.app.tablet;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** An address as a picture that a device can scan (ISO/IEC 18004). */
final class ScanPicture {
  private static final int SIZE = 360;
  private static final int BLACK = 0x000000;
  private static final int WHITE = 0xffffff;

  private ScanPicture() {}

  static byte[] of(String address) {
    try {
      BitMatrix signs = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, SIZE, SIZE);
      BufferedImage image = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_RGB);
      for (int y = 0; y < SIZE; y++) {
        for (int x = 0; x < SIZE; x++) {
          image.setRGB(x, y, signs.get(x, y) ? BLACK : WHITE);
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (WriterException never) {
      throw new IllegalStateException(never);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
