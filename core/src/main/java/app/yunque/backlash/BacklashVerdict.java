package app.yunque.backlash;

import app.yunque.gear.GearPair;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;
import app.yunque.mesh.MeshState;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the backlash of a mesh means: the one judgement for every kind of mesh and every way of measuring it. The tightest place answers
 * for the least, because one tight place binds; the mean, or on a worm wheel, which wears in arcs, the loosest place, answers for wear.
 * On lifting duty what is doubtful counts as failed.
 *
 * <p>Source: edges from the limits of the mesh; decision {@link Zoned}; which place answers for which edge common practice, no source.
 *
 * @param tightness the tightest place against the least of a new pair
 * @param wear      the mean or the loosest place against new and renewal
 * @param binds     true when with the uncertainty of the tool nothing is left at the tightest place
 * @param verdict   the worse of all
 * @param sentence  both in words, what to do first
 */
public record BacklashVerdict(
        Zoned tightness, Zoned wear, boolean binds, Verdict verdict, String sentence) {
    private static final double PERCENT = 100;

    /** Which place answers for wear. */
    public enum WearBy {
        MEAN,
        /** A wheel that wears in arcs is as worn as its worst place. */
        LARGEST
    }

    /**
     * Limits of a mesh.
     *
     * @param edges  A, B, C in the direction the places are read in (mm)
     * @param along  that direction in words: "along the circle"
     * @param wearBy which place answers for wear
     */
    public record Limits(Edges edges, String along, WearBy wearBy) {}

    /**
     * @param places what was read
     * @param limits what it is held against
     * @param duty   what the drive is there for
     * @throws Refused when the edges are out of order
     */
    public static BacklashVerdict of(BacklashPlaces places, Limits limits, ServiceDuty duty) {
        boolean strict = duty == ServiceDuty.LIFTING;
        var edges = limits.edges();
        boolean byMean = limits.wearBy() == WearBy.MEAN;
        double worn = byMean ? places.meanMm() : places.largestMm();
        double uncertainty = byMean ? places.uncertaintyOfMeanMm() : places.uncertaintyOfOneMm();
        var tightness =
                Zoned.of(
                        edges.leastOnly(),
                        places.smallestMm(),
                        places.uncertaintyOfOneMm(),
                        strict);
        var wear = Zoned.of(edges.wearOnly(), worn, uncertainty, strict);
        var judged =
                new BacklashVerdict(
                        tightness,
                        wear,
                        places.smallestMm() - places.uncertaintyOfOneMm() <= 0,
                        tightness.verdict().worse(wear.verdict()),
                        sentence(places, limits, worn, uncertainty, tightness, wear));
        return judged.binds
                ? judged.butAtLeast(
                        Verdict.CLEAR_FAIL,
                        List.of(
                                "It binds: with the uncertainty of the tool nothing is left at the tightest place."))
                : judged;
    }

    /**
     * A pair on parallel shafts: its limits, and whether it can run at its centre distance at all.
     *
     * @param pair        the pair at its working centre distance
     * @param places      what was read, as backlash along the working circle
     * @param recommended what it should be
     */
    public static BacklashVerdict ofPair(
            GearPair pair,
            BacklashPlaces places,
            RecommendedBacklash recommended,
            ServiceDuty duty) {
        var strikes = MeshState.strikes(pair);
        var judged = of(places, recommended.limits(), duty);
        return strikes.isEmpty()
                ? judged
                : judged.butAtLeast(
                        Verdict.DOUBTFUL,
                        List.of(
                                "By the papers this pair cannot run at this centre distance: check teeth and centre distance first. "
                                        + String.join(" ", strikes)));
    }

    private static String sentence(
            BacklashPlaces places,
            Limits limits,
            double worn,
            double uncertainty,
            Zoned tightness,
            Zoned wear) {
        var said = new ArrayList<String>();
        said.add(state(limits, worn, uncertainty));
        if (tightness.counts() == Zone.BELOW) {
            said.add(
                    "The tightest place, %s mm, is %s the least: it may bind when hot."
                            .formatted(
                                    mm(places.smallestMm()),
                                    tightness.isClear() ? "below" : "too close to"));
        }
        if (wear.counts() == Zone.BEYOND) {
            said.add(
                    (wear.isClear()
                                    ? "Beyond the renewal limit by %s mm."
                                            .formatted(mm(worn - limits.edges().renew()))
                                    : "Within the uncertainty of the renewal limit, which counts as beyond it here.")
                            + " Rule out bearing play and centre distance before condemning the gears.");
        }
        if (tightness.verdict() == Verdict.DOUBTFUL) {
            said.add(
                    "The tightest place, %s mm, is too close to the least to tell: measure again there."
                            .formatted(mm(places.smallestMm())));
        }
        if (wear.verdict() == Verdict.DOUBTFUL) {
            said.add(
                    wear.needs()
                            .map(
                                    u ->
                                            "This tool is too coarse to tell: it would take ± %s mm or better."
                                                    .formatted(mm(u)))
                            .orElse(
                                    "Too close to the renewal limit to tell: more readings or a finer indicator."));
        }
        if (wear.counts() == Zone.WATCH) {
            said.add(watch(wear));
        }
        return String.join(" ", said);
    }

    private static String state(Limits limits, double worn, double uncertainty) {
        var edges = limits.edges();
        var known = new ArrayList<String>();
        if (edges.least() != null && edges.mostNew() != null) {
            known.add(
                    "a new pair has %s to %s mm".formatted(mm(edges.least()), mm(edges.mostNew())));
        }
        if (edges.renew() != null) {
            known.add("renew above %s mm".formatted(mm(edges.renew())));
        }
        return "Backlash %s ± %s mm %s%s; %s."
                .formatted(
                        mm(worn),
                        mm(uncertainty),
                        limits.along(),
                        limits.wearBy() == WearBy.LARGEST ? " at the loosest place" : "",
                        known.isEmpty() ? "no limit is known" : String.join(", ", known));
    }

    private static String watch(Zoned wear) {
        return "Worn but usable: %s %% of the way from new to renewal.%s"
                .formatted(
                        PlainDigits.rounded(PERCENT * wear.share().orElse(0.0), 0),
                        wear.planRenewal()
                                ? " Plan the renewal, and look again in half the usual time."
                                : "");
    }

    private static String mm(double value) {
        return PlainDigits.rounded(value, 3);
    }

    /** The zone to show beside the verdict: worn but usable is never shown as a bare pass. Null where it is to be measured again. */
    public @Nullable Zone zone() {
        return switch (verdict) {
            case CLEAR_PASS, CLEAR_FAIL ->
                    tightness.counts() == Zone.BELOW ? Zone.BELOW : wear.counts();
            default -> null;
        };
    }

    /** Reasons beyond the backlash itself that make it worse: damage, interference. */
    public BacklashVerdict butAtLeast(Verdict worse, List<String> reasons) {
        return new BacklashVerdict(
                tightness,
                wear,
                binds,
                verdict.worse(worse),
                reasons.isEmpty() ? sentence : sentence + " " + String.join(" ", reasons));
    }
}
