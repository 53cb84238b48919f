package app.yunque.diagnosis;

import app.yunque.measure.Refused;
import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * What is known: signs that are there and signs that are not, tests that were positive and negative, by name. What stands in none of them was not looked at.
 *
 * @param present  signs that are there
 * @param absent   signs that are not
 * @param positive tests that were positive
 * @param negative tests that were negative
 */
public record Evidence(
        Set<String> present, Set<String> absent, Set<String> positive, Set<String> negative) {
    public static final Evidence NOTHING = new Evidence(Set.of(), Set.of(), Set.of(), Set.of());

    /** @throws Refused for a name that is in no table, and for what is said both ways */
    public Evidence {
        present = Set.copyOf(present);
        absent = Set.copyOf(absent);
        positive = Set.copyOf(positive);
        negative = Set.copyOf(negative);
        refuseUnknown("present", present, EvidenceTable.shipped().signs());
        refuseUnknown("absent", absent, EvidenceTable.shipped().signs());
        refuseUnknown("positive", positive, EvidenceTable.shipped().tests());
        refuseUnknown("negative", negative, EvidenceTable.shipped().tests());
        refuseBoth("absent", present, absent);
        refuseBoth("negative", positive, negative);
    }

    private static void refuseUnknown(String field, Set<String> names, Map<String, ?> known) {
        names.stream()
                .filter(n -> !known.containsKey(n))
                .sorted()
                .findFirst()
                .ifPresent(
                        n -> {
                            throw Refused.because(
                                    field,
                                    "“%s” is in no table. The names go from %s to %s."
                                            .formatted(
                                                    n,
                                                    new TreeSet<>(known.keySet()).first(),
                                                    new TreeSet<>(known.keySet()).last()));
                        });
    }

    private static void refuseBoth(String field, Collection<String> one, Collection<String> other) {
        one.stream()
                .filter(other::contains)
                .sorted()
                .findFirst()
                .ifPresent(
                        n -> {
                            throw Refused.because(
                                    field,
                                    "%s is said both ways. Which of the two is it?".formatted(n));
                        });
    }

    boolean isDone(EvidenceTable.Test test) {
        return positive.contains(test.id())
                || negative.contains(test.id())
                || present.contains(test.repeats())
                || absent.contains(test.repeats());
    }
}
