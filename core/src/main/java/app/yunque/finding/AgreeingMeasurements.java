package app.yunque.finding;

import app.yunque.measure.Reading;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One word on each thing that was measured more than once. The last one counts while it agrees with the others; where readings differ by
 * more than their uncertainties, neither counts until a third decides: then the pair that agrees is used. On a part where doubtful counts
 * as failed the worst stands until then. What cannot be compared, another unit or no value at all, takes nothing's place: the worst of it
 * stands beside, and what was judged by no limit hides nothing. Two places
 * on one part, as the two seats of a shaft, are two things. Source: common practice, no source.
 */
public final class AgreeingMeasurements {
    private AgreeingMeasurements() {}

    /**
     * @param taken  measurements on one part in the order they were taken
     * @param strict true on a part where doubtful counts as failed
     * @return one for each check and unit; those that hang on no check stay as they are
     */
    public static List<Measured> of(List<Measured> taken, boolean strict) {
        Map<String, List<Measured>> byCheck = new LinkedHashMap<>();
        var kept = new ArrayList<Measured>();
        for (var one : taken) {
            if (one.check().isEmpty()) {
                kept.add(one);
            } else {
                byCheck.computeIfAbsent(kind(one), c -> new ArrayList<>()).add(one);
            }
        }
        byCheck.values().forEach(same -> kept.add(lastWord(judgedOrAll(same), strict)));
        return List.copyOf(kept);
    }

    /** The same check at the same place, read in the same unit or not read as a value at all. */
    private static String kind(Measured one) {
        var reading = one.reading();
        return one.check()
                + (reading == null ? "" : " in " + reading.unit())
                + " at "
                + one.taking().where().strip().toLowerCase(Locale.ROOT);
    }

    private static List<Measured> judgedOrAll(List<Measured> same) {
        var judged = same.stream().filter(Measured::isJudged).toList();
        return judged.isEmpty() ? same : judged;
    }

    private static Measured lastWord(List<Measured> same, boolean strict) {
        var last = same.get(same.size() - 1);
        if (last.reading() == null) {
            return worst(same);
        }
        if (same.stream().allMatch(m -> agree(m, last))) {
            return last.confirmed(same.size());
        }
        for (int later = same.size() - 1; later > 0; later--) {
            for (int earlier = later - 1; earlier >= 0; earlier--) {
                if (agree(same.get(later), same.get(earlier))) {
                    return same.get(later).confirmed(2);
                }
            }
        }
        return strict ? worst(same) : contradiction(same.get(same.size() - 2), last);
    }

    private static Measured worst(List<Measured> same) {
        return same.stream()
                .reduce((a, b) -> a.verdict().worse(b.verdict()) == b.verdict() ? b : a)
                .orElseThrow();
    }

    private static boolean agree(Measured one, Measured other) {
        return one.reading() != null
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
