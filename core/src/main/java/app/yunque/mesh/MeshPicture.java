package app.yunque.mesh;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Involute;
import java.util.ArrayList;
import java.util.List;

/**
 * Everything a true drawing of a mesh needs, in the transverse plane with the pinion's centre at the origin and the
 * wheel's centre on the x axis: at (a, 0), or at (−a, 0) for a ring. The pinion drives counter-clockwise; its leading
 * flanks touch, the backlash stands open behind them.
 *
 * @param state          the mesh in numbers
 * @param pinionTooth    outline of one tooth of the pinion, standing on the x axis
 * @param wheelTooth     outline of one tooth of the wheel, standing on the x axis of its own centre
 * @param pinionAngleRad where a tooth of the pinion stands
 * @param wheelAngleRad  where a tooth of the wheel stands, seen from the wheel's centre
 * @param wheelCentre    centre of the wheel
 * @param pitchPoint     where the working circles touch
 * @param contactStart   first contact on the line of action
 * @param contactEnd     last contact on the line of action
 * @param touching       points at which flanks touch now
 * @param gap            the two ends of the backlash at the pitch point, on the open side; equal when there is none
 */
public record MeshPicture(
        MeshState state,
        List<Point> pinionTooth,
        List<Point> wheelTooth,
        double pinionAngleRad,
        double wheelAngleRad,
        Point wheelCentre,
        Point pitchPoint,
        Point contactStart,
        Point contactEnd,
        List<Point> touching,
        List<Point> gap) {

    /**
     * @param pinion           the pinion's real teeth
     * @param wheel            the wheel's real teeth
     * @param centreDistanceMm a (mm)
     * @param turn             how far the pinion has turned, in pitches, 0 to 1
     */
    public static MeshPicture of(
            ActualTeeth pinion, ActualTeeth wheel, double centreDistanceMm, double turn) {
        var state = MeshState.of(pinion, wheel, centreDistanceMm);
        var pair = state.pair();
        boolean ring = pair.isInternal();
        double play = state.circumferentialMm() / (2 * pair.wheelWorkingRadiusMm());
        double pinionAngle = turn * 2 * Math.PI / pair.pinion().teeth();
        double ratio = (double) pair.pinion().teeth() / pair.wheel().teeth();
        // At angle 0 a tooth of the pinion stands in the middle of a space of the wheel.
        double pitch2 = Math.PI / pair.wheel().teeth();
        double wheelAngle =
                ring
                        ? pinionAngle * ratio + pitch2 - play
                        : Math.PI - pitch2 - pinionAngle * ratio + play;
        var line = LineOfAction.of(pair, pinion, wheel);
        double working = pair.workingPressureAngleRad();
        double rb1 = pair.pinion().baseDiameterMm() / 2;
        var pitchPoint = new Point(pair.pinionWorkingRadiusMm(), 0);
        return new MeshPicture(
                state,
                ToothOutline.of(pinion),
                ToothOutline.of(wheel),
                pinionAngle,
                wheelAngle,
                new Point(ring ? -centreDistanceMm : centreDistanceMm, 0),
                pitchPoint,
                onLine(rb1, working, line.startMm()),
                onLine(rb1, working, line.endMm()),
                touching(pair.pinion(), pinion, pinionAngle, line, working),
                gap(pinion, pinionAngle, state));
    }

    /**
     * A point of the line of action at which the pinion's flank has the curvature ρ. The line touches the pinion's base
     * circle at the angle −α_wt … +α_wt of the driving side: a counter-clockwise pinion pushes along the common tangent
     * that rises from its base circle at +α_wt.
     */
    private static Point onLine(double baseRadius, double working, double curvature) {
        double cos = Math.cos(working);
        double sin = Math.sin(working);
        // Foot of the perpendicular from the pinion's centre, then along the line of action.
        return new Point(baseRadius * cos + curvature * sin, -baseRadius * sin + curvature * cos);
    }

    private static List<Point> touching(
            CylindricalGear gear,
            ActualTeeth teeth,
            double pinionAngle,
            LineOfAction line,
            double working) {
        double rb = gear.baseDiameterMm() / 2;
        double pitch = 2 * Math.PI / gear.teeth();
        // The leading flank of a tooth at angle θ leaves the base circle at θ + ψ(r_b).
        double atBase =
                teeth.transverseThicknessMm() / gear.referenceDiameterMm()
                        + Involute.of(gear.transversePressureAngleRad());
        var points = new ArrayList<Point>();
        for (int k = -gear.teeth(); k <= gear.teeth(); k++) {
            double unrolled = pinionAngle + k * pitch + atBase + working;
            double curvature = rb * unrolled;
            if (curvature >= line.startMm() - 1e-9 && curvature <= line.endMm() + 1e-9) {
                points.add(onLine(rb, working, curvature));
            }
        }
        return List.copyOf(points);
    }

    /** The arc between the trailing flank of the pinion's tooth nearest the pitch point and the wheel's flank. */
    private static List<Point> gap(ActualTeeth pinion, double pinionAngle, MeshState state) {
        double rw = state.pair().pinionWorkingRadiusMm();
        double pitch = 2 * Math.PI / state.pair().pinion().teeth();
        double half = ToothOutline.halfAngle(pinion, rw);
        double trailing = Math.IEEEremainder(pinionAngle, pitch) - half;
        double play = state.circumferentialMm() / rw;
        return List.of(Point.polar(rw, trailing), Point.polar(rw, trailing - play));
    }
}
