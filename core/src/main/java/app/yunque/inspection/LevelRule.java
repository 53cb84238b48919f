package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How much a check is wanted as it stands in its table, and what raises it: {@code S; M: GROWL SEA}. The level is the highest that any
 * circumstance gives; nothing lowers it.
 *
 * @param base   without any circumstance
 * @param raised what each circumstance raises it to
 */
record LevelRule(CheckLevel base, Map<Circumstance, CheckLevel> raised) {
    private static final Map<String, LevelRule> BY_CHECK =
            Checks.all().stream()
                    .collect(Collectors.toUnmodifiableMap(Check::id, c -> read(c.level())));

    LevelRule {
        raised = Map.copyOf(raised);
    }

    static LevelRule of(Check check) {
        return Objects.requireNonNull(BY_CHECK.get(check.id()), check.id());
    }

    /** @throws IllegalStateException when the table says a level that there is not */
    static LevelRule read(String cell) {
        var clauses = Arrays.stream(cell.split(";")).map(String::strip).toList();
        var raised = new EnumMap<Circumstance, CheckLevel>(Circumstance.class);
        for (var clause : clauses.subList(1, clauses.size())) {
            var sides = clause.split(":", 2);
            var level = CheckLevel.of(sides[0].strip());
            for (var word : sides[1].strip().split("\\s+")) {
                raised.merge(
                        Circumstance.valueOf(word), level, (a, b) -> a.compareTo(b) < 0 ? b : a);
            }
        }
        return new LevelRule(CheckLevel.of(clauses.get(0)), raised);
    }

    CheckLevel in(Set<Circumstance> circumstances) {
        return circumstances.stream()
                .map(c -> raised.getOrDefault(c, base))
                .reduce(base, (a, b) -> a.compareTo(b) < 0 ? b : a);
    }

    /** Of these, what raised it to where it stands; empty while it stands at its base. */
    Set<Circumstance> raisedBy(Set<Circumstance> circumstances) {
        var level = in(circumstances);
        return level == base
                ? Set.of()
                : circumstances.stream()
                        .filter(c -> raised.get(c) == level)
                        .collect(Collectors.toUnmodifiableSet());
    }
}
