package app.yunque.lubricant.sump;

import app.yunque.lubricant.grease.BearingGrease;
import app.yunque.measure.Refused;

/**
 * A rolling bearing inside the measured space: the ring between outside and bore below the level, 0.68 of it solid (common
 * practice, from usual masses).
 *
 * @param name               what the mechanic calls it
 * @param outsideMm          D (mm)
 * @param boreMm             d (mm), below D
 * @param widthMm            B (mm)
 * @param centreAboveFloorMm height of its axis above the lowest floor point (mm)
 */
public record ImmersedBearing(
        String name, double outsideMm, double boreMm, double widthMm, double centreAboveFloorMm)
        implements Immersed {
    private static final double SOLID = 0.68;

    public ImmersedBearing {
        Refused.ifAny(
                BearingGrease.OUTSIDE.judge(outsideMm),
                BearingGrease.BORE.judge(boreMm),
                BearingGrease.WIDTH.judge(widthMm),
                ImmersedGear.CENTRE_ABOVE_FLOOR.judge(centreAboveFloorMm));
        if (!(boreMm < outsideMm)) {
            throw Refused.because("boreMm", "The bore must be below the outside diameter.");
        }
    }

    @Override
    public double lowestMm() {
        return centreAboveFloorMm - outsideMm / 2;
    }

    @Override
    public double highestMm() {
        return centreAboveFloorMm + outsideMm / 2;
    }

    @Override
    public double displacedMm3(double levelMm) {
        double outer = CircleSegment.areaMm2(outsideMm / 2, levelMm - lowestMm());
        double inner =
                CircleSegment.areaMm2(boreMm / 2, levelMm - (centreAboveFloorMm - boreMm / 2));
        return (outer - inner) * widthMm * SOLID;
    }
}
