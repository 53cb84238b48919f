package app.yunque.drive;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;

/**
 * What is different between the papers of a unit before and after: the ratio first, for it changes what the machine does, then stage by
 * stage.
 *
 * @param differences in that order; empty when the papers say the same
 */
public record PapersChange(List<Difference> differences) {
    private static final int DIGITS = 5;
    private static final String NOTHING = "none";

    /**
     * @param what    what changed: "ratio from input to output", "stage 2"
     * @param was     what it was, in words
     * @param becomes what it is now, in words
     */
    public record Difference(String what, String was, String becomes) {
        /** "stage 2: 19/57, was 19/58". */
        public String inWords() {
            return "%s: %s, was %s".formatted(what, becomes, was);
        }
    }

    public PapersChange {
        differences = List.copyOf(differences);
    }

    /** Compares what turns; a lever position changes no stage and is compared by the ratio of the first one. */
    public static PapersChange between(Drive before, Drive after) {
        var found = new ArrayList<Difference>();
        var was = ratio(before);
        var becomes = ratio(after);
        if (!was.equals(becomes)) {
            found.add(new Difference("ratio from input to output", was, becomes));
        }
        int most = Math.max(before.stages().size(), after.stages().size());
        for (int i = 0; i < most; i++) {
            var one = stage(before, i);
            var other = stage(after, i);
            if (!one.equals(other)) {
                found.add(new Difference("stage " + (i + 1), one, other));
            }
        }
        return new PapersChange(found);
    }

    private static String ratio(Drive drive) {
        return drive.stages().isEmpty() ? NOTHING : PlainDigits.about(drive.ratio(), DIGITS);
    }

    private static String stage(Drive drive, int place) {
        return place < drive.stages().size() ? drive.stages().get(place).inWords() : NOTHING;
    }
}
