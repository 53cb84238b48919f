package app.yunque.server.word;

import app.yunque.line.LineReading.Found;
import app.yunque.teardown.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * @param version version that was seen; missing for a new one
 * @param name    what it is called, one thing, letters only
 * @param kind    the kind of part that it is; missing for a word for what was found
 * @param found   what was found; missing for a name of a part
 */
public record OwnWordRequest(
        @Nullable Long version, String name, @Nullable PartKind kind, @Nullable Found found) {}
