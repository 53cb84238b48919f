package app.yunque.server.unit;

import app.yunque.drive.Drive;
import app.yunque.measure.Refused;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What changed its number when papers were corrected.
 *
 * @param stages new number of each stage that stayed, by its old one
 * @param shafts new number of each shaft, by its old one
 * @param hasLost true when a stage is gone
 */
public record PapersMoves(
        Map<Integer, Integer> stages, Map<Integer, Integer> shafts, boolean hasLost) {

    /** Without a word of where they came from the stages stand as they stood. */
    static Map<Integer, Integer> stages(int before, List<StageRequest> after) {
        var moved = new LinkedHashMap<Integer, Integer>();
        boolean isTold = after.stream().map(StageRequest::was).anyMatch(Objects::nonNull);
        for (int i = 0; i < after.size(); i++) {
            var was = isTold ? after.get(i).was() : Integer.valueOf(i + 1);
            if (was == null || (!isTold && was > before)) {
                continue;
            }
            if (was < 1 || was > before || moved.containsKey(was)) {
                throw Refused.because(
                        "stages[" + i + "].was",
                        "Stage %d cannot have been stage %d: the papers described %d, and each became one. Fetch the papers anew."
                                .formatted(i + 1, was, before));
            }
            moved.put(was, i + 1);
        }
        return moved;
    }

    static PapersMoves of(Drive before, Drive after, Map<Integer, Integer> stages) {
        return new PapersMoves(
                stages,
                before.shafts().movedTo(after.shafts(), stages),
                stages.size() < before.stages().size());
    }

    /** True when everything stands where it stood. */
    public boolean isNothing() {
        return !hasLost
                && stages.entrySet().stream().allMatch(e -> e.getKey().equals(e.getValue()))
                && shafts.entrySet().stream().allMatch(e -> e.getKey().equals(e.getValue()));
    }
}
