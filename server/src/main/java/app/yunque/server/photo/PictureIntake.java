package app.yunque.server.photo;

import app.yunque.measure.Refused;
import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.png.PngMetadataReader;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;

/**
 * Takes a picture in: judged by what it holds and not by its name, turned upright as the camera meant it, and written anew,
 * so that the place where it was taken and everything else beside the picture is gone.
 *
 * @param picture   JPEG, at most 3000 pixels on its longer side
 * @param thumbnail JPEG, at most 320 pixels on its longer side
 * @param width     width of the picture (pixels)
 * @param height    height (pixels)
 */
public record PictureIntake(byte[] picture, byte[] thumbnail, int width, int height) {
    static final int MOST_BYTES = 25 * 1024 * 1024;
    private static final long MOST_PIXELS = 60_000_000;

    /** A whole row of pixels stands in memory, however few rows there are. */
    private static final int MOST_SIDE = 20_000;

    /** Other readers believe what a file says of its own size. */
    private static final Set<String> TAKEN = Set.of("jpeg", "png", "gif");

    private static final int LONGEST_SIDE = 3000;
    private static final int THUMBNAIL = 320;
    private static final double QUALITY = 0.88;

    /** @throws Refused when it is no picture, an animated, a corrupt or a too large one */
    public static PictureIntake of(byte[] bytes) {
        if (bytes.length == 0) {
            throw refused("The picture is empty. Take it again.");
        }
        // One at a time: the heap of a bench computer holds one decoded picture, not ten.
        synchronized (PictureIntake.class) {
            return taken(bytes);
        }
    }

    private static PictureIntake taken(byte[] sent) {
        var bytes = PngChunks.isPng(sent) ? PngChunks.drawn(sent) : sent;
        try (var stream = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw refused(
                        looksLikeText(bytes)
                                ? "This file is text and no picture, whatever its name says. Choose a JPEG or PNG."
                                : "This file is no picture that can be shown. Choose a JPEG or PNG.");
            }
            var reader = readers.next();
            try {
                reader.setInput(stream, false, true);
                check(reader);
                var upright = upright(reader, bytes);
                var large = fit(upright, LONGEST_SIDE);
                return new PictureIntake(
                        jpeg(large),
                        jpeg(fit(upright, THUMBNAIL)),
                        large.getWidth(),
                        large.getHeight());
            } finally {
                reader.dispose();
            }
        } catch (Refused told) {
            throw told;
        } catch (IOException | RuntimeException corrupt) {
            throw refused(
                    "The picture cannot be read to its end: it is damaged or cut short. Take it again, or save it as JPEG.");
        }
    }

    private static void check(ImageReader reader) throws IOException {
        var format = reader.getFormatName().toLowerCase(Locale.ROOT);
        if (!TAKEN.contains(format)) {
            throw refused(
                    "This picture is in the format %s. Save it as JPEG or PNG and choose that."
                            .formatted(format));
        }
        int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
        if (longest > MOST_SIDE) {
            throw refused(
                    "The picture is %d pixels long; at most %d fit. Cut it, or take it at a lower resolution."
                            .formatted(longest, MOST_SIDE));
        }
        int images = "gif".equals(format) ? reader.getNumImages(true) : 1;
        if (images > 1) {
            throw refused(
                    "This picture is animated, %d frames. Choose a still one.".formatted(images));
        }
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
            throw refused(
                    "The picture has %d million pixels; at most 60 million fit. Take it at a lower resolution."
                            .formatted(pixels / 1_000_000));
        }
    }

    /** Reads only every n-th pixel of a large picture, so that it never stands in memory at its full size. */
    private static BufferedImage upright(ImageReader reader, byte[] bytes) throws IOException {
        int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
        int every = Math.max(1, (longest + LONGEST_SIDE - 1) / LONGEST_SIDE);
        var reading = reader.getDefaultReadParam();
        reading.setSourceSubsampling(every, every, 0, 0);
        var orientation = orientation(bytes);
        var image = reader.read(0, reading);
        return orientation == null
                ? image
                : ExifFilterUtils.getFilterForOrientation(orientation).apply(image);
    }

    /** How the camera was held; a picture whose camera says nothing readable stays as it is. */
    private static @Nullable Orientation orientation(byte[] bytes) {
        try {
            var stream = new ByteArrayInputStream(bytes);
            var told =
                    (PngChunks.isPng(bytes)
                                    ? PngMetadataReader.readMetadata(stream)
                                    : JpegMetadataReader.readMetadata(
                                            stream, List.of(new ExifReader())))
                            .getFirstDirectoryOfType(ExifIFD0Directory.class);
            var value = told == null ? null : told.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            return value == null ? null : Orientation.typeOf(value);
        } catch (IOException | ImageProcessingException | RuntimeException unreadable) {
            return null;
        }
    }

    private static boolean looksLikeText(byte[] bytes) {
        for (int i = 0; i < Math.min(bytes.length, 200); i++) {
            if (bytes[i] >= 0 && bytes[i] < 9) {
                return false;
            }
        }
        return true;
    }

    private static BufferedImage fit(BufferedImage image, int longest) throws IOException {
        return Math.max(image.getWidth(), image.getHeight()) <= longest
                ? image
                : Thumbnails.of(image).size(longest, longest).asBufferedImage();
    }

    /** JPEG has no transparency: what was clear becomes white. */
    private static byte[] jpeg(BufferedImage image) throws IOException {
        var opaque =
                new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        var paper = opaque.createGraphics();
        paper.drawImage(image, 0, 0, java.awt.Color.WHITE, null);
        paper.dispose();
        var out = new ByteArrayOutputStream();
        Thumbnails.of(opaque)
                .scale(1)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }

    private static Refused refused(String sentence) {
        return Refused.because("photo", sentence);
    }
}
