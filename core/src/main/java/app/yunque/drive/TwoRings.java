package app.yunque.drive;

import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * A planetary set with two rings: the sun drives planets that roll in a held ring, and a second ring, in mesh with the same planets
 * or with a second row of teeth on them, is the output. i = (1 + z_r1/z_s)/(1 − z_r1 z_p2/(z_p1 z_r2)). Source: Willis equation,
 * once for each ring.
 *
 * @param sunTeeth     z_s, 6 to 500
 * @param planetTeeth  z_p1, in mesh with the sun and the held ring, 6 to 500
 * @param heldRing     z_r1, 18 to 1500
 * @param secondPlanet z_p2, in mesh with the second ring; the same as z_p1 when the planet has one row of teeth, 6 to 500
 * @param outputRing   z_r2, 18 to 1500
 * @param planets      N, 1 to 12
 */
public record TwoRings(
        int sunTeeth, int planetTeeth, int heldRing, int secondPlanet, int outputRing, int planets)
        implements Stage {

    /**
     * @throws Refused for counts out of range, a sun and a held ring that do not share an axis, planets that cannot be put in evenly,
     *     and a second ring that would stand still
     */
    public TwoRings {
        Refused.ifAny(
                PlanetarySet.PLANET
                        .named("secondPlanet", "teeth of a planet at the second ring")
                        .judge(secondPlanet),
                PlanetarySet.RING
                        .named("outputRing", "teeth of the second ring")
                        .judge(outputRing));
        // The first ring with its sun is a set like any other.
        new PlanetarySet(sunTeeth, planetTeeth, heldRing, planets);
        if (outputRing <= secondPlanet) {
            throw Refused.because(
                    "outputRing",
                    "A planet of %d teeth does not fit into a ring of %d. Count both again."
                            .formatted(secondPlanet, outputRing));
        }
        long turned = (long) heldRing * secondPlanet;
        long held = (long) planetTeeth * outputRing;
        if (turned == held) {
            throw Refused.because(
                    "outputRing",
                    "With %d and %d teeth of the planets the second ring would stand still: %d × %d = %d × %d. Count again."
                            .formatted(
                                    planetTeeth,
                                    secondPlanet,
                                    heldRing,
                                    secondPlanet,
                                    planetTeeth,
                                    outputRing));
        }
        if ((turned - held) % ((long) planets * Hunting.gcd(planetTeeth, secondPlanet)) != 0) {
            throw Refused.because(
                    "planets",
                    "%d planets cannot be spaced evenly in both rings of %d and %d teeth. Count again."
                            .formatted(planets, heldRing, outputRing));
        }
    }

    @Override
    public String checks() {
        return "MPL";
    }

    @Override
    public double ratio() {
        double carrier = 1 + (double) heldRing / sunTeeth;
        double ring = 1 - (double) heldRing * secondPlanet / ((double) planetTeeth * outputRing);
        return carrier / ring;
    }

    /** Far below a set with one ring, because both rings roll almost idly against each other. Common practice, no source. */
    @Override
    public StageOutline outline() {
        return StageOutline.twoRings(
                sunTeeth, planetTeeth, heldRing, secondPlanet, outputRing, planets);
    }

    @Override
    public double efficiency() {
        return 0.8;
    }

    @Override
    public String inWords() {
        return "planetary with two rings z %d/%d/%d, %d/%d out"
                .formatted(sunTeeth, planetTeeth, heldRing, secondPlanet, outputRing);
    }

    @Override
    public double teethPerInputTurn() {
        return sunTeeth * (1 - 1 / (1 + (double) heldRing / sunTeeth));
    }

    @Override
    public List<Stage> withOneToothOff() {
        var changed = new ArrayList<Supplier<Stage>>();
        for (int off : new int[] {-1, 1}) {
            // What can be put together changes by as many teeth as there are planets.
            int step = off * planets;
            changed.add(
                    () ->
                            new TwoRings(
                                    sunTeeth,
                                    planetTeeth,
                                    heldRing,
                                    secondPlanet,
                                    outputRing + step,
                                    planets));
            changed.add(
                    () ->
                            new TwoRings(
                                    sunTeeth + step,
                                    planetTeeth,
                                    heldRing + step,
                                    secondPlanet,
                                    outputRing,
                                    planets));
        }
        return Stage.possible(changed);
    }
}
