package app.yunque.mesh;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Involute;
import java.util.ArrayList;
import java.util.List;

/**
 * One tooth of a gear as a curve, from the middle of the space before it over the tooth to the middle of the space after
 * it; the tooth stands on the x axis, the gear's centre is the origin. Coordinates in mm, transverse plane.
 *
 * <p>External: involute ψ(r) = s_t/d + inv α_t − inv α_r between the start of the involute and the tip, below it the
 * trochoid that a rack with rounded tips cuts; where the two cross (undercut) the curve changes over at the crossing.
 * Ring: the flank ψ(r) = s_t/d − inv α_t + inv α_r, radial inside the base circle, with a plain root. Source: ISO 21771,
 * from memory; the trochoid derived and checked by sweeping a rack.
 */
public final class ToothOutline {
    private static final int FLANK_POINTS = 14;
    private static final int ROOT_POINTS = 10;
    private static final int LAND_POINTS = 3;

    private ToothOutline() {}

    /** @param teeth the gear with its real thickness and tip */
    public static List<Point> of(ActualTeeth teeth) {
        var rising = teeth.gear().internal() ? ringHalf(teeth) : externalHalf(teeth);
        var outline = new ArrayList<Point>();
        rising.forEach(p -> outline.add(p.mirrored()));
        for (int i = rising.size() - 2; i >= 0; i--) {
            outline.add(rising.get(i));
        }
        return List.copyOf(outline);
    }

    /** Half-angle of the tooth at radius r (rad), 0 where the flanks would meet. */
    public static double halfAngle(ActualTeeth teeth, double radiusMm) {
        var gear = teeth.gear();
        double at = Math.acos(Math.min(1, teeth.baseRadiusMm() / radiusMm));
        double half = teeth.transverseThicknessMm() / gear.referenceDiameterMm();
        double invT = Involute.of(gear.transversePressureAngleRad());
        return gear.internal()
                ? half - invT + Involute.of(at)
                : Math.max(0, half + invT - Involute.of(at));
    }

    /** From the middle of the space (root) to the middle of the tip land, positive angles. */
    private static List<Point> externalHalf(ActualTeeth teeth) {
        var points = new ArrayList<Point>();
        var root = trochoid(teeth);
        double start = involuteStart(teeth, root);
        for (int i = root.size() - 1; i >= 0; i--) {
            if (root.get(i).radius() < start - 1e-9 || i == root.size() - 1) {
                points.add(root.get(i));
            }
        }
        double tip = teeth.tipRadiusMm();
        for (int i = 0; i <= FLANK_POINTS; i++) {
            double r = start + (tip - start) * i / FLANK_POINTS;
            points.add(Point.polar(r, halfAngle(teeth, r)));
        }
        double land = halfAngle(teeth, tip);
        for (int i = 1; i <= LAND_POINTS; i++) {
            points.add(Point.polar(tip, land * (1 - (double) i / LAND_POINTS)));
        }
        return points;
    }

    private static List<Point> ringHalf(ActualTeeth teeth) {
        var gear = teeth.gear();
        double root = teeth.rootRadiusMm();
        double tip = teeth.tipRadiusMm();
        double pitch = Math.PI / gear.teeth();
        var points = new ArrayList<Point>();
        double atRoot = Math.min(pitch, halfAngle(teeth, root));
        for (int i = 0; i < LAND_POINTS; i++) {
            points.add(Point.polar(root, pitch + (atRoot - pitch) * i / LAND_POINTS));
        }
        double from = root;
        double to = Math.max(tip, teeth.baseRadiusMm());
        for (int i = 0; i <= FLANK_POINTS; i++) {
            double r = from + (to - from) * i / FLANK_POINTS;
            points.add(Point.polar(r, Math.min(pitch, halfAngle(teeth, r))));
        }
        double land = halfAngle(teeth, to);
        for (int i = 0; i <= LAND_POINTS; i++) {
            points.add(Point.polar(tip, land * (1 - (double) i / LAND_POINTS)));
        }
        return points;
    }

    /** Largest of the start of the involute and the base circle; at an undercut, where the two curves cross. */
    private static double involuteStart(ActualTeeth teeth, List<Point> root) {
        double start =
                Math.max(
                        teeth.baseRadiusMm(),
                        Math.min(teeth.gear().involuteStartDiameterMm() / 2, teeth.tipRadiusMm()));
        if (!isUndercut(teeth.gear())) {
            return start;
        }
        double crossing = start;
        for (var p : root) {
            if (p.radius() > teeth.baseRadiusMm()
                    && p.radius() < teeth.tipRadiusMm()
                    && Math.atan2(p.y(), p.x()) < halfAngle(teeth, p.radius())) {
                crossing = Math.max(crossing, p.radius());
            }
        }
        return crossing;
    }

    private static boolean isUndercut(CylindricalGear gear) {
        return gear.profileShift() < gear.leastShiftWithoutUndercut();
    }

    /**
     * The root as the rack cuts it, from the flank (first) down to the middle of the space (last), in the frame of the
     * tooth. For τ from α_t (flank) to 90° (root): the point of the rack's rounded tip whose normal passes the rolling
     * point.
     */
    private static List<Point> trochoid(ActualTeeth teeth) {
        var gear = teeth.gear();
        double m = gear.normalModuleMm();
        double alpha = gear.transversePressureAngleRad();
        double r = gear.referenceDiameterMm() / 2;
        double space = (Math.PI * gear.transverseModuleMm() - teeth.transverseThicknessMm()) / 2;
        double depth = (gear.rack().dedendum() - gear.profileShift()) * m;
        double fillet = largestFillet(gear, space, depth, alpha);
        double vc = -depth + fillet;
        double uc = space + vc * Math.tan(alpha) - fillet / Math.cos(alpha);
        var points = new ArrayList<Point>();
        for (int i = 0; i <= ROOT_POINTS; i++) {
            double tau = alpha + (Math.PI / 2 - alpha) * i / ROOT_POINTS;
            double up = uc + fillet * Math.cos(tau);
            double vp = vc - fillet * Math.sin(tau);
            double u0 = uc + vc / Math.tan(tau);
            double phi = u0 / r;
            double x = (r + vp) * Math.sin(phi) + (up - u0) * Math.cos(phi);
            double y = (r + vp) * Math.cos(phi) - (up - u0) * Math.sin(phi);
            points.add(inToothFrame(x, y, gear.teeth()));
        }
        points.add(Point.polar(r - depth, Math.PI / gear.teeth()));
        return points;
    }

    /** The space is centred on +Y in the trochoid's frame; the tooth before it stands half a pitch clockwise. */
    private static Point inToothFrame(double x, double y, int teeth) {
        double fromSpace = Math.atan2(x, y);
        return Point.polar(Math.hypot(x, y), Math.PI / teeth - fromSpace);
    }

    /** A radius too big for the space is taken as a full round. */
    private static double largestFillet(
            CylindricalGear gear, double space, double depth, double alpha) {
        double wanted = gear.rack().fillet() * gear.normalModuleMm();
        double full = (space - depth * Math.tan(alpha)) / (1 / Math.cos(alpha) - Math.tan(alpha));
        return Math.max(0, Math.min(wanted, full));
    }
}
