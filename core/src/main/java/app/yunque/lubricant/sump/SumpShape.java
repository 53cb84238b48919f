package app.yunque.lubricant.sump;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The inside of a sump as a body that is filled from its lowest point: volume up to a level, without anything in it. Source:
 * geometry; checked by numeric integration.
 */
public sealed interface SumpShape
        permits SumpShape.Box,
                SumpShape.LyingCylinder,
                SumpShape.StandingCylinder,
                SumpShape.Sections,
                SumpShape.Extruded,
                PouredSump,
                TiltedSump {
    Range LENGTH = Range.of("lengthMm", "inside length", 1, 20_000, "mm");
    Range WIDTH = Range.of("widthMm", "inside width", 1, 20_000, "mm");
    Range HEIGHT = Range.of("heightMm", "inside height", 1, 20_000, "mm");

    /** Corners a circle is drawn with. */
    int ROUND = 180;

    Range RADIUS = Range.of("radiusMm", "inside radius", 1, 10_000, "mm");

    /** Up to the lowest opening or the joint (mm). */
    double heightMm();

    /**
     * The section as a polygon (mm), y up from the lowest; empty where only areas are known. The side view of a box and a
     * standing cylinder, the end view of a lying one.
     */
    List<Corner> outline();

    /** True where hot oil has no room: it takes about 4 % more for 50 K. Common practice, no source. */
    default boolean isNearlyFull(double levelMm) {
        return levelMm > 0.95 * heightMm();
    }

    /** One corner of a section (mm). */
    record Corner(double x, double y) {}

    /** The part of a polygon at or below a level (mm). */
    static List<Corner> below(List<Corner> corners, double level) {
        var kept = new ArrayList<Corner>();
        for (int i = 0; i < corners.size(); i++) {
            var p = corners.get(i);
            var q = corners.get((i + 1) % corners.size());
            if (p.y <= level) {
                kept.add(p);
            }
            if ((p.y <= level) != (q.y <= level)) {
                double t = (level - p.y) / (q.y - p.y);
                kept.add(new Corner(p.x + t * (q.x - p.x), level));
            }
        }
        return kept;
    }

    private static List<Corner> upright(double width, double height, double rise) {
        return List.of(
                new Corner(0, 0),
                new Corner(width, rise),
                new Corner(width, height),
                new Corner(0, height));
    }

    /** Volume below a level, which lies between floor and height (mm³). */
    double volumeMm3(double levelMm);

    /** How the volume follows from the level, in symbols. */
    String formula();

    /** Where a level stands in the outline (mm); the two differ only for a tilted body. */
    default double outlineLevelMm(double levelMm) {
        return levelMm;
    }

    /**
     * Litres up to a level.
     *
     * @throws Refused for a level below the floor or above the case
     */
    default double litres(double levelMm) {
        if (!(levelMm >= 0 && levelMm <= heightMm())) {
            throw Refused.because(
                    "levelMm",
                    "Oil level %s mm is outside 0 to %s mm, the inside height of the sump. Measure from the lowest floor point."
                            .formatted(
                                    PlainDigits.exact(levelMm),
                                    PlainDigits.exact(Math.rint(10 * heightMm()) / 10)));
        }
        return volumeMm3(levelMm) / 1e6;
    }

    /**
     * The level that so many litres reach (mm), by bisection.
     *
     * @throws Refused when the case holds less
     */
    default double levelMm(double litres) {
        double whole = volumeMm3(heightMm()) / 1e6;
        if (!(litres >= 0 && litres <= whole)) {
            throw Refused.because(
                    "litres",
                    "%s L is outside 0 to %s L, what the case holds up to its joint."
                            .formatted(PlainDigits.exact(litres), PlainDigits.rounded(whole, 2)));
        }
        double low = 0;
        double high = heightMm();
        for (int i = 0; i < 200; i++) {
            double middle = (low + high) / 2;
            if (volumeMm3(middle) / 1e6 < litres) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** A box, its floor sloping up by a rise over its length; 0 for a level floor. */
    record Box(double lengthMm, double widthMm, double heightMm, double riseMm)
            implements SumpShape, Tiltable {
        public Box {
            Refused.ifAny(
                    LENGTH.judge(lengthMm),
                    WIDTH.judge(widthMm),
                    HEIGHT.judge(heightMm),
                    Range.of("riseMm", "rise of the floor", 0, Math.max(0, heightMm), "mm")
                            .judge(riseMm));
        }

        @Override
        public List<Corner> outline() {
            return upright(lengthMm, heightMm, riseMm);
        }

        @Override
        public double sectionMm2(double placeMm, double depthMm) {
            double floor = riseMm * placeMm / lengthMm;
            return widthMm * Math.max(0, Math.min(heightMm, depthMm) - floor);
        }

        @Override
        public double volumeMm3(double h) {
            return h <= riseMm && riseMm > 0
                    ? widthMm * lengthMm * h * h / (2 * riseMm)
                    : widthMm * lengthMm * (h - riseMm / 2);
        }

        @Override
        public String formula() {
            return riseMm == 0 ? "L · W · h" : "L · W · (h − f/2), floor rising by f";
        }
    }

    /**
     * A lying cylinder.
     *
     * @param radiusMm   inside radius (mm)
     * @param lengthMm   between the ends (mm)
     * @param end        how both ends are closed
     * @param endDepthMm depth of one end (mm); passed over where the kind of end fixes it
     */
    record LyingCylinder(double radiusMm, double lengthMm, DishedEnd end, double endDepthMm)
            implements SumpShape, Tiltable {
        public LyingCylinder {
            Refused.ifAny(RADIUS.judge(radiusMm), LENGTH.judge(lengthMm));
            end.check(radiusMm, endDepthMm);
        }

        @Override
        public double heightMm() {
            return 2 * radiusMm;
        }

        @Override
        public List<Corner> outline() {
            return IntStream.range(0, ROUND)
                    .mapToObj(i -> 2 * Math.PI * i / ROUND)
                    .map(t -> new Corner(radiusMm * Math.sin(t), radiusMm * (1 - Math.cos(t))))
                    .toList();
        }

        @Override
        public double sectionMm2(double placeMm, double depthMm) {
            double beyond = Math.max(0, Math.max(-placeMm, placeMm - lengthMm));
            return end.sectionMm2(radiusMm, endDepthMm, beyond, depthMm);
        }

        @Override
        public double beyondMm() {
            return end.depthMm(radiusMm, endDepthMm);
        }

        /** Round by the floor: the far end upward, the top, the near end downward. */
        @Override
        public List<Corner> side() {
            if (end == DishedEnd.FLAT) {
                return Tiltable.super.side();
            }
            var upward = IntStream.rangeClosed(0, ROUND / 4).boxed().toList();
            var downward = new ArrayList<>(upward);
            Collections.reverse(downward);
            var side = new ArrayList<Corner>();
            upward.forEach(i -> side.add(rim(i, true, false)));
            downward.forEach(i -> side.add(rim(i, true, true)));
            upward.forEach(i -> side.add(rim(i, false, true)));
            downward.forEach(i -> side.add(rim(i, false, false)));
            return List.copyOf(side);
        }

        /** A point of a dished end seen from the side; step 0 at the weld, the last at its tip. */
        private Corner rim(int step, boolean far, boolean upper) {
            double beyond = beyondMm() * Math.sin(2 * Math.PI * step / ROUND);
            double rho = end.radiusAt(radiusMm, endDepthMm, beyond);
            return new Corner(
                    far ? lengthMm + beyond : -beyond, upper ? radiusMm + rho : radiusMm - rho);
        }

        @Override
        public double volumeMm3(double h) {
            return CircleSegment.areaMm2(radiusMm, h) * lengthMm
                    + 2 * end.volumeMm3(radiusMm, endDepthMm, h);
        }

        @Override
        public String formula() {
            return "segment(R, h) · L"
                    + (end == DishedEnd.FLAT ? "" : " + 2 · dished end, " + end.words());
        }
    }

    /** A standing cylinder. */
    record StandingCylinder(double radiusMm, double heightMm) implements SumpShape {
        public StandingCylinder {
            Refused.ifAny(RADIUS.judge(radiusMm), HEIGHT.judge(heightMm));
        }

        @Override
        public List<Corner> outline() {
            return upright(2 * radiusMm, heightMm, 0);
        }

        @Override
        public double volumeMm3(double h) {
            return Math.PI * radiusMm * radiusMm * h;
        }

        @Override
        public String formula() {
            return "π/4 · D² · h";
        }
    }

    /**
     * A table of measured sections, the area going straight from one to the next.
     *
     * @param rows heights above the floor (mm), rising from 0, and areas there (mm²)
     */
    record Sections(List<Section> rows) implements SumpShape {
        /** One measured section. */
        public record Section(double heightMm, double areaMm2) {}

        public Sections {
            rows = List.copyOf(rows);
            if (rows.size() < 2 || rows.get(0).heightMm != 0) {
                throw Refused.because(
                        "rows",
                        "A table needs two sections or more, the first at the floor, height 0.");
            }
            for (int i = 0; i < rows.size(); i++) {
                if (rows.get(i).areaMm2 < 0
                        || (i > 0 && rows.get(i).heightMm <= rows.get(i - 1).heightMm)) {
                    throw Refused.because(
                            "rows",
                            "Section %d at %s mm: heights must rise from row to row and areas cannot be negative."
                                    .formatted(i + 1, PlainDigits.exact(rows.get(i).heightMm)));
                }
            }
        }

        @Override
        public double heightMm() {
            return rows.get(rows.size() - 1).heightMm;
        }

        @Override
        public List<Corner> outline() {
            return List.of();
        }

        @Override
        public String formula() {
            return "Σ (h₂ − h₁)(A₁ + A₂)/2 up to h";
        }

        @Override
        public double volumeMm3(double h) {
            double volume = 0;
            for (int i = 1; i < rows.size(); i++) {
                var below = rows.get(i - 1);
                var above = rows.get(i);
                double top = Math.min(h, above.heightMm);
                if (top <= below.heightMm) {
                    break;
                }
                double share = (top - below.heightMm) / (above.heightMm - below.heightMm);
                double area = below.areaMm2 + share * (above.areaMm2 - below.areaMm2);
                volume += (top - below.heightMm) * (below.areaMm2 + area) / 2;
            }
            return volume;
        }
    }

    /**
     * A section drawn as a polygon, drawn out over a length.
     *
     * @param corners  corners in order (mm), y up from the lowest
     * @param lengthMm length square to the section (mm)
     */
    record Extruded(List<Corner> corners, double lengthMm) implements SumpShape {
        public Extruded {
            corners = List.copyOf(corners);
            Refused.ifAny(LENGTH.judge(lengthMm));
            if (corners.size() < 3) {
                throw Refused.because("corners", "A section needs three corners or more.");
            }
            if (crossed(corners)) {
                throw Refused.because(
                        "corners",
                        "The outline crosses itself. Enter the corners in order round the section.");
            }
            if (!(area(corners) > 0)) {
                throw Refused.because(
                        "corners",
                        "The corners lie on one line and enclose nothing. Enter them in order round the section.");
            }
        }

        private static boolean crossed(List<Corner> c) {
            int n = c.size();
            for (int i = 0; i < n; i++) {
                for (int j = i + 2; j < n; j++) {
                    boolean neighbours = i == 0 && j == n - 1;
                    if (!neighbours
                            && cross(c.get(i), c.get(i + 1), c.get(j), c.get((j + 1) % n))) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** True when p–q and r–s cross between their ends. */
        private static boolean cross(Corner p, Corner q, Corner r, Corner s) {
            return turn(p, q, r) * turn(p, q, s) < 0 && turn(r, s, p) * turn(r, s, q) < 0;
        }

        private static double turn(Corner p, Corner q, Corner r) {
            return (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
        }

        @Override
        public List<Corner> outline() {
            double low = corners.stream().mapToDouble(Corner::y).min().orElseThrow();
            return corners.stream().map(c -> new Corner(c.x, c.y - low)).toList();
        }

        @Override
        public double heightMm() {
            double low = corners.stream().mapToDouble(Corner::y).min().orElseThrow();
            double high = corners.stream().mapToDouble(Corner::y).max().orElseThrow();
            return high - low;
        }

        @Override
        public String formula() {
            return "area of the section below h · L";
        }

        /** Area of the polygon below the level, clipped edge by edge, times the length. */
        @Override
        public double volumeMm3(double h) {
            return area(below(outline(), h)) * lengthMm;
        }

        private static double area(List<Corner> corners) {
            double twice = 0;
            for (int i = 0; i < corners.size(); i++) {
                var p = corners.get(i);
                var q = corners.get((i + 1) % corners.size());
                twice += p.x * q.y - q.x * p.y;
            }
            return Math.abs(twice) / 2;
        }
    }

    /** The level that wets a leaning dipstick up to a mark: h = e + s cos φ (mm). */
    static double levelOnStick(double zeroMm, double markMm, double leanDeg) {
        Refused.ifAny(
                Range.of("stickDeg", "lean of the dipstick", -89, 89, "degrees").judge(leanDeg));
        return zeroMm + markMm * Math.cos(Math.toRadians(leanDeg));
    }
}
