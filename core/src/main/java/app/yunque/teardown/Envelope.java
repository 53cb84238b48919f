package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The room a part needs to pass an opening.
 *
 * @param shape   round part or box
 * @param aMm     diameter of a round part, or smaller side of the cross-section (mm), 0.1 to 10000
 * @param bMm     larger side of the cross-section of a box (mm), 0.1 to 10000; equal to {@code aMm} for a round part
 * @param lengthMm length along its axis (mm), 0.1 to 10000
 * @param outline  steps of a shaft from left to right; empty for a part of one thickness
 */
public record Envelope(
        Shape shape, double aMm, double bMm, double lengthMm, List<Section> outline) {
    public static final Range A = Range.of("aMm", "diameter or width", 0.1, 10_000, "mm");
    public static final Range B = Range.of("bMm", "height", 0.1, 10_000, "mm");
    public static final Range LENGTH =
            Range.of("lengthMm", "length of the part", 0.1, 10_000, "mm");

    private static final int MOST_SECTIONS = 12;

    /**
     * One step of a shaft.
     *
     * @param diameterMm diameter (mm), 0.1 to 10000
     * @param lengthMm   length along the axis (mm), 0.1 to 10000
     * @param wallBoreMm bore of the inner wall in which it runs (mm), 0.1 to 10000; null where it runs in none
     */
    public record Section(double diameterMm, double lengthMm, @Nullable Double wallBoreMm) {
        public static final Range DIAMETER =
                Range.of("diameterMm", "diameter of the step", 0.1, 10_000, "mm");
        public static final Range LENGTH =
                Range.of("lengthMm", "length of the step", 0.1, 10_000, "mm");

        /** What two readings of one size may differ, one of them in inch (mm); judgement. */
        static final double READING_MM = 0.01;

        public static final Range WALL_BORE =
                Range.of("wallBoreMm", "bore of the inner wall", 0.1, 10_000, "mm");

        /** @throws Refused naming every size that cannot be, and a wall whose bore is smaller than what runs in it */
        public Section {
            Refused.ifAny(
                    DIAMETER.judge(diameterMm),
                    LENGTH.judge(lengthMm),
                    wallBoreMm == null ? Optional.empty() : WALL_BORE.judge(wallBoreMm));
            if (wallBoreMm != null && wallBoreMm < diameterMm - READING_MM) {
                throw Refused.because(
                        "wallBoreMm",
                        "The step Ø%s cannot run in a bore of Ø%s. Measure both again."
                                .formatted(
                                        PlainDigits.exact(diameterMm),
                                        PlainDigits.exact(wallBoreMm)));
            }
        }

        /** That runs in no inner wall. */
        public Section(double diameterMm, double lengthMm) {
            this(diameterMm, lengthMm, null);
        }
    }

    /** Shape of a part. */
    public enum Shape {
        ROUND,
        BOX
    }

    /** @throws Refused naming every size that cannot be */
    public Envelope {
        outline = List.copyOf(outline);
        if (outline.size() > MOST_SECTIONS) {
            throw Refused.because(
                    "outline",
                    "A shaft of %d steps; at most %d fit. Leave grooves and small shoulders out."
                            .formatted(outline.size(), MOST_SECTIONS));
        }
        Refused.ifAny(
                A.judge(aMm),
                shape == Shape.BOX ? B.judge(bMm) : Optional.empty(),
                LENGTH.judge(lengthMm));
        if (shape == Shape.ROUND) {
            bMm = aMm;
        } else if (bMm < aMm) {
            double larger = aMm;
            aMm = bMm;
            bMm = larger;
        }
    }

    public Envelope(Shape shape, double aMm, double bMm, double lengthMm) {
        this(shape, aMm, bMm, lengthMm, List.of());
    }

    /** A shaft by its steps from left to right, at least one: as thick as the thickest, as long as all together. */
    public static Envelope stepped(List<Section> outline) {
        double thickest = outline.stream().mapToDouble(Section::diameterMm).max().orElse(0);
        double length = outline.stream().mapToDouble(Section::lengthMm).sum();
        return new Envelope(Shape.ROUND, thickest, thickest, length, outline);
    }

    public static Envelope round(double diameterMm, double lengthMm) {
        return new Envelope(Shape.ROUND, diameterMm, diameterMm, lengthMm);
    }

    /** "Ø96 × 28", "30 × 40 × 60" or "Ø30, Ø35, Ø58 over 190". */
    public String inWords() {
        if (outline.size() > 1) {
            return outline.stream()
                            .map(s -> "Ø" + PlainDigits.exact(s.diameterMm()))
                            .collect(Collectors.joining(", "))
                    + " over "
                    + PlainDigits.exact(lengthMm);
        }
        return shape == Shape.ROUND
                ? "Ø" + PlainDigits.exact(aMm) + " × " + PlainDigits.exact(lengthMm)
                : PlainDigits.exact(aMm)
                        + " × "
                        + PlainDigits.exact(bMm)
                        + " × "
                        + PlainDigits.exact(lengthMm);
    }
}
