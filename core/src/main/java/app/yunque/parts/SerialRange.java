package app.yunque.parts;

import app.yunque.measure.Refused;

/**
 * Machines that something fits, by their serial numbers, both ends included. Only numbers with the same letters before them are compared.
 * Source: common practice, no source.
 *
 * @param from first machine as written; empty from the first on
 * @param to   last machine as written; empty to the last
 */
public record SerialRange(String from, String to) {
    /** Every machine there is. */
    public static final SerialRange ALL = new SerialRange("", "");

    /** @throws Refused when an end is no serial number, the letters differ, or it ends before it begins */
    public SerialRange {
        from = from.strip();
        to = to.strip();
        if (!from.isEmpty() && !to.isEmpty()) {
            var first = SerialNumber.of(from);
            var last = SerialNumber.of(to);
            if (!first.prefix().equals(last.prefix())) {
                throw Refused.because(
                        "to",
                        "“%s” and “%s” begin with other letters, so they are not one range. Enter two ranges."
                                .formatted(from, to));
            }
            if (last.number() < first.number()) {
                throw Refused.because(
                        "to", "The range ends at %s, before it begins at %s.".formatted(to, from));
            }
        } else if (!from.isEmpty()) {
            SerialNumber.of(from);
        } else if (!to.isEmpty()) {
            SerialNumber.of(to);
        }
    }

    boolean isAll() {
        return from.isEmpty() && to.isEmpty();
    }

    /** Whether a machine lies in it. */
    public boolean covers(SerialNumber machine) {
        return (from.isEmpty() || isNotBefore(machine, SerialNumber.of(from)))
                && (to.isEmpty() || isNotBefore(SerialNumber.of(to), machine));
    }

    private static boolean isNotBefore(SerialNumber one, SerialNumber other) {
        return one.prefix().equals(other.prefix()) && one.number() >= other.number();
    }

    /** Whether a machine can lie in both. */
    public boolean overlaps(SerialRange other) {
        if (isAll() || other.isAll()) {
            return true;
        }
        return !endsBefore(other) && !other.endsBefore(this);
    }

    private boolean endsBefore(SerialRange other) {
        if (to.isEmpty() || other.from.isEmpty()) {
            return !samePrefix(other);
        }
        return !samePrefix(other)
                || SerialNumber.of(to).number() < SerialNumber.of(other.from).number();
    }

    private boolean samePrefix(SerialRange other) {
        return prefix().equals(other.prefix());
    }

    private String prefix() {
        return SerialNumber.of(from.isEmpty() ? to : from).prefix();
    }

    /** "AB-00120 to AB 1499", "from AB 1500 on", "every machine". */
    public String inWords() {
        if (isAll()) {
            return "every machine";
        }
        return from.isEmpty()
                ? "up to " + to
                : to.isEmpty() ? "from %s on".formatted(from) : "%s to %s".formatted(from, to);
    }
}
