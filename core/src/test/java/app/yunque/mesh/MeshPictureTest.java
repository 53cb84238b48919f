package app.yunque.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.Gears;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeshPictureTest {

    @ParameterizedTest(name = "ring {0}, z {1}/{2}, turn {5}")
    @CsvSource({
        "false, 20, 40, 3, 90.2, 0",
        "false, 20, 40, 3, 90.2, 0.37",
        "false, 11, 60, 2, 71.05, 0.8",
        "true, 26, 78, 2, 51.95, 0.25",
        "true, 24, 72, 2, 47.9, 0.6"
    })
    void teethTouchAndNeverOverlap(
            boolean internal, int z1, int z2, double m, double a, double turn) {
        var picture = picture(internal, z1, z2, m, a, turn);
        var pinion = placed(picture.pinionTooth(), picture.pinionAngleRad(), z1, new Point(0, 0));
        var wheel =
                placed(picture.wheelTooth(), picture.wheelAngleRad(), z2, picture.wheelCentre());
        double nearest = Double.POSITIVE_INFINITY;
        for (var p : pinion) {
            nearest = Math.min(nearest, distance(p, wheel));
        }
        assertThat(nearest).as("flanks touch (mm)").isLessThan(0.01);
        assertThat(overlap(picture, pinion, z2)).as("deepest overlap (mm)").isLessThan(2e-3);
        assertThat(picture.touching()).isNotEmpty();
        for (var touch : picture.touching()) {
            assertThat(distance(touch, pinion)).as("contact on the pinion").isLessThan(0.02);
            assertThat(distance(touch, wheel)).as("contact on the wheel").isLessThan(0.02);
        }
    }

    @Test
    void theGapIsAsLongAsTheBacklash() {
        var picture = picture(false, 20, 40, 3, 90.2, 0.1);
        var gap = picture.gap();
        double along = Math.hypot(gap.get(0).x() - gap.get(1).x(), gap.get(0).y() - gap.get(1).y());
        assertThat(along).isCloseTo(picture.state().circumferentialMm(), within(1e-4));
    }

    /** How deep any point of a pinion's outline lies within the metal of the wheel, by angles at its radius. */
    private static double overlap(MeshPicture picture, List<Point> pinion, int z2) {
        boolean ring = picture.state().pair().isInternal();
        var teeth = ActualTeeth.thinnedBy(picture.state().pair().wheel(), 0.03);
        double deepest = 0;
        for (var p : pinion) {
            double x = p.x() - picture.wheelCentre().x();
            double r = Math.hypot(x, p.y());
            boolean beyondTip =
                    ring ? r < teeth.tipDiameterMm() / 2 : r > teeth.tipDiameterMm() / 2;
            boolean belowFlank = r < teeth.gear().baseDiameterMm() / 2;
            if (beyondTip || belowFlank) {
                continue;
            }
            double pitch = 2 * Math.PI / z2;
            double off =
                    Math.abs(
                            Math.IEEEremainder(
                                    Math.atan2(p.y(), x) - picture.wheelAngleRad(), pitch));
            deepest = Math.max(deepest, r * (ToothOutline.halfAngle(teeth, r) - off));
        }
        return deepest;
    }

    private static MeshPicture picture(
            boolean internal, int z1, int z2, double m, double a, double turn) {
        var one = Gears.spur().teeth(z1).moduleMm(m).shift(z1 < 15 ? 0.35 : 0).build();
        var wheel = internal ? Gears.ring() : Gears.spur().shift(z1 < 15 ? -0.35 : 0);
        var two = wheel.teeth(z2).moduleMm(m).build();
        return MeshPicture.of(
                ActualTeeth.thinnedBy(one, 0.03), ActualTeeth.thinnedBy(two, 0.03), a, turn);
    }

    private static List<Point> placed(List<Point> tooth, double angle, int z, Point centre) {
        var all = new ArrayList<Point>();
        for (int k = -3; k <= 3; k++) {
            for (int i = 0; i + 1 < tooth.size(); i++) {
                for (int part = 0; part < 24; part++) {
                    double t = part / 24.0;
                    var between =
                            new Point(
                                    tooth.get(i).x() * (1 - t) + tooth.get(i + 1).x() * t,
                                    tooth.get(i).y() * (1 - t) + tooth.get(i + 1).y() * t);
                    var p = between.turned(angle + k * 2 * Math.PI / z);
                    all.add(new Point(p.x() + centre.x(), p.y() + centre.y()));
                }
            }
        }
        return all;
    }

    private static double distance(Point p, List<Point> curve) {
        return curve.stream()
                .mapToDouble(q -> Math.hypot(p.x() - q.x(), p.y() - q.y()))
                .min()
                .orElseThrow();
    }
}
