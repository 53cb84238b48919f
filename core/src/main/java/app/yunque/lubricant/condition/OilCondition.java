package app.yunque.lubricant.condition;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.OilBlend;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * What a used oil says: change of viscosity, water, acid number, ISO 4406 code, wear metals. Source: ISO 4406 limits, from
 * memory; the other limits common practice, no source.
 */
public final class OilCondition {
    public static final Range FIRST = Range.of("first", "first sample", 0, 1000000.0, "ppm");
    public static final Range SECOND = Range.of("second", "second sample", 0, 1000000.0, "ppm");
    public static final Range EARLIER =
            Range.of("earlier", "an earlier sample", 0, 1000000.0, "ppm");

    /** Upper limits of the range numbers 0 to 28, particles a millilitre, inclusive. */
    private static final double[] RANGES = {
        0.01, 0.02, 0.04, 0.08, 0.16, 0.32, 0.64, 1.3, 2.5, 5, 10, 20, 40, 80, 160, 320, 640, 1300,
        2500, 5000, 10_000, 20_000, 40_000, 80_000, 160_000, 320_000, 640_000, 1_300_000, 2_500_000
    };

    public static final Range COUNT =
            Range.of("count4", "particles a millilitre", 0, 1e9, "per mL");
    public static final Range WATER = Range.of("waterPpm", "water", 0, 1e6, "ppm");
    public static final Range ACID =
            Range.of("acidRise", "rise of the acid number", -5, 50, "mg KOH/g");
    public static final Range METAL = Range.of("iron", "metal", 0, 100_000, "ppm");
    private static final int ENOUGH_SAMPLES = 5;

    /** A laboratory repeats a metal within about 1 ppm: equal figures do not make the next one an alarm. */
    private static final double REPEATABILITY_PPM = 1;

    /** Range numbers at 4, 6 and 14 µm a gear sump is watched from and acted on. Common practice, no source. */
    private static final int[] WATCHED = {20, 18, 15};

    private static final int[] ACTED_ON = {22, 20, 17};

    private OilCondition() {}

    /** One finding with its verdict. */
    public record Finding(String what, Verdict verdict, String sentence) {
        /** Its state in a word or two. */
        public String state() {
            return switch (verdict) {
                case CLEAR_PASS -> "in order";
                case DOUBTFUL -> "watch";
                case CLEAR_FAIL -> "act";
                case NOT_JUDGED -> "–";
            };
        }
    }

    /** All findings together: the worst decides, and what to do stands in its words. */
    public record Together(Verdict verdict, String sentence) {}

    /** What a laboratory's sample says to do. */
    public static Together ofSample(List<Finding> found) {
        var verdict = Verdict.orNotJudged(worst(found).orElse(null));
        return new Together(
                verdict,
                switch (verdict) {
                    case CLEAR_FAIL -> "Change the oil and find the cause.";
                    case DOUBTFUL -> "Watch it: sample again sooner.";
                    case CLEAR_PASS -> "The oil is in order.";
                    case NOT_JUDGED -> "Nothing of it could be judged.";
                });
    }

    /** What the oil looked like as it was drained says; the first finding of the worst verdict speaks. */
    public static Together ofDrained(List<Finding> found) {
        var verdict = Verdict.orNotJudged(worst(found).orElse(null));
        return new Together(
                verdict,
                verdict.isPass()
                        ? "As it should be."
                        : found.stream()
                                .filter(f -> f.verdict() == verdict)
                                .map(Finding::sentence)
                                .findFirst()
                                .orElse(""));
    }

    /** Whether the rise of a metal can be told with a top-up counted: at least an hour, and no more topped up than it holds. */
    public static boolean canRate(double sumpL, double toppedUpL, double hours) {
        return toppedUpL > 0 && toppedUpL <= sumpL && hours >= 1;
    }

    /** The range number of a count; ">28" above the table. */
    public static String rangeNumber(double perMl) {
        for (int i = 0; i < RANGES.length; i++) {
            if (perMl <= RANGES[i]) {
                return String.valueOf(i);
            }
        }
        return ">28";
    }

