package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Makes several parts of one name: left and right, or one for each size. */
final class SeveralReader {
    private static final Pattern LEFT_AND_RIGHT =
            words(
                    "\\bL(?:eft)?\\s?("
                            + SizeReader.NUM
                            + ")\\b,?\\s+(?:and\\s+)?R(?:ight)?\\s?("
                            + SizeReader.NUM
                            + ")\\b");

    private final TypedLine line;
    private final SizeReader sizes;

    SeveralReader(TypedLine line, SizeReader sizes) {
        this.line = line;
        this.sizes = sizes;
    }

    /** "Shims: L 0.40, R 0.65": one at each side. */
    boolean leftAndRight(Clause clause, Draft d, List<Draft> drafts) {
        var both = line.take(LEFT_AND_RIGHT, "left and right", clause.from(), line.length());
        if (both.isEmpty()) {
            return false;
        }
        var m = both.get();
        var right = new Draft();
        right.name = d.name;
        right.kind = d.kind;
        right.plural = true;
        right.at = d.at;
        right.clause = d.clause;
        right.group = d.group;
        right.side = Side.RIGHT;
        right.thickness = new LineReading.Amount(m.group(2), "mm");
        d.side = Side.LEFT;
        d.plural = true;
        d.thickness = new LineReading.Amount(m.group(1), "mm");
        drafts.add(right);
        return true;
    }

    /** "O-rings 20x2, 16x2": one part for each size. */
    boolean severalSizes(Clause clause, Draft d, List<Draft> drafts) {
        if (d.kind != PartKind.O_RING || d.count != null) {
            return false;
        }
        var several = new ArrayList<String>();
        int to = line.length();
        for (var m = sizes.sizeOfRing(clause.from(), to);
                m.isPresent();
                m = sizes.sizeOfRing(clause.from(), to)) {
            several.add(m.get().group(1));
        }
        if (several.isEmpty()) {
            return false;
        }
        d.size = several.get(0);
        if (several.size() == 1) {
            return false;
        }
        d.count = 1;
        for (int i = 1; i < several.size(); i++) {
            var more = new Draft();
            more.name = d.name;
            more.kind = d.kind;
            more.count = 1;
            more.at = d.at;
            more.clause = d.clause;
            more.group = d.group;
            more.size = several.get(i);
            more.shaft = d.shaft;
            drafts.add(more);
        }
        return false;
    }
}
