package app.yunque.diagnosis;

import app.yunque.diagnosis.EvidenceTable.Cause;
import app.yunque.diagnosis.EvidenceTable.Test;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What a shop knows better than the table that ships: how likely a cause is before anything is known, or how often a sign or a positive
 * test goes with it. Judgement, like the table itself.
 *
 * @param cause cause by its name: "C01"
 * @param of    empty for the weight, else a sign or a test by its name: "S01", "T01"
 * @param value weight 0.1 to 100, or chance 0.01 to 0.99: nothing is certain, and nothing is impossible, before it is looked at
 */
public record EvidenceCorrection(String cause, String of, double value) {
    public static final Range WEIGHT =
            Range.of("value", "weight before anything is known", 0.1, 100, "");
    public static final Range CHANCE = Range.of("value", "chance with this cause", 0.01, 0.99, "");

    /** @throws Refused for a cause, sign or test that is in no table, and a value out of its range */
    public EvidenceCorrection {
        var table = EvidenceTable.shipped();
        if (!table.causes().containsKey(cause)) {
            throw Refused.because("cause", "There is no cause “%s” in the table.".formatted(cause));
        }
        if (!of.isEmpty() && !table.signs().containsKey(of) && !table.tests().containsKey(of)) {
            throw Refused.because(
                    "of", "There is no sign and no test “%s” in the table.".formatted(of));
        }
        Refused.ifAny((of.isEmpty() ? WEIGHT : CHANCE).judge(value));
    }

    /** What the table that ships says in this place. */
    public static double shipped(String cause, String of) {
        var table = EvidenceTable.shipped();
        var known = table.causes().get(cause);
        if (of.isEmpty()) {
            return known.weight();
        }
        var test = table.tests().get(of);
        return test == null ? known.chance(of) : test.chance(cause);
    }

    /** The table that ships with the corrections of a shop; of two for one place the later counts. */
    public static EvidenceTable corrected(Collection<EvidenceCorrection> corrections) {
        var shipped = EvidenceTable.shipped();
        if (corrections.isEmpty()) {
            return shipped;
        }
        var causes = new LinkedHashMap<>(shipped.causes());
        var tests = new LinkedHashMap<>(shipped.tests());
        for (var c : corrections) {
            var test = tests.get(c.of);
            if (test != null) {
                tests.put(c.of, with(test, c));
            } else {
                causes.put(c.cause, with(causes.get(c.cause), c));
            }
        }
        return new EvidenceTable(shipped.signs(), causes, tests);
    }

    private static Test with(Test t, EvidenceCorrection c) {
        return new Test(
                t.id(),
                t.words(),
                t.minutes(),
                t.repeats(),
                put(t.levels(), c.cause, c.value),
                t.checks(),
                t.positive(),
                t.negative());
    }

    private static Cause with(Cause cause, EvidenceCorrection c) {
        boolean isWeight = c.of.isEmpty();
        return new Cause(
                cause.id(),
                cause.words(),
                isWeight ? c.value : cause.weight(),
                cause.kinds(),
                isWeight ? cause.levels() : put(cause.levels(), c.of, c.value),
                cause.putRight());
    }

    private static Map<String, Double> put(Map<String, Double> levels, String key, double value) {
        var more = new HashMap<>(levels);
        more.put(key, value);
        return Map.copyOf(more);
    }
}
