package app.yunque.lubricant.sump;

/** The part of a circle below a horizontal line. */
final class CircleSegment {
    private CircleSegment() {}

    /**
     * R² acos((R − h)/R) − (R − h) √(2Rh − h²) (mm²), 0 below the circle and π R² above it.
     *
     * @param radiusMm R (mm)
     * @param heightMm h from the lowest point of the circle up to the line (mm)
     */
    static double areaMm2(double radiusMm, double heightMm) {
        if (heightMm <= 0) {
            return 0;
        }
        if (heightMm >= 2 * radiusMm) {
            return Math.PI * radiusMm * radiusMm;
        }
        double below = radiusMm - heightMm;
        return radiusMm * radiusMm * Math.acos(below / radiusMm)
                - below * Math.sqrt(2 * radiusMm * heightMm - heightMm * heightMm);
    }
}
