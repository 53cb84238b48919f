package app.yunque.server.photo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * A PNG without the chunks that say something beside the picture: texts and colour profiles are packed, and 390 kB of them unpack to
 * hundreds of megabytes in every reader that looks at them. What the picture is drawn from stays, and how the camera was held.
 *
 * <p>Source: PNG specification, third edition, 5.3 (chunk layout) and 11 (chunk types), from memory.
 */
final class PngChunks {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    private static final int TYPE = 4;
    private static final int FRAME = 12;
    private static final String HELD = "eXIf";

    /** A JPEG holds at most as much of it. */
    private static final int MOST_HELD = 65_536;

    private static final Set<String> DRAWN = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    private PngChunks() {}

    static boolean isPng(byte[] bytes) {
        return bytes.length > SIGNATURE.length
                && ByteBuffer.wrap(bytes, 0, SIGNATURE.length).equals(ByteBuffer.wrap(SIGNATURE));
    }

    /** The chunks a picture is drawn from; a chunk that is cut short ends it, and the reader tells. */
    static byte[] drawn(byte[] png) {
        var kept = new ByteArrayOutputStream(png.length);
        kept.writeBytes(SIGNATURE);
        var chunks = ByteBuffer.wrap(png).position(SIGNATURE.length);
        while (chunks.remaining() >= FRAME) {
            int at = chunks.position();
            int length = chunks.getInt();
            if (length < 0 || length > chunks.remaining() - (FRAME - Integer.BYTES)) {
                break;
            }
            var type = new String(png, at + Integer.BYTES, TYPE, StandardCharsets.ISO_8859_1);
            if (DRAWN.contains(type) || type.equals(HELD) && length <= MOST_HELD) {
                kept.write(png, at, length + FRAME);
            }
            chunks.position(at + length + FRAME);
        }
        return kept.toByteArray();
    }
}
