package app.yunque.finding;

import app.yunque.measure.Reading;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One word on each thing that was measured more than once. The last one counts while it agrees with the others; where readings differ by
 * more than their uncertainties, neither counts until a third decides: then the pair that agrees is used. On a part where doubtful counts
 * as failed the worst stands until then. Source: common practice, no source.
 */
public final class AgreeingMeasurements {
    private AgreeingMeasurements() {}

    /**
     * @param taken  measurements on one part in the order they were taken
     * @param strict true on a part where doubtful counts as failed
     * @return one for each check; those that hang on no check stay as they are
     */
    public static List<Measured> of(List<Measured> taken, boolean strict) {
        Map<String, List<Measured>> byCheck = new LinkedHashMap<>();
        var kept = new ArrayList<Measured>();
        for (var one : taken) {
            if (one.check().isEmpty()) {
                kept.add(one);
            } else {
                byCheck.computeIfAbsent(one.check(), c -> new ArrayList<>()).add(one);
            }
        }
        byCheck.values().forEach(same -> kept.add(lastWord(same, strict)));
        return List.copyOf(kept);
    }

    private static Measured lastWord(List<Measured> same, boolean strict) {
        var last = same.get(same.size() - 1);
        var comparable = same.stream().filter(m -> isComparable(m, last)).toList();
        if (comparable.stream().allMatch(m -> agree(m, last))) {
            return last;
        }
        for (int later = comparable.size() - 1; later > 0; later--) {
            for (int earlier = later - 1; earlier >= 0; earlier--) {
                if (agree(comparable.get(later), comparable.get(earlier))) {
                    return comparable.get(later);
                }
            }
        }
        return strict
                ? comparable.stream()
                        .reduce((a, b) -> a.verdict().worse(b.verdict()) == a.verdict() ? a : b)
                        .orElse(last)
                : contradiction(comparable.get(comparable.size() - 2), last);
    }

    /** Of one unit; a measurement without a value cannot contradict another. */
    private static boolean isComparable(Measured one, Measured last) {
        return one == last
                || one.reading() != null
                        && last.reading() != null
                        && one.reading().unit().equals(last.reading().unit());
    }

    private static boolean agree(Measured one, Measured other) {
        return one == other
                || one.reading() != null
                        && other.reading() != null
                        && one.reading().agreesWith(other.reading());
    }

    private static Measured contradiction(Measured one, Measured last) {
        return new Measured(
                last.check(),
                Verdict.DOUBTFUL,
                null,
                false,
                "%s and %s cannot both be right: find out why, then measure a third time in another way."
                        .formatted(words(one.reading()), words(last.reading())),
                null);
    }

    private static String words(@Nullable Reading reading) {
        return reading == null ? "" : reading.inWords();
    }
}
