package app.yunque.fastener;

import app.yunque.measure.Refused;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A screw thread as a drawing names it: M8, M30×1.5, 3/8-16, #10-32, 1-1/4-12, G 1/2, 1/4-18 NPT, Tr 24×5, or "special …" for one no
 * table holds.
 *
 * @param name        the designation in its usual spelling
 * @param diameterMm  nominal diameter d (mm); null for a pipe thread and for a special one
 * @param pitchMm     pitch P (mm); null for a special thread
 */
public record ScrewThread(String name, @Nullable Double diameterMm, @Nullable Double pitchMm) {
    private static final double INCH_MM = 25.4;
    private static final String FRACTION =
            "\\d{1,2}[\\s-]\\d{1,2}/\\d{1,2}|\\d{1,2}/\\d{1,2}|\\d{1,2}";
    private static final Pattern METRIC =
            Pattern.compile("M\\s?(\\d{1,3}(?:[.,]\\d)?)(?:\\s?[X×*]\\s?(\\d(?:[.,]\\d{1,2})?))?");
    private static final Pattern UNIFIED =
            Pattern.compile(
                    "(#\\d{1,2}|"
                            + FRACTION
                            + ")\"?\\s?-\\s?(\\d{1,2}(?:\\.5)?)(?:\\s?(?:UN[CFS]?|BS[WF]))?");
    private static final Pattern PIPE =
            Pattern.compile("G\\s?(" + FRACTION + ")\"?|(" + FRACTION + ")\"?\\s?(?:BSPT?|PIPE)");
    private static final Pattern TAPER_PIPE =
            Pattern.compile(
                    "(" + FRACTION + ")\"?(?:\\s?-\\s?(\\d{1,2}(?:\\.5)?))?\\s?N\\.?P\\.?T\\.?");
    private static final Pattern TRAPEZOIDAL =
            Pattern.compile("TR\\s?(\\d{1,3})\\s?[X×*]\\s?(\\d{1,2}(?:[.,]5)?)");
    private static final String SPECIAL = "SPECIAL";

    /**
     * @param text designation as written; × x and * are the same, comma and point too
     * @throws Refused when the text is no thread, or names one that the tables do not hold; the sentence offers the
     *     nearest ones
     */
    public static ScrewThread of(String text) {
        var written = text.strip().toUpperCase(Locale.ROOT).replaceAll("\\s+", " ");
        if (written.startsWith(SPECIAL) && written.length() > SPECIAL.length() + 1) {
            var name = written.substring(SPECIAL.length()).replaceFirst("^[ :]+", "");
            return new ScrewThread("special " + name, null, null);
        }
        return metric(written)
                .or(() -> unified(written))
                .or(() -> pipe(written))
                .or(() -> taperPipe(written))
                .or(() -> trapezoidal(written))
                .orElseThrow(
                        () ->
                                Refused.because(
                                        "thread",
                                        "Thread \""
                                                + text.strip()
                                                + "\" is not understood. Write it like M8, M30×1.5 or 3/8-16."));
    }

    /** True when the text reads as a thread that the tables hold. */
    public static boolean isOne(String text) {
        try {
            of(text);
            return true;
        } catch (Refused none) {
            return false;
        }
    }

    /** True when the metric size has that pitch: tells M10×1.25, a pitch, from M10×25, a length. */
    public static boolean hasPitch(String metricSize, String pitch) {
        return ThreadTable.METRIC_PITCHES
                .getOrDefault(plain(metricSize), List.of())
                .contains(plain(pitch));
    }

    private static Optional<ScrewThread> metric(String written) {
        var m = METRIC.matcher(written);
        if (!m.matches()) {
            return Optional.empty();
        }
        var size = plain(m.group(1));
        var pitches = ThreadTable.METRIC_PITCHES.get(size);
        if (pitches == null) {
            throw noSuchSize(written, "M" + nearestSize(Double.parseDouble(size)));
        }
        var pitch = m.group(2) == null ? pitches.get(0) : plain(m.group(2));
        if (pitch.equals("-")) {
            throw noSuchPitch(
                    written, "M" + size, pitches.subList(1, pitches.size()), "×", "mm pitch");
        }
        if (!pitches.contains(pitch)) {
            throw noSuchPitch(
                    written,
                    "M" + size,
                    pitches.stream().filter(p -> !p.equals("-")).toList(),
                    "×",
                    "mm pitch");
        }
        var name =
                "M"
                        + size
                        + (m.group(2) == null || pitch.equals(pitches.get(0)) ? "" : "×" + pitch);
        return Optional.of(
                new ScrewThread(name, Double.parseDouble(size), Double.parseDouble(pitch)));
    }

    private static Optional<ScrewThread> unified(String written) {
        var m = UNIFIED.matcher(written);
        return m.matches()
                ? Optional.of(inch(written, m, ThreadTable.UNIFIED_PITCHES, ""))
                : Optional.empty();
    }

