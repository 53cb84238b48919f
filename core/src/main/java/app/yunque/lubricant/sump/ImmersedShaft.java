package app.yunque.lubricant.sump;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * The bare length of a lying shaft, outside hubs: a segment of its disc times the length. Source: geometry.
 *
 * @param name               what the mechanic calls it
 * @param diameterMm         d (mm)
 * @param freeLengthMm       length not inside hubs (mm)
 * @param centreAboveFloorMm height of its axis above the lowest floor point (mm)
 */
public record ImmersedShaft(
        String name, double diameterMm, double freeLengthMm, double centreAboveFloorMm)
        implements Immersed {
    public static final Range DIAMETER = Range.of("diameterMm", "shaft diameter", 1, 2000, "mm");
    public static final Range FREE_LENGTH =
            Range.of("freeLengthMm", "bare length of the shaft", 0.5, 20_000, "mm");

    public ImmersedShaft {
        Refused.ifAny(
                DIAMETER.judge(diameterMm),
                FREE_LENGTH.judge(freeLengthMm),
                ImmersedGear.CENTRE_ABOVE_FLOOR.judge(centreAboveFloorMm));
    }

    @Override
    public double lowestMm() {
        return centreAboveFloorMm - diameterMm / 2;
    }

    @Override
    public double highestMm() {
        return centreAboveFloorMm + diameterMm / 2;
    }

    @Override
    public double displacedMm3(double levelMm) {
        return CircleSegment.areaMm2(diameterMm / 2, levelMm - lowestMm()) * freeLengthMm;
    }
}
