package app.yunque.backlash;

import app.yunque.measure.Gauge;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;

/**
 * Backlash at the places round a turn, as every way of measuring brings it: the smallest, the mean, the largest, and how sure each is.
 *
 * @param places              number of places read
 * @param smallestMm          at the tightest place (mm)
 * @param meanMm              mean of all places (mm)
 * @param largestMm           at the loosest place (mm)
 * @param uncertaintyOfOneMm  expanded uncertainty U of one place (mm), 0 or more
 * @param uncertaintyOfMeanMm expanded uncertainty U of the mean (mm), 0 or more
 */
public record BacklashPlaces(
        int places,
        double smallestMm,
        double meanMm,
        double largestMm,
        double uncertaintyOfOneMm,
        double uncertaintyOfMeanMm) {
    private static final Range UNCERTAINTY = Range.of("uncertaintyMm", "uncertainty", 0, 100, "mm");

    /** @throws Refused when an uncertainty is negative, or the places are out of order */
    public BacklashPlaces {
        Refused.ifAny(
                UNCERTAINTY.judge(uncertaintyOfOneMm), UNCERTAINTY.judge(uncertaintyOfMeanMm));
        if (!(smallestMm <= meanMm && meanMm <= largestMm)) {
            throw Refused.because(
                    "readings",
                    "Impossible: the mean backlash does not lie between the smallest and the largest.");
        }
    }

    /**
     * Places that were read with a gauge, each reading worth {@code perReading} of backlash.
     *
     * @param readings   as the gauge showed them
     * @param gauge      the gauge
     * @param perReading backlash per unit of reading (no unit), above 0
     * @param lessMm     floats and play that were in every reading (mm), 0 or more
     */
    public static BacklashPlaces of(
            RepeatedReadings readings, Gauge gauge, double perReading, double lessMm) {
        return new BacklashPlaces(
                readings.count(),
                readings.smallestMm() * perReading - lessMm,
                readings.meanMm() * perReading - lessMm,
                readings.largestMm() * perReading - lessMm,
                2 * perReading * gauge.standardUncertaintyMm(),
                2 * perReading * readings.standardUncertaintyMm(gauge));
    }

    /** Largest less smallest (mm). */
    public double spreadMm() {
        return largestMm - smallestMm;
    }
}
