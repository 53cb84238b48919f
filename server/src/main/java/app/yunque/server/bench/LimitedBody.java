package app.yunque.server.bench;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;

/** Reads a file that comes as the body of a request, up to a size, so that no file fills the memory. */
final class LimitedBody {
    private static final double MEGABYTE = 1024 * 1024;

    private LimitedBody() {}

    /** @throws Refused when it is larger than {@code mostBytes} */
    static byte[] read(HttpServletRequest request, String field, String what, int mostBytes) {
        try {
            long told = request.getContentLengthLong();
            var bytes =
                    told > mostBytes
                            ? new byte[0]
                            : request.getInputStream().readNBytes(mostBytes + 1);
            if (told > mostBytes || bytes.length > mostBytes) {
                request.getInputStream().skip(Long.MAX_VALUE);
                throw Refused.because(
                        field,
                        "The %s has %s MB; at most %s MB fit. Make it smaller and try again."
                                .formatted(
                                        what,
                                        PlainDigits.rounded(
                                                Math.max(told, bytes.length) / MEGABYTE, 1),
                                        PlainDigits.rounded(mostBytes / MEGABYTE, 0)));
            }
            return bytes;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
