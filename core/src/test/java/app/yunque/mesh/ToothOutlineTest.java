package app.yunque.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Gears;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToothOutlineTest {

    /**
     * A rack with rounded tips is rolled round the gear in small steps; the outline must lie outside every position of
     * it and touch some.
     */
    @ParameterizedTest(name = "z {0}, x {1}")
    @CsvSource({"30, 0", "12, 0.4", "18, -0.1", "10, 0"})
    void isTheEnvelopeOfARollingRack(int z, double x) {
        double m = 3;
        var gear = Gears.spur().teeth(z).moduleMm(m).shift(x).build();
        var outline = ToothOutline.of(ActualTeeth.nominal(gear));
        double root = gear.rootDiameterMm() / 2;
        for (var p : outline) {
            if (p.radius() > gear.tipDiameterMm() / 2 - 0.02 * m) {
                continue; // the tip is turned, not cut by the rack
            }
            double least = Double.POSITIVE_INFINITY;
            for (double phi = -1.2; phi <= 1.2; phi += 2e-4) {
                least = Math.min(least, outsideRack(p, phi, gear, x));
            }
            assertThat(least)
                    .as("point at radius %.3f (root %.3f) of the outline", p.radius(), root)
                    .isBetween(-3e-3, 6e-3);
        }
    }

    /** Signed distance of a point of the gear from the metal of the rack, turned by phi; negative inside it. */
    private static double outsideRack(Point p, double phi, CylindricalGear gear, double x) {
        double r = gear.referenceDiameterMm() / 2;
        double m = gear.normalModuleMm();
        var q = p.turned(phi);
        // Rack frame: v radial from its datum line, u along it; a space of the rack stands on the
        // gear's tooth.
        double v = q.x() - (r + x * m);
        double u = q.y() - r * phi;
        double pitch = Math.PI * m;
        double fromTooth = Math.abs(Math.IEEEremainder(u - pitch / 2, pitch));
        double tan = Math.tan(Math.toRadians(20));
        double cos = Math.cos(Math.toRadians(20));
        double fillet = 0.38 * m;
        // Rack tooth: flank half-width at height v is pitch/4 + v tan α, tip at −1.25 m rounded by
        // the fillet.
        double flank = (fromTooth - (pitch / 4 + v * tan)) * cos;
        double tip = -1.25 * m;
        double centreV = tip + fillet;
        double centreU = pitch / 4 + centreV * tan - fillet / cos;
        if (v >= centreV - fillet * Math.sin(Math.toRadians(20))) {
            return flank;
        }
        return fromTooth <= centreU
                ? tip - v
                : Math.hypot(fromTooth - centreU, v - centreV) - fillet;
    }

    @Test
    void keepsItsThicknessOnTheReferenceCircle() {
        var gear = Gears.spur().teeth(27).shift(0.2).build();
        var teeth = ActualTeeth.thinnedBy(gear, 0.1);
        double r = gear.referenceDiameterMm() / 2;
        assertThat(2 * r * ToothOutline.halfAngle(teeth, r))
                .isCloseTo(teeth.transverseThicknessMm(), within(1e-12));
    }
}
