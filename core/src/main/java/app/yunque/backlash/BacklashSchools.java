package app.yunque.backlash;

import app.yunque.gear.GearPair;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.PublicRule;
import java.util.ArrayList;
import java.util.List;

/**
 * What four schools say a new pair should have, all turned into backlash along the working circle, never averaged.
 *
 * <p>Sources: ISO/TR 10064-2, from memory; AGMA coarse-pitch table as printed in machinist's handbooks, from memory; the
 * share of the module, common practice, no source.
 *
 * @param schools what each says; the first is the one the duty calls for
 * @param why     why that one, and why they differ
 */
public record BacklashSchools(List<School> schools, String why) {
    private static final double INCH = 25.4;

    /** Up to this centre distance (inch), then least and most (inch) for five ranges of normal diametral pitch. */
    private static final double[][] AGMA = {
        {5, 0, 0, 0, 0, 0, 0, 0, 0, .005, .015},
        {10, 0, 0, 0, 0, 0, 0, .010, .020, .010, .020},
        {20, 0, 0, 0, 0, .020, .030, .015, .025, .010, .020},
        {30, 0, 0, .030, .040, .025, .030, .020, .030, 0, 0},
        {40, .040, .060, .035, .045, .030, .040, .025, .035, 0, 0},
        {50, .050, .070, .040, .055, .035, .050, .030, .040, 0, 0},
        {80, .060, .080, .045, .065, .040, .060, 0, 0, 0, 0},
        {100, .070, .095, .050, .080, 0, 0, 0, 0, 0, 0}
    };

    private static final double[] PITCHES = {0.5, 2, 3.5, 6, 10, 20};

    /**
     * One school.
     *
     * @param name   who says so
     * @param fromMm least along the working circle (mm); negative when the case lies outside its table
     * @param toMm   most along the working circle (mm); infinite when the school names none is told as negative too
     * @param note   what it is meant for, and what it states
     */
    public record School(String name, double fromMm, double toMm, String note) {
        /** False when this pair lies outside the table of the school. */
        public boolean answers() {
            return fromMm >= 0;
        }
    }

    @PublicRule(
            at = "backlash/schools",
            title = "What each school says",
            says = "Backlash a pair should have, by each school.",
            source = "ISO/TR 10064-2 and handbooks, from memory")
    public static BacklashSchools of(GearPair pair, ServiceDuty duty) {
        double along = Backlash.normalPerCircumferential(pair);
        double module = pair.pinion().normalModuleMm();
        double floor = RecommendedBacklash.leastNormalMm(pair.centreDistanceMm(), module) / along;
        var iso =
                new School(
                        "ISO/TR 10064-2, least",
                        floor,
                        2 * floor,
                        "steel gears in iron housings below 15 m/s: a floor, square to the flanks; it names no most, twice is common practice");
        var rule =
                new School(
                        "0.03 to 0.05 of the module",
                        0.03 * module,
                        0.05 * module,
                        "machine-tool feed and change gears; knows nothing of the centre distance");
        var open =
                new School(
                        "0.05 to 0.10 of the module",
                        0.05 * module,
                        0.10 * module,
                        "open, cast or hand-cut gears");
        var agma = agma(pair, along);
        var order = new ArrayList<School>();
        switch (duty) {
            case FEED -> order.addAll(List.of(rule, iso, agma, open));
            case SLOW_OPEN -> order.addAll(List.of(agma.answers() ? agma : open, iso, rule));
            default -> order.addAll(List.of(iso, rule, agma, open));
        }
        return new BacklashSchools(
                List.copyOf(order),
                "They differ because one states a least and others a range, one counts square to the flanks and another along the circle, and the AGMA range holds room for gears 39 °C hotter than their housing. A maker's figure overrules them all.");
    }

    private static School agma(GearPair pair, double along) {
        double dp = INCH / pair.pinion().normalModuleMm();
        double centre = pair.centreDistanceMm() / INCH;
        var note =
                "heavy and open gearing, normal, with room for gears 39 °C hotter than the housing";
        for (var row : AGMA) {
            if (centre <= row[0]) {
                for (int p = 0; p + 1 < PITCHES.length; p++) {
                    double least = row[1 + 2 * p];
                    if (dp >= PITCHES[p] && dp < PITCHES[p + 1] && least > 0) {
                        return new School(
                                "AGMA range",
                                least * INCH / along,
                                row[2 + 2 * p] * INCH / along,
                                note);
                    }
                }
                break;
            }
        }
        return new School("AGMA range", -1, -1, "this pair lies outside its table");
    }
}
