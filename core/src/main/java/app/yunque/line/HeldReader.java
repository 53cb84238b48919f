package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.line.LineReading.Fastener;
import java.util.List;
import java.util.regex.Pattern;

/** Tells screws and nuts that held a part from those that are parts of their own. */
final class HeldReader {
    private static final Pattern HELD_IN_THE_SAME_BREATH =
            words(
                    "^[\\s\\u0000]+(?:(?:held )?by |with )?(\\d{1,2}|"
                            + Numbers.WORDS
                            + ")\\s+((?:\\p{L}+ ){0,2}?(?:bolts|screws|nuts|studs|capscrews))\\b");

    private final TypedLine line;

    HeldReader(TypedLine line) {
        this.line = line;
    }

    /** Screws and nuts that are counted after another part held that part; one by itself may be a part of its own. */
    boolean isHeldBy(
            Clause clause, Head head, List<FastenerReader.Read> fasteners, List<Draft> drafts) {
        if (!PartReader.FASTENERS.contains(head.kind()) || drafts.isEmpty()) {
            return false;
        }
        if (line.vocabulary().isPlural(head.name().strip())
                && line.left(clause.from(), head.from()).isBlank()
                && fasteners.stream()
                        .noneMatch(f -> f.from() >= clause.from() && f.from() < clause.to())) {
            return true;
        }
        if (drafts.stream().allMatch(d -> PartReader.FASTENERS.contains(d.kind))) {
            return false;
        }
        var own =
                fasteners.stream()
                        .filter(f -> f.from() >= clause.from() && f.from() < clause.to())
                        .findFirst();
        boolean plural = line.vocabulary().isPlural(head.name().strip());
        if (own.isPresent() && !own.get().fastener().thread().isEmpty()) {
            return plural || own.get().from() < head.from();
        }
        var counted =
                ClauseReader.LEADING_COUNT.matcher(
                        line.left(clause.from(), head.from()).replace(TypedLine.GONE, ' '));
        if (counted.find()
                && (plural || !Numbers.first(counted.toMatchResult(), 1, 2).equals("1"))) {
            boolean isToldLater =
                    fasteners.stream()
                            .anyMatch(
                                    f ->
                                            f.from() >= clause.to()
                                                    && !f.fastener().thread().isEmpty()
                                                    && f.fastener().count() != null);
            if (isToldLater) {
                return true;
            }
            var count = Numbers.of(Numbers.first(counted.toMatchResult(), 1, 2)).orElse(null);
            fasteners.add(
                    new FastenerReader.Read(
                            new Fastener(count, "", null, null, null, "", "", null, "", -1),
                            clause.from(),
                            clause.to(),
                            head.name()));
            line.take(
                    clause.from(),
                    head.to(),
                    "held by " + TypedLine.tidy(line.left(clause.from(), head.to())));
            return true;
        }
        return plural;
    }

    /** "Left cover 8 bolts": counted, without a thread. */
    void inTheSameBreath(Clause clause, Head head, List<FastenerReader.Read> fasteners) {
        boolean isSaid =
                fasteners.stream()
                        .anyMatch(f -> f.from() >= clause.from() && f.from() < clause.to());
        var held = HELD_IN_THE_SAME_BREATH.matcher(line.left(head.to(), clause.to()));
        if (isSaid || PartReader.FASTENERS.contains(head.kind()) || !held.find()) {
            return;
        }
        int from = head.to() + held.start(1);
        int to = head.to() + held.end(2);
        fasteners.add(
                new FastenerReader.Read(
                        new Fastener(
                                Numbers.of(held.group(1)).orElse(null),
                                "",
                                null,
                                null,
                                null,
                                "",
                                "",
                                null,
                                "",
                                -1),
                        from,
                        to,
                        held.group(2)));
        line.take(from, to, "held by " + TypedLine.tidy(line.left(from, to)));
    }
}
