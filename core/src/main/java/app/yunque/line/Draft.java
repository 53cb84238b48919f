package app.yunque.line;

import app.yunque.line.LineReading.Amount;
import app.yunque.line.LineReading.Finding;
import app.yunque.line.LineReading.Part;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A part while more is said of it. */
final class Draft {
    String name = "";
    PartKind kind = PartKind.OTHER;
    boolean plural;
    @Nullable Integer count;
    @Nullable Integer shaft;
    @Nullable Side side;
    @Nullable GearPlace gear;
    String position = "";
    String wayRound = "";
    String size = "";
    @Nullable Integer teeth;
    @Nullable Amount thickness;
    final List<Finding> found = new ArrayList<>();
    boolean renew;
    String with = "";
    String insteadOf = "";
    int at;
    int clause;
    int group;

    void add(List<Finding> more) {
        more.stream()
                .filter(
                        f ->
                                found.stream()
                                        .noneMatch(g -> g.what() == f.what() && g.not() == f.not()))
                .forEach(found::add);
    }

    Part part() {
        return new Part(
                name, kind, count, shaft, side, gear, position, wayRound, size, teeth, thickness,
                found, renew, with, insteadOf);
    }
}
