package app.yunque.mesh;

/** A point of a drawing in the transverse plane (mm). */
public record Point(double x, double y) {

    static Point polar(double radius, double angle) {
        return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
    }

    double radius() {
        return Math.hypot(x, y);
    }

    Point turned(double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Point(x * cos - y * sin, x * sin + y * cos);
    }

    Point mirrored() {
        return new Point(x, -y);
    }
}
