package app.yunque.server.bench;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.Semaphore;
import java.util.function.Function;

/**
 * Reads a file that comes as the body of a request, up to a size, and all that come at once up to a size together: the next waits its
 * turn, so that files do not fill the memory.
 */
final class LimitedBody {
    private static final double MEGABYTE = 1024 * 1024;

    private static final int KILOBYTE = 1024;

    /** Kilobytes of bodies that stand in memory at once. */
    private static final Semaphore AT_ONCE = new Semaphore(100 * KILOBYTE, true);

    private LimitedBody() {}

    /**
     * What {@code use} makes of the body.
     *
     * @throws Refused when it is larger than {@code mostBytes}
     */
    static <T> T read(
            HttpServletRequest request,
            String field,
            String what,
            int mostBytes,
            Function<byte[], T> use) {
        int kilobytes = kilobytes(request.getContentLengthLong(), mostBytes);
        AT_ONCE.acquireUninterruptibly(kilobytes);
        try {
            return use.apply(bytes(request, field, what, mostBytes));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } finally {
            AT_ONCE.release(kilobytes);
        }
    }

    /** What the body will take: nothing where it is refused unread, the most where it does not say. */
    private static int kilobytes(long told, int mostBytes) {
        if (told > mostBytes) {
            return 0;
        }
        return (int) (told < 0 ? mostBytes : told) / KILOBYTE + 1;
    }

    private static byte[] bytes(
            HttpServletRequest request, String field, String what, int mostBytes)
            throws IOException {
        long told = request.getContentLengthLong();
        var bytes =
                told > mostBytes ? new byte[0] : request.getInputStream().readNBytes(mostBytes + 1);
        if (told > mostBytes || bytes.length > mostBytes) {
            request.getInputStream().skip(Long.MAX_VALUE);
            throw Refused.because(
                    field,
                    "The %s has %s MB; at most %s MB fit. Make it smaller and try again."
                            .formatted(
                                    what,
                                    PlainDigits.rounded(Math.max(told, bytes.length) / MEGABYTE, 1),
                                    PlainDigits.rounded(mostBytes / MEGABYTE, 0)));
        }
        return bytes;
    }
}
