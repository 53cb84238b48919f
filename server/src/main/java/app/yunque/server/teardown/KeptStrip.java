package app.yunque.server.teardown;

import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A strip read once.
 *
 * @param steps as the core knows them, in order
 * @param views the same as the screens show them
 */
public record KeptStrip(List<TeardownStep> steps, List<StepView> views) {
    /** As the unit stands since: where something was missing or wrong, what belongs there is in. */
    public KeptStrip asRebuilt() {
        var rebuilt = steps.stream().map(TeardownStep::asRebuilt).toList();
        return new KeptStrip(
                rebuilt,
                IntStream.range(0, steps.size())
                        .mapToObj(
                                i ->
                                        steps.get(i).belongs() == null
                                                ? views.get(i)
                                                : views.get(i).asRebuilt(rebuilt.get(i)))
                        .toList());
    }
}
