package app.yunque.server.parts;

import app.yunque.parts.BillOfParts;
import app.yunque.parts.Supersession;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The bill of parts of a unit, whole.
 *
 * @param version      version that was seen; missing for a new one
 * @param serial       serial number of the machine as on its plate; missing or empty while nobody knows it
 * @param lines        as the diagram has them, at most 400
 * @param replacements numbers that take the place of others
 */
public record BillRequest(
        @Nullable Long version,
        @Nullable String serial,
        List<BillOfParts.BillLine> lines,
        List<Supersession.Replacement> replacements) {
    /** What is left out is not there. */
    public BillRequest {
        serial = serial == null ? "" : serial.strip();
        lines = lines == null ? List.of() : List.copyOf(lines);
        replacements = replacements == null ? List.of() : List.copyOf(replacements);
    }

    @Override
    public String serial() {
        return serial == null ? "" : serial;
    }
}
