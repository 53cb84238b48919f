package app.yunque.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** An address as a QR code. */
public final class QrCode {
    private static final int PIXELS_A_SIDE = 240;

    private QrCode() {}

    /** The code as a picture that a page can hold: a data address of a PNG. */
    public static String asPicture(String address) {
        try {
            var matrix =
                    new QRCodeWriter()
                            .encode(
                                    address,
                                    BarcodeFormat.QR_CODE,
                                    PIXELS_A_SIDE,
                                    PIXELS_A_SIDE,
                                    Map.of(EncodeHintType.MARGIN, 1));
            var image =
                    new BufferedImage(
                            matrix.getWidth(), matrix.getHeight(), BufferedImage.TYPE_BYTE_BINARY);
            for (int x = 0; x < matrix.getWidth(); x++) {
                for (int y = 0; y < matrix.getHeight(); y++) {
                    image.setRGB(x, y, matrix.get(x, y) ? 0 : 0xffffff);
                }
            }
            var out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        } catch (WriterException defect) {
            throw new IllegalStateException(
                    "Impossible: an address of this length fits a code", defect);
        }
    }
}