    /**
     * The ISO 4406 code of counts at 4, 6 and 14 µm(c).
     *
     * @throws Refused for counts that grow with size
     */
    @PublicRule(
            at = "lubricant/cleanliness",
            title = "Cleanliness code",
            says = "ISO 4406 code of counts a millilitre.",
            source = "ISO 4406, from memory")
    public static String cleanliness(double at4, double at6, double at14) {
        Refused.ifAny(
                COUNT.judge(at4),
                COUNT.named("count6", "particles from 6 µm").judge(at6),
                COUNT.named("count14", "particles from 14 µm").judge(at14));
        if (at4 < at6 || at6 < at14) {
            throw Refused.because(
                    "count6",
                    "Counts must not grow with size, %s, %s, %s: each includes the larger ones."
                            .formatted(
                                    PlainDigits.exact(at4),
                                    PlainDigits.exact(at6),
                                    PlainDigits.exact(at14)));
        }
        return rangeNumber(at4) + "/" + rangeNumber(at6) + "/" + rangeNumber(at14);
    }

    /** The code against what a gear sump bears: watched from 20/18/15, changed or filtered from 22/20/17. */
    @PublicRule(
            at = "lubricant/particles",
            title = "Particles of a sample",
            says = "What the counts a millilitre say.",
            source = "ISO 4406; common practice, no source")
    public static Finding particles(double at4, double at6, double at14) {
        var code = cleanliness(at4, at6, at14);
        double[] counts = {at4, at6, at14};
        var worst = Verdict.CLEAR_PASS;
        for (int i = 0; i < counts.length; i++) {
            worst = worst.worse(grade(counts[i], RANGES[WATCHED[i]], RANGES[ACTED_ON[i]]));
        }
        return new Finding(
                "particles",
                worst,
                "%s after ISO 4406; watched above 20/18/15, filtered or changed above 22/20/17. The trend says more than the class."
                        .formatted(code));
    }

    /** Viscosity against the new oil of the same batch: watched from 10 %, changed from 15 %. */
    @PublicRule(
            at = "lubricant/used-viscosity",
            title = "Viscosity of used oil",
            says = "What a change of viscosity says.",
            source = "common practice, no source")
    public static Finding viscosity(double used, double fresh) {
        Refused.ifAny(
                ViscosityLine.VISCOSITY.named("used", "viscosity of the used oil").judge(used),
                ViscosityLine.VISCOSITY.named("fresh", "viscosity of the new oil").judge(fresh));
        double change = 100 * (used - fresh) / fresh;
        var cause =
                change > 0
                        ? "Thicker: oxidised, or topped up with a thicker oil."
                        : "Thinner: solvent, a thin top-up, or sheared.";
        return new Finding(
                "viscosity",
                grade(Math.abs(change), 10, 15),
                "%s %% against new. %s"
                        .formatted(
                                PlainDigits.rounded(change, 1),
                                Math.abs(change) < 10 ? "As it should be." : cause));
    }

    /** Water by base oil: polyglycol dissolves much, esters bear little. */
    @PublicRule(
            at = "lubricant/water",
            title = "Water in oil",
            says = "What water in an oil says.",
            source = "common practice, no source")
    public static Finding water(double ppm, BaseOil base) {
        Refused.ifAny(WATER.judge(ppm));
        double warn = base == BaseOil.PAG ? 5000 : 500;
        double act = base == BaseOil.PAG ? 10_000 : base == BaseOil.ESTER ? 1000 : 2000;
        return new Finding(
                "water",
                grade(ppm, warn, act),
                "%s ppm (%s %%); watched from %s, changed from %s."
                        .formatted(
                                PlainDigits.exact(ppm),
                                PlainDigits.rounded(ppm / 10_000, 3),
                                PlainDigits.exact(warn),
                                PlainDigits.exact(act)));
    }

    /** Rise of the acid number over the new oil. */
    @PublicRule(
            at = "lubricant/acid",
            title = "Acid of used oil",
            says = "What a rise of the acid number says.",
            source = "common practice, no source")
    public static Finding acid(double rise) {
        Refused.ifAny(ACID.judge(rise));
        return new Finding(
                "acid number",
                grade(rise, 0.5, 1.0),
                "%s mg KOH/g over new; only the rise counts."
                        .formatted(PlainDigits.rounded(rise, 2)));
    }

