package app.yunque.drive;

import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * A planetary set whose planets carry two rows of teeth: one meshes with the sun, the other with the ring. With r = z_p1 z_r/(z_s
 * z_p2): n_s + r n_r = (1 + r) n_c. Source: Willis equation. Whether sun and ring share an axis cannot be told from the teeth
 * alone, because the two rows may have two modules.
 *
 * @param sunTeeth     z_s, 6 to 500
 * @param planetAtSun  z_p1, teeth of the planet that mesh with the sun, 6 to 500
 * @param planetAtRing z_p2, teeth of the planet that mesh with the ring, 6 to 500
 * @param ringTeeth    z_r, 18 to 1500, more than z_p2
 * @param planets      N, 1 to 12
 * @param path         between which members the power goes
 */
public record SteppedPlanets(
        int sunTeeth,
        int planetAtSun,
        int planetAtRing,
        int ringTeeth,
        int planets,
        PlanetarySet.Path path)
        implements Stage {

    /** @throws Refused for counts out of range, and planets that cannot be put in evenly */
    public SteppedPlanets {
        Refused.ifAny(
                PlanetarySet.SUN.judge(sunTeeth),
                PlanetarySet.PLANET
                        .named("planetAtSun", "teeth of a planet at the sun")
                        .judge(planetAtSun),
                PlanetarySet.PLANET
                        .named("planetAtRing", "teeth of a planet at the ring")
                        .judge(planetAtRing),
                PlanetarySet.RING.judge(ringTeeth),
                PlanetarySet.PLANETS.judge(planets));
        if (ringTeeth <= planetAtRing) {
            throw Refused.because(
                    "ringTeeth",
                    "A planet of %d teeth does not fit into a ring of %d. Count both again."
                            .formatted(planetAtRing, ringTeeth));
        }
        if (!PlanetarySet.steppedPlanetsFit(
                sunTeeth, planetAtSun, planetAtRing, ringTeeth, planets)) {
            throw Refused.because(
                    "planets",
                    "%d planets with %d and %d teeth cannot be spaced evenly between a sun of %d and a ring of %d. Count again."
                            .formatted(planets, planetAtSun, planetAtRing, sunTeeth, ringTeeth));
        }
    }

    @Override
    public String checks() {
        return "MPL";
    }

    @Override
    public double ratio() {
        return path.ratio((double) planetAtSun * ringTeeth / ((double) sunTeeth * planetAtRing));
    }

    @Override
    public StageOutline outline() {
        return StageOutline.stepped(sunTeeth, planetAtSun, planetAtRing, ringTeeth, planets);
    }

    @Override
    public double efficiency() {
        return 0.97;
    }

    @Override
    public String inWords() {
        return "stepped planets z %d/%d-%d/%d, %s"
                .formatted(sunTeeth, planetAtSun, planetAtRing, ringTeeth, path.words());
    }

    @Override
    public double teethPerInputTurn() {
        return path.sunTeethPassing(sunTeeth, ratio());
    }

    @Override
    public List<Stage> withOneToothOff() {
        var changed = new ArrayList<Supplier<Stage>>();
        // By as many teeth as there are planets a sun or a ring can always change.
        for (int off : new int[] {-planets, -1, 1, planets}) {
            changed.add(() -> with(sunTeeth + off, planetAtSun, planetAtRing, ringTeeth));
            changed.add(() -> with(sunTeeth, planetAtSun + off, planetAtRing, ringTeeth));
            changed.add(() -> with(sunTeeth, planetAtSun, planetAtRing + off, ringTeeth));
            changed.add(() -> with(sunTeeth, planetAtSun, planetAtRing, ringTeeth + off));
        }
        return Stage.possible(changed);
    }

    private Stage with(int sun, int atSun, int atRing, int ring) {
        return new SteppedPlanets(sun, atSun, atRing, ring, planets, path);
    }
}
