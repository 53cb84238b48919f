package app.yunque.server.bench;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Pictures as a tablet would send them. */
final class Pictures {
    private Pictures() {}

    /** Left half red, right half blue. */
    static BufferedImage twoHalves(int width, int height) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, (x < width / 2 ? Color.RED : Color.BLUE).getRGB());
            }
        }
        return image;
    }

    static byte[] jpeg(int width, int height) {
        return written(twoHalves(width, height), "jpg");
    }

    /**
     * A JPEG whose camera was held upright (orientation 6) and knew where it was: an Exif block with a GPS pointer and the
     * word that gives the place away. Exif 2.3, from memory.
     */
    static byte[] uprightWithPlace(int width, int height) {
        var plain = jpeg(width, height);
        var exif = new ByteArrayOutputStream();
        var tiff =
                new int[] {
                    'M', 'M', 0, 42, 0, 0, 0, 8, 0, 2, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0,
                    0x88, 0x25, 0, 4, 0, 0, 0, 1, 0, 0, 0, 38, 0, 0, 0, 0, 0, 1, 0, 1, 0, 2, 0, 0,
                    0, 2, 'N', 0, 0, 0, 0, 0, 0, 0
                };
        exif.writeBytes("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        for (int b : tiff) {
            exif.write(b);
        }
        exif.writeBytes("PUNTA-BRASA-GPS".getBytes(StandardCharsets.US_ASCII));
        var out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(0xff);
        out.write(0xe1);
        out.write((exif.size() + 2) >> 8);
        out.write((exif.size() + 2) & 0xff);
        out.writeBytes(exif.toByteArray());
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    static byte[] animatedGif() {
        var out = new ByteArrayOutputStream();
        var writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (var stream = new MemoryCacheImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            writer.writeToSequence(new IIOImage(twoHalves(20, 20), null, null), null);
            writer.writeToSequence(new IIOImage(twoHalves(20, 20), null, null), null);
            writer.endWriteSequence();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return out.toByteArray();
    }

    /** A PNG of few colours: its reader looks at every chunk before the picture. */
    static byte[] png(int width, int height) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_INDEXED);
        image.createGraphics().drawImage(twoHalves(width, height), 0, 0, null);
        return written(image, "png");
    }

    static byte[] written(BufferedImage image, String format) {
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, out);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return out.toByteArray();
    }

    /** The same picture with one more chunk behind its head. PNG specification, 5.3, from memory. */
    static byte[] withChunk(byte[] png, String type, byte[] data) {
        int behindHead = 8 + 12 + 13;
        var chunk = ByteBuffer.allocate(data.length + 12);
        var named = ByteBuffer.allocate(data.length + 4);
        named.put(type.getBytes(StandardCharsets.US_ASCII)).put(data);
        var sum = new CRC32();
        sum.update(named.array());
        chunk.putInt(data.length).put(named.array()).putInt((int) sum.getValue());
        var out = new ByteArrayOutputStream();
        out.write(png, 0, behindHead);
        out.writeBytes(chunk.array());
        out.write(png, behindHead, png.length - behindHead);
        return out.toByteArray();
    }

    /** Zeros, packed: {@code megabytes} of them in about a thousandth. */
    static byte[] packedZeros(String before, int megabytes) {
        var out = new ByteArrayOutputStream();
        out.writeBytes(before.getBytes(StandardCharsets.ISO_8859_1));
        try (var packed = new DeflaterOutputStream(out)) {
            for (int i = 0; i < megabytes; i++) {
                packed.write(new byte[1024 * 1024]);
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return out.toByteArray();
    }
}