    private static Optional<ScrewThread> pipe(String written) {
        var m = PIPE.matcher(written);
        if (!m.matches()) {
            return Optional.empty();
        }
        var size = whole(m.group(1) == null ? m.group(2) : m.group(1));
        var pitches = ThreadTable.PIPE_PITCHES.get(size);
        if (pitches == null) {
            throw noSuchSize(
                    written, "G " + String.join(", G ", ThreadTable.PIPE_PITCHES.keySet()));
        }
        return Optional.of(
                new ScrewThread(
                        "G " + hyphened(size), null, INCH_MM / Double.parseDouble(pitches.get(0))));
    }

    /** American taper pipe thread; each size has one pitch, so it may be left out. */
    private static Optional<ScrewThread> taperPipe(String written) {
        var m = TAPER_PIPE.matcher(written);
        if (!m.matches()) {
            return Optional.empty();
        }
        var size = whole(m.group(1));
        var pitches = ThreadTable.TAPER_PIPE_PITCHES.get(size);
        if (pitches == null) {
            throw noSuchSize(
                    written,
                    String.join(" NPT, ", ThreadTable.TAPER_PIPE_PITCHES.keySet()) + " NPT");
        }
        if (m.group(2) != null && !pitches.contains(m.group(2))) {
            throw noSuchPitch(written, size, pitches, "-", "threads an inch");
        }
        return Optional.of(
                new ScrewThread(
                        hyphened(size) + "-" + pitches.get(0) + " NPT",
                        null,
                        INCH_MM / Double.parseDouble(pitches.get(0))));
    }

    private static Optional<ScrewThread> trapezoidal(String written) {
        var m = TRAPEZOIDAL.matcher(written);
        if (!m.matches()) {
            return Optional.empty();
        }
        var pitches = ThreadTable.TRAPEZOIDAL_PITCHES.get(m.group(1));
        var pitch = plain(m.group(2));
        if (pitches == null) {
            throw noSuchSize(
                    written,
                    "Tr " + String.join(", Tr ", ThreadTable.TRAPEZOIDAL_PITCHES.keySet()));
        }
        if (!pitches.contains(pitch)) {
            throw noSuchPitch(written, "Tr " + m.group(1), pitches, "×", "mm pitch");
        }
        return Optional.of(
                new ScrewThread(
                        "Tr " + m.group(1) + "×" + pitch,
                        Double.parseDouble(m.group(1)),
                        Double.parseDouble(pitch)));
    }

    /** 1-1/4 and 1 1/4 are the same size. */
    private static String whole(String size) {
        return size.replaceFirst("^(\\d{1,2})-(?=\\d{1,2}/)", "$1 ");
    }

    private static String hyphened(String size) {
        return size.replace(' ', '-');
    }

    private static ScrewThread inch(
            String written, Matcher m, Map<String, List<String>> table, String before) {
        var size = whole(m.group(1));
        var pitches = table.get(size);
        if (pitches == null) {
            throw noSuchSize(written, "1/4, 5/16, 3/8, 7/16, 1/2");
        }
        if (!pitches.contains(m.group(2))) {
            throw noSuchPitch(written, size, pitches, "-", "threads an inch");
        }
        return new ScrewThread(
                before + hyphened(size) + "-" + m.group(2),
                inchSizeMm(size),
                INCH_MM / Double.parseDouble(m.group(2)));
    }

    /** #n is 0.060 + 0.013 n inch; a fraction is what it says. */
    private static double inchSizeMm(String size) {
        if (size.startsWith("#")) {
            return (0.060 + 0.013 * Integer.parseInt(size.substring(1))) * INCH_MM;
        }
        double inches = 0;
        for (var part : size.split(" ")) {
            var over = part.split("/");
            inches +=
                    Double.parseDouble(over[0])
                            / (over.length > 1 ? Double.parseDouble(over[1]) : 1);
        }
        return inches * INCH_MM;
    }

    private static String nearestSize(double diameter) {
        return ThreadTable.METRIC_PITCHES.keySet().stream()
                .min(Comparator.comparingDouble(s -> Math.abs(Double.parseDouble(s) - diameter)))
                .orElseThrow();
    }

    private static Refused noSuchSize(String written, String nearest) {
        return Refused.because(
                "thread",
                "There is no thread %s in the tables; the nearest is %s. Measure the diameter again, or write \"special %s\"."
                        .formatted(written, nearest, written));
    }

    private static Refused noSuchPitch(
            String written, String size, List<String> pitches, String between, String what) {
        var known = pitches.stream().map(p -> size + between + p).collect(Collectors.joining(", "));
        return Refused.because(
                "thread",
                "There is no thread %s in the tables; %s is made with other %s: %s. Lay a thread gauge on it, or write \"special %s\"."
                        .formatted(
                                written.replaceAll("(?<=\\d)\\s?[X*](?=\\s?\\d)", "×"),
                                size,
                                what,
                                known,
                                written));
    }

    private static String plain(String number) {
        var point = number.replace(',', '.');
        return point.contains(".") ? point.replaceFirst("\\.?0+$", "") : point;
    }
}