    /**
     * A wear metal against earlier samples of the same box: mean + 2 σ watched, + 3 σ alarm, σ taken as 1 ppm or more; with
     * fewer than five samples against fixed limits.
     */
    @PublicRule(
            at = "lubricant/metal",
            title = "Wear metal in oil",
            says = "What a metal says against earlier samples.",
            source = "common practice, no source")
    public static Finding metal(
            WearMetal metal, double ppm, List<Double> earlier, WearMetal.Box box) {
        var name = metal.name().toLowerCase(Locale.ROOT);
        Refused.ifAny(METAL.named(name, name).judge(ppm));
        earlier.forEach(e -> Refused.ifAny(EARLIER.judge(e)));
        if (earlier.size() < ENOUGH_SAMPLES) {
            var fixed = metal.limits(box);
            return new Finding(
                    name,
                    grade(ppm, fixed.watch(), fixed.act()),
                    "%s ppm; too few samples for statistics, fixed limits %s and %s."
                            .formatted(
                                    PlainDigits.exact(ppm),
                                    PlainDigits.exact(fixed.watch()),
                                    PlainDigits.exact(fixed.act())));
        }
        double mean = earlier.stream().mapToDouble(v -> v).average().orElseThrow();
        double squares = earlier.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
        double sigma = Math.max(REPEATABILITY_PPM, Math.sqrt(squares / (earlier.size() - 1)));
        return new Finding(
                name,
                grade(ppm, mean + 2 * sigma, mean + 3 * sigma),
                "%s ppm; earlier %s ± %s, watched above %s, alarm above %s."
                        .formatted(
                                PlainDigits.exact(ppm),
                                PlainDigits.rounded(mean, 1),
                                PlainDigits.rounded(sigma, 1),
                                PlainDigits.rounded(mean + 2 * sigma, 1),
                                PlainDigits.rounded(mean + 3 * sigma, 1)));
    }

    /**
     * Wear in a thousand hours where oil was topped up in between; the oil that was lost is taken as having had the first value.
     *
     * @param first          ppm of the earlier sample
     * @param second         ppm of the later one
     * @param sumpLitres     in the box (L), above 0
     * @param toppedUpLitres between the two (L), at most what the box holds
     * @param hours          between the two (h), above 0
     * @return ppm in 1000 h
     */
    @PublicRule(
            at = "lubricant/metal-rate",
            title = "Rate of a metal",
            says = "How fast a metal grows in 1000 h, with what was topped up.",
            source = "dilution")
    public static double ratePer1000h(
            double first, double second, double sumpLitres, double toppedUpLitres, double hours) {
        Refused.ifAny(FIRST.judge(first), SECOND.judge(second));
        Refused.ifAny(
                OilBlend.LITRES.named("sumpLitres", "litres in the box").judge(sumpLitres),
                Range.of("toppedUpLitres", "topped up", 0, Math.max(0, sumpLitres), "L")
                        .judge(toppedUpLitres),
                Range.of("hours", "hours between the samples", 1, 1e6, "h").judge(hours));
        return (second - first * (1 - toppedUpLitres / sumpLitres)) / hours * 1000;
    }

    /**
     * Which part the metals point to, by the pairs that rose.
     *
     * @param high  metals above what is watched
     * @param water true when there is too much water
     */
    public static List<String> parts(Set<WearMetal> high, boolean water) {
        boolean iron = high.contains(WearMetal.IRON);
        boolean copper = high.contains(WearMetal.COPPER);
        boolean aluminium = high.contains(WearMetal.ALUMINIUM);
        boolean silicon = high.contains(WearMetal.SILICON);
        var told = new ArrayList<String>();
        if (silicon && aluminium && iron) {
            told.add(
                    "Silicon with aluminium and iron: sand or dust came in; look at breather and seals.");
        } else if (silicon) {
            told.add("Silicon alone: dust, or sealant and antifoam; look at the breather first.");
        }
        if (iron && water) {
            told.add("Iron with water: rust. Find where the water comes in.");
        }
        if (iron && high.contains(WearMetal.CHROMIUM)) {
            told.add("Iron with chromium: a rolling bearing or a case-hardened part.");
        } else if (iron && !water) {
            told.add("Iron alone: gears or shafts.");
        }
        if (copper && high.contains(WearMetal.TIN)) {
            told.add("Copper with tin: bronze wheel or bush.");
        } else if (copper) {
            told.add("Copper alone: brass cage, nut or synchroniser; bronze tints oil normally.");
        }
        if (aluminium && !silicon) {
            told.add("Aluminium: housing or thrust plate.");
        }
        return List.copyOf(told);
    }

    private static Verdict grade(double value, double warn, double act) {
        if (value > act) {
            return Verdict.CLEAR_FAIL;
        }
        return value > warn ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS;
    }

    /** The worst of several findings. */
    public static Optional<Verdict> worst(List<Finding> findings) {
        return findings.stream().map(Finding::verdict).reduce(Verdict::worse);
    }
}
