package app.yunque.server.door;

import java.io.IOException;

/** A body became larger than its address takes, and was read no further. */
public final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge(String sentence) {
        super(sentence);
    }
}
