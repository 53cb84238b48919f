package app.yunque.drive;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * A simple planetary set: sun, equal planets on a carrier, ring. With r = z_r/z_s: n_s + r n_r = (1 + r) n_c. Source:
 * Willis equation; assembly conditions checked by trying every phase of the meshes.
 *
 * @param sunTeeth    z_s, 6 to 500
 * @param planetTeeth z_p, 6 to 500
 * @param ringTeeth   z_r, 18 to 1500
 * @param planets     N, 1 to 12
 */
public record PlanetarySet(int sunTeeth, int planetTeeth, int ringTeeth, int planets) {
    public static final Range STEPPED = Range.count("sunTeeth", "teeth", 4, 2000);
    public static final Range SHARING =
            Range.count("planets", "planets that share the load", 1, 24);

    public static final Range SUN = Range.count("sunTeeth", "teeth of the sun", 6, 500);
    public static final Range PLANET = Range.count("planetTeeth", "teeth of a planet", 6, 500);
    public static final Range RING = Range.count("ringTeeth", "teeth of the ring", 18, 1500);
    public static final Range PLANETS = Range.count("planets", "number of planets", 1, 12);
    private static final int MOST_SHIFT_TEETH = 2;

    /** Between which members the power goes; the third is held. */
    public enum Path {
        SUN_TO_CARRIER("ring held, sun drives the carrier"),
        CARRIER_TO_SUN("ring held, carrier drives the sun"),
        RING_TO_CARRIER("sun held, ring drives the carrier"),
        CARRIER_TO_RING("sun held, carrier drives the ring"),
        SUN_TO_RING("carrier held, sun drives the ring"),
        RING_TO_SUN("carrier held, ring drives the sun");

        private final String words;

        Path(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /**
         * i of this path, minus when the output turns the other way. Source: n_s + r n_r = (1 + r) n_c, Willis.
         *
         * @param r how many times slower the ring turns than the sun while the carrier is held, z_r/z_s in a simple set
         */
        double ratio(double r) {
            return switch (this) {
                case SUN_TO_CARRIER -> 1 + r;
                case CARRIER_TO_SUN -> 1 / (1 + r);
                case RING_TO_CARRIER -> 1 + 1 / r;
                case CARRIER_TO_RING -> 1 / (1 + 1 / r);
                case SUN_TO_RING -> -r;
                case RING_TO_SUN -> -1 / r;
            };
        }

        /** Teeth of the sun that pass a planet for one turn of the input, z_s |n_s − n_c|. */
        double sunTeethPassing(int sunTeeth, double ratio) {
            double output = 1 / ratio;
            double sunOverCarrier =
                    switch (this) {
                        case SUN_TO_CARRIER, CARRIER_TO_SUN -> 1 - output;
                        case SUN_TO_RING, CARRIER_TO_RING -> 1;
                        case RING_TO_CARRIER, RING_TO_SUN -> output;
                    };
            return sunTeeth * Math.abs(sunOverCarrier);
        }
    }

    /** @throws Refused for counts out of range, gears that do not share an axis, and planets that cannot be put in evenly */
    public PlanetarySet {
        Refused.ifAny(
                SUN.judge(sunTeeth),
                PLANET.judge(planetTeeth),
                RING.judge(ringTeeth),
                PLANETS.judge(planets));
        int wanted = sunTeeth + 2 * planetTeeth;
        if (Math.abs(ringTeeth - wanted) > MOST_SHIFT_TEETH) {
            throw Refused.because(
                    "ringTeeth",
                    "Sun and ring cannot share an axis: %d + 2 × %d = %d teeth, the ring has %d. Two teeth apart can be made up by profile shift, more cannot. Count again."
                            .formatted(sunTeeth, planetTeeth, wanted, ringTeeth));
        }
        if ((sunTeeth + ringTeeth) % planets != 0) {
            throw Refused.because(
                    "planets",
                    "%d planets cannot be spaced evenly: (%d + %d)/%d is not whole. Possible places are multiples of %s°."
                            .formatted(
                                    planets,
                                    sunTeeth,
                                    ringTeeth,
                                    planets,
                                    PlainDigits.rounded(360.0 / (sunTeeth + ringTeeth), 3)));
        }
    }

    /** Whether stepped planets can be spaced evenly: (z_s z_p2 + z_r z_p1)/(N gcd (z_p1, z_p2)) is whole. */
    @PublicRule(
            at = "drive/stepped-planets-fit",
            title = "Do stepped planets fit",
            says = "Whether equal stepped planets can be spaced evenly.",
            source = "condition of assembly, from memory")
    public static boolean steppedPlanetsFit(
            int sunTeeth, int planetAtSun, int planetAtRing, int ringTeeth, int planets) {
        Refused.ifAny(
                STEPPED.named("sunTeeth", "teeth of the sun").judge(sunTeeth),
                STEPPED.named("planetAtSun", "teeth of the planet at the sun").judge(planetAtSun),
                STEPPED.named("planetAtRing", "teeth of the planet at the ring")
                        .judge(planetAtRing),
                STEPPED.named("ringTeeth", "teeth of the ring").judge(ringTeeth),
                SHARING.judge(planets));
        long sum = (long) sunTeeth * planetAtRing + (long) ringTeeth * planetAtSun;
        return sum % ((long) planets * Hunting.gcd(planetAtSun, planetAtRing)) == 0;
    }

    /** Room that neighbouring planets need between their tips (mm). Common practice, no source. */
    private static final double USUAL_GAP_MM = 1;

    /** What to say when neighbouring planets touch or nearly touch; empty when they have room. */
    public static Optional<String> tooClose(double gapMm) {
        return gapMm < USUAL_GAP_MM
                ? Optional.of("The planets touch or nearly touch: one millimetre of room is usual.")
                : Optional.empty();
    }

    /** Tip diameter of an unshifted planet (mm), m (z + 2). */
    public double planetTipMm(double module) {
        return module * (planetTeeth + 2);
    }

    /** Centre distance of sun and planet without shift (mm), m (z_s + z_p)/2. */
    public double centreDistanceMm(double module) {
        return module * (sunTeeth + planetTeeth) / 2;
    }

    /** Room between the tips of neighbouring planets, 2 a sin (π/N) − d_a (mm); infinite for a single planet. */
    public double neighbourGapMm(double centreDistanceMm, double planetTipDiameterMm) {
        return planets == 1
                ? Double.POSITIVE_INFINITY
                : 2 * centreDistanceMm * Math.sin(Math.PI / planets) - planetTipDiameterMm;
    }

    /** i of a path, minus when the output turns the other way. */
    public double ratio(Path path) {
        return path.ratio((double) ringTeeth / sunTeeth);
    }

    /** Speed of a planet on its own pin, −(z_s/z_p)(n_s − n_c) (min⁻¹). */
    public double planetSpinRpm(double sunRpm, double carrierRpm) {
        return -(double) sunTeeth / planetTeeth * (sunRpm - carrierRpm);
    }
}
