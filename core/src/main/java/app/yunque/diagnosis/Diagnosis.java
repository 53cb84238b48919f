package app.yunque.diagnosis;

import app.yunque.diagnosis.EvidenceTable.Cause;
import app.yunque.diagnosis.EvidenceTable.Test;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What it may be, ranked, with what speaks for and against each, and which test tells the most for its minutes. Posterior ∝ weight × Π P(sign) × Π (1 − P(absent sign)), the same for
 * tests; gain of a test = H − P₊ H(+) − P₋ H(−) bit. One fault is assumed. Source: Bayes' rule and Shannon's entropy; every weight is judgement, no source.
 *
 * @param causes      every cause that is thought of on this kind of unit, likeliest first
 * @param entropyBits what is still open (bit)
 * @param next        tests not made yet, most bits for a minute first
 * @param isEnough    true when the best stands over 90 % or no test tells 0.02 bit a minute
 * @param notes       what to think of
 * @param sentence    the whole in words
 */
public record Diagnosis(
        List<Ranked> causes,
        double entropyBits,
        List<NextTest> next,
        boolean isEnough,
        List<String> notes,
        String sentence) {
    private static final double SURE = 0.90;
    private static final double WORTH_BITS_A_MINUTE = 0.02;
    private static final double FAR_AHEAD = 2;
    private static final double SPOKEN = 0.5;

    /**
     * A cause with what speaks for and against it.
     *
     * @param id          its name
     * @param cause       in words
     * @param probability by judgement, 0 to 1
     * @param evidence    what speaks for it (plus) and against it (minus), strongest first
     * @param unexplained signs that are there and that it does not bring
     * @param putRight    what is put right with it
     */
    public record Ranked(
            String id,
            String cause,
            double probability,
            List<Weighed> evidence,
            List<String> unexplained,
            String putRight) {}

    /**
     * One piece of evidence.
     *
     * @param id       sign or test
     * @param says     it, in words
     * @param decibans 10 log₁₀ of its chance with this cause over its chance with the others
     */
    public record Weighed(String id, String says, double decibans) {}

    /**
     * A test that was not made.
     *
     * @param id           its name
     * @param test         what is done, and when it is positive
     * @param minutes      it takes
     * @param gainBits     what it is expected to tell (bit)
     * @param bitsAMinute  the same for a minute
     * @param checks       checks of a part that answer it
     */
    public record NextTest(
            String id,
            String test,
            double minutes,
            double gainBits,
            double bitsAMinute,
            List<String> checks) {}

    public Diagnosis {
        causes = List.copyOf(causes);
        next = List.copyOf(next);
        notes = List.copyOf(notes);
    }

    /**
     * @param kinds    kinds of unit; empty thinks of what any unit may have
     * @param evidence what is known
     */
    public static Diagnosis of(Collection<UnitKind> kinds, Evidence evidence) {
        return of(kinds, evidence, EvidenceTable.shipped());
    }

    /**
     * @param kinds    kinds of unit; empty thinks of what any unit may have
     * @param evidence what is known
     * @param table    what goes with what, with the corrections of the shop
     */
    public static Diagnosis of(Collection<UnitKind> kinds, Evidence evidence, EvidenceTable table) {
        var unit = kinds.isEmpty() ? EnumSet.noneOf(UnitKind.class) : EnumSet.copyOf(kinds);
        var thought = table.causes().values().stream().filter(c -> c.isThoughtOfOn(unit)).toList();
        var posterior = normalised(thought, c -> c.weight() * likelihood(c, evidence, table));
        var order = new ArrayList<Integer>();
        for (int i = 0; i < thought.size(); i++) {
            order.add(i);
        }
        order.sort(
                Comparator.<Integer>comparingDouble(i -> -posterior[i])
                        .thenComparing(i -> thought.get(i).id()));
        var ranked =
                order.stream().map(i -> ranked(thought, i, posterior[i], evidence, table)).toList();
        var next = next(thought, posterior, evidence, table);
        boolean enough =
                ranked.get(0).probability > SURE
                        || next.isEmpty()
                        || next.get(0).bitsAMinute < WORTH_BITS_A_MINUTE;
        return new Diagnosis(
                ranked,
                entropy(posterior),
                next,
                enough,
                notes(ranked),
                sentence(ranked, next, evidence, enough));
    }

    private static double likelihood(Cause cause, Evidence evidence, EvidenceTable table) {
        var tests = table.tests();
        double product = 1;
        for (var sign : evidence.present()) {
            product *= cause.chance(sign);
        }
        for (var sign : evidence.absent()) {
            product *= 1 - cause.chance(sign);
        }
        for (var test : evidence.positive()) {
            product *= tests.get(test).chance(cause.id());
        }
        for (var test : evidence.negative()) {
            product *= 1 - tests.get(test).chance(cause.id());
        }
        return product;
    }

    private static double[] normalised(List<Cause> causes, ToDoubleFunction<Cause> weight) {
        var weights = causes.stream().mapToDouble(weight).toArray();
        double sum = 0;
        for (double w : weights) {
            sum += w;
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
        return weights;
    }

    private static double entropy(double[] chances) {
        double bits = 0;
        for (double p : chances) {
            if (p > 0) {
                bits -= p * Math.log(p) / Math.log(2);
            }
        }
        return bits;
    }

    private static Ranked ranked(
            List<Cause> thought,
            int place,
            double probability,
            Evidence evidence,
            EvidenceTable table) {
        var cause = thought.get(place);
        var weighed = new ArrayList<Weighed>();
        evidence.present()
                .forEach(
                        s ->
                                weighed.add(
                                        weighed(
                                                thought,
                                                cause,
                                                s,
                                                table.signs().get(s).words(),
                                                c -> c.chance(s))));
        evidence.absent()
                .forEach(
                        s ->
                                weighed.add(
                                        weighed(
                                                thought,
                                                cause,
                                                s,
                                                "not there: " + table.signs().get(s).words(),
                                                c -> 1 - c.chance(s))));
        evidence.positive()
                .forEach(
                        t ->
                                weighed.add(
                                        weighed(
                                                thought,
                                                cause,
                                                t,
                                                table.tests().get(t).words(),
                                                c -> table.tests().get(t).chance(c.id()))));
        evidence.negative()
                .forEach(
                        t ->
                                weighed.add(
                                        weighed(
                                                thought,
                                                cause,
                                                t,
                                                table.tests().get(t).notSo(),
                                                c -> 1 - table.tests().get(t).chance(c.id()))));
        weighed.sort(
                Comparator.comparingDouble((Weighed w) -> -Math.abs(w.decibans))
                        .thenComparing(Weighed::id));
        return new Ranked(
                cause.id(),
                cause.words(),
                probability,
                List.copyOf(weighed),
                evidence.present().stream()
                        // Below what the table does not even name, a corrected chance explains
                        // nothing either.
                        .filter(s -> cause.chance(s) <= EvidenceTable.UNNAMED)
                        .sorted()
                        .map(s -> table.signs().get(s).words())
                        .toList(),
                cause.putRight());
    }

    /** Chance with this cause against its chance with the others, each by its weight. */
    private static Weighed weighed(
            List<Cause> thought,
            Cause cause,
            String id,
            String says,
            ToDoubleFunction<Cause> chance) {
        double others = 0;
        double weights = 0;
        for (var other : thought) {
            if (other != cause) {
                others += other.weight() * chance.applyAsDouble(other);
                weights += other.weight();
            }
        }
        return new Weighed(
                id, says, 10 * Math.log10(chance.applyAsDouble(cause) / (others / weights)));
    }

    private static List<NextTest> next(
            List<Cause> thought, double[] now, Evidence evidence, EvidenceTable table) {
        var tests = new ArrayList<NextTest>();
        for (var test : table.tests().values()) {
            if (!evidence.isDone(test)) {
                double gain = gain(thought, now, test);
                tests.add(
                        new NextTest(
                                test.id(),
                                test.words(),
                                test.minutes(),
                                gain,
                                gain / test.minutes(),
                                test.checks()));
            }
        }
        tests.sort(
                Comparator.comparingDouble((NextTest t) -> -t.bitsAMinute)
                        .thenComparingDouble(NextTest::minutes)
                        .thenComparing(NextTest::id));
        return tests;
    }

    private static double gain(List<Cause> thought, double[] now, Test test) {
        double[] positive = new double[now.length];
        double[] negative = new double[now.length];
        double chance = 0;
        for (int i = 0; i < now.length; i++) {
            double p = test.chance(thought.get(i).id());
            positive[i] = now[i] * p;
            negative[i] = now[i] * (1 - p);
            chance += positive[i];
        }
        for (int i = 0; i < now.length; i++) {
            positive[i] /= chance;
            negative[i] /= 1 - chance;
        }
        double gain = entropy(now) - chance * entropy(positive) - (1 - chance) * entropy(negative);
        // A gain is never negative; what is left below zero is the noise of doubles.
        return Math.max(0, gain);
    }

    private static List<String> notes(List<Ranked> ranked) {
        var notes = new ArrayList<String>();
        var best = ranked.get(0);
        if (!best.unexplained.isEmpty()) {
            notes.add(
                    "“%s” does not explain: %s. Think of two faults."
                            .formatted(best.cause, String.join("; ", best.unexplained)));
        }
        return notes;
    }

    private static String sentence(
            List<Ranked> ranked, List<NextTest> next, Evidence evidence, boolean enough) {
        if (evidence.equals(Evidence.NOTHING)) {
            return "Nothing is known yet: say what is complained of, or look at something.";
        }
        var best = ranked.get(0);
        var second = ranked.get(1);
        var likeliest =
                best.probability < FAR_AHEAD * second.probability
                        ? "%s (%s %%) or %s (%s %%)"
                                .formatted(best.cause, percent(best), second.cause, percent(second))
                        : "%s (%s %%)".formatted(best.cause, percent(best));
        var how =
                best.probability >= SPOKEN
                        ? "Most likely, by judgement: "
                        : "It may be, by judgement: ";
        return how
                + likeliest
                + ". "
                + (enough
                        ? "No quick look tells much more; it is proved when it is seen."
                        : "Next: "
                                + next.get(0).test
                                + ", "
                                + PlainDigits.exact(next.get(0).minutes)
                                + " min.");
    }

    private static String percent(Ranked cause) {
        return PlainDigits.rounded(100 * cause.probability, 0);
    }
}
